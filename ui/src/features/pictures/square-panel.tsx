import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../controls/button';
import { InlineNumber } from '../../controls/inline-number';
import { PictureMarks } from './picture-marks';
import { RefusedNote } from '../../controls/problem-note';
import { Switch } from '../../controls/switch';
import { api, errorsOf, take } from '../../server/client';
import { errorAt } from '../../server/use-measured';
import type { KeptPicture } from './picture-file';

interface Props {
  pictureId: number;
  /** @param wideMm how wide the sheet is, where that is known */
  onSquared: (picture: KeptPicture, wideMm: number | undefined) => void;
}

const names = ['top left', 'top right', 'bottom right', 'bottom left'].map((corner) => `Corner ${corner}`);
const START = [
  { across: 0.1, down: 0.1 },
  { across: 0.9, down: 0.1 },
  { across: 0.9, down: 0.9 },
  { across: 0.1, down: 0.9 },
];
const SIDE = { field: 'sideMm', label: 'side of the sheet', low: 5, high: 2000, unit: 'mm', whole: false };

/** Four corners of a sheet in a photo that was taken at an angle, dragged or moved by the arrow keys. */
export function SquarePanel({ pictureId, onSquared }: Props) {
  const [corners, setCorners] = useState(START);
  const [known, setKnown] = useState(true);
  const [wide, setWide] = useState(210);
  const [high, setHigh] = useState(297);
  const square = useMutation({
    meta: { form: true },
    mutationFn: () =>
      take(
        api.POST('/api/pictures/{id}/squared', {
          params: { path: { id: pictureId } },
          body: { corners, ...(known ? { wideMm: wide, highMm: high } : {}) },
        }),
      ),
    onSuccess: (picture) => onSquared(picture, known ? wide : undefined),
  });
  const errors = errorsOf(square.error);
  return (
    <div role="group" aria-label="Square it up" className="flex flex-col gap-2 border-t border-line pt-2">
      <p className="text-note text-soft">
        Move the marks to the corners of a sheet of paper, or of anything with right angles that lies flat in the photo.
      </p>
      <PictureMarks
        pictureId={pictureId}
        alt="The picture as it was taken"
        names={names}
        spots={corners}
        onMove={(index, spot) => setCorners((all) => all.map((one, i) => (i === index ? spot : one)))}
      >
        <polygon
          points={corners.map((c) => `${c.across},${c.down}`).join(' ')}
          fill="none"
          stroke="#0c5f50"
          strokeWidth="2"
          vectorEffect="non-scaling-stroke"
        />
      </PictureMarks>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <Switch label="the size of the sheet is known" on={known} onChange={setKnown} />
        {known && (
          <>
            <InlineNumber
              of="Sheet"
              words="wide"
              value={wide}
              span={SIDE}
              error={errorAt(errors, 'wideMm')}
              onChange={setWide}
              onSettle={() => undefined}
            />
            <InlineNumber
              of="Sheet"
              words="high"
              value={high}
              span={SIDE}
              error={errorAt(errors, 'highMm')}
              onChange={setHigh}
              onSettle={() => undefined}
            />
          </>
        )}
        <Button kind="main" disabled={square.isPending} onClick={() => square.mutate()}>
          Square
        </Button>
      </div>
      <RefusedNote error={square.error} />
    </div>
  );
}
