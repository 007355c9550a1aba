import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { FileButton } from '../../controls/file-button';
import { InlineNumber } from '../../controls/inline-number';
import { PictureMarks, type Spot } from '../pictures/picture-marks';
import { RefusedNote } from '../../controls/problem-note';
import { api, errorsOf, sendFile, take } from '../../server/client';
import type { CutterEdge } from '../../server/types';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { mm, plainIn, u } from '../../words/figures';
import { sendable, type KeptPicture } from '../pictures/picture-file';
import { SquarePanel } from '../pictures/square-panel';

const names = ['One end of the known length', 'Its other end', 'Middle of the cutter'];
const START: Spot[] = [
  { across: 0.1, down: 0.9 },
  { across: 0.9, down: 0.9 },
  { across: 0.5, down: 0.45 },
];

interface Props {
  keeps: boolean;
  onTraced: (outline: number[][]) => void;
}

/** The outline of a cutter out of a photo of it on paper, beside something of known length. */
export function TracePanel({ keeps, onTraced }: Props) {
  const limits = useLimits();
  const [pictureId, setPictureId] = useState<number | null>(null);
  const [squaring, setSquaring] = useState(false);
  const [spots, setSpots] = useState(START);
  const [knownMm, setKnownMm] = useState(100);
  const [edge, setEdge] = useState<CutterEdge>('INSIDE');
  const trace = useMutation({
    meta: { form: true },
    mutationFn: (id: number) => {
      const [from = { across: 0, down: 0 }, to = from, middle = from] = spots;
      return take(api.POST('/api/outlines/traced', { body: { pictureId: id, from, to, middle, knownMm, edge } }));
    },
  });
  const show = (id: number) => {
    setPictureId(id);
    setSquaring(false);
    trace.reset();
  };
  const add = useMutation({
    mutationFn: async (file: File) => sendFile<KeptPicture>('/api/pictures/photo', await sendable(file)),
    onSuccess: ({ id }) => show(id),
  });
  const traced = trace.data;
  const errors = errorsOf(trace.error);
  return (
    <div role="group" aria-label="Trace a photo" className="flex basis-full flex-col gap-2 border-t border-line pt-2">
      <p className="text-note text-soft">
        Lay the cutter on plain paper beside a ruler, in even light, and photograph it straight from above. Where light
        breaks its edge, draw round it with a dark pen and photograph that.
      </p>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <FileButton accept="image/png,image/jpeg" onFile={(file) => add.mutate(file)}>
          {pictureId === null ? 'Choose the photo' : 'Another photo'}
        </FileButton>
        {pictureId !== null && (
          <Button kind="quiet" aria-expanded={squaring} onClick={() => setSquaring((open) => !open)}>
            Square it up
          </Button>
        )}
        {add.isPending && <span role="status">Saving the picture …</span>}
      </div>
      <RefusedNote error={add.error} />
      {pictureId !== null && squaring && <SquarePanel pictureId={pictureId} onSquared={({ id }) => show(id)} />}
      {pictureId !== null && !squaring && (
        <>
          <PictureMarks
            pictureId={pictureId}
            alt="The cutter"
            names={names}
            spots={spots}
            onMove={(index, spot) => {
              setSpots((all) => all.map((one, i) => (i === index ? spot : one)));
              trace.reset();
            }}
          >
            <line
              x1={spots[0]?.across}
              y1={spots[0]?.down}
              x2={spots[1]?.across}
              y2={spots[1]?.down}
              stroke="#0c5f50"
              strokeWidth="2"
              vectorEffect="non-scaling-stroke"
            />
            {traced && (
              <polygon
                points={traced.line.map((at) => `${at.across},${at.down}`).join(' ')}
                fill="#0c5f50"
                fillOpacity="0.25"
                stroke="#a3402f"
                strokeWidth="2"
                vectorEffect="non-scaling-stroke"
              />
            )}
          </PictureMarks>
          <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
            <InlineNumber
              of="Trace"
              words="known length"
              value={knownMm}
              span={spanOf(limits, 'trace', 'knownMm')}
              chars={5}
              error={errorAt(errors, 'knownMm')}
              onChange={(value) => {
                setKnownMm(value);
                trace.reset();
              }}
              onSettle={() => undefined}
            />
            <label className="inline-flex items-center gap-1 text-note text-soft">
              cut at the
              <Choice
                label="Trace, cut at the"
                value={edge}
                options={choicesOf(limits, 'cutterEdge')}
                onChange={(value) => {
                  setEdge(value as CutterEdge);
                  trace.reset();
                }}
              />
            </label>
            <Button kind="main" disabled={trace.isPending} onClick={() => trace.mutate(pictureId)}>
              Trace
            </Button>
          </div>
          <RefusedNote error={trace.error} />
          {traced && (
            <div className="flex flex-wrap items-center gap-x-3 gap-y-1" role="status">
              <span>
                <b className="figure">
                  {mm(traced.outline.widthMm)} × {mm(traced.outline.heightMm)}
                </b>{' '}
                {u.mm}, true to about {plainIn('mm', Math.round(traced.dotMm * 100) / 100)} {u.mm}
              </span>
              <Button onClick={() => onTraced(traced.outline.rings)}>{keeps ? 'Keep' : 'Use'} this outline</Button>
            </div>
          )}
        </>
      )}
    </div>
  );
}
