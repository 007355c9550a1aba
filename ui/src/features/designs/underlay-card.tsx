import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../controls/button';
import { FileButton } from '../../controls/file-button';
import { InlineNumber } from '../../controls/inline-number';
import { RefusedNote } from '../../controls/problem-note';
import { sendFile, type InputError } from '../../server/client';
import type { Design, Underlay } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { plainIn, u } from '../../words/figures';
import { sendable, type KeptPicture } from '../pictures/picture-file';
import { SquarePanel } from '../pictures/square-panel';
import type { Marks } from './use-marks';

interface Props {
  id: number;
  edition: number;
  side: Underlay['side'];
  design: Pick<Design, 'underlays'>;
  highMm: number;
  errors: InputError[];
  marks: Marks;
  onChange: (change: (underlays: Underlay[]) => Underlay[]) => void;
  onSettle: () => void;
}

const hundredth = (mm: number) => Math.round(mm * 100) / 100;

const fields = [
  { field: 'acrossMm', words: 'across' },
  { field: 'upMm', words: 'foot up' },
  { field: 'strengthPercent', words: 'strength' },
] as const;

/** The picture behind a view: a sketch or a photo, set to size by one length that is known. */
export function UnderlayCard(props: Props) {
  const { id, edition, side, design, highMm, errors, marks, onChange, onSettle } = props;
  const limits = useLimits();
  const [squaring, setSquaring] = useState(false);
  const all = design.underlays ?? [];
  const at = all.findIndex((one) => one.side === side);
  const own = all[at];
  // While a width is typed it may be nothing for a moment: the ratio is that of the picture, not of what is typed.
  const [ratio, setRatio] = useState({ of: own?.pictureId, high: own ? own.heightMm / own.widthMm : 1 });
  if (own && ratio.of !== own.pictureId) setRatio({ of: own.pictureId, high: own.heightMm / own.widthMm });
  const set = (some: Partial<Underlay>) =>
    onChange((before) => before.map((one) => (one.side === side ? { ...one, ...some } : one)));
  const add = useMutation({
    mutationFn: async (file: File) => sendFile<KeptPicture>('/api/pictures/photo', await sendable(file)),
    onSuccess: ({ id: pictureId, widePx, highPx }) => {
      const high = Math.max(10, Math.round(highMm));
      const fresh: Underlay = {
        pictureId,
        side,
        widthMm: Math.round((high * widePx * 10) / highPx) / 10,
        heightMm: high,
        acrossMm: 0,
        upMm: 0,
        strengthPercent: 50,
        sized: false,
      };
      onChange((before) => [...before.filter((one) => one.side !== side), fresh]);
      onSettle();
    },
  });
  /** The whole picture so many times as large, about a place that stays. */
  const scale = (times: number, about: { across: number; up: number }) => {
    if (!own) return;
    set({
      widthMm: hundredth(own.widthMm * times),
      heightMm: hundredth(own.heightMm * times),
      acrossMm: hundredth(about.across + (own.acrossMm - about.across) * times),
      upMm: hundredth(about.up + (own.upMm - about.up) * times),
      sized: true,
    });
    onSettle();
  };
  return (
    <section
      aria-label="Picture behind this view"
      className="flex flex-col gap-1 rounded-card border border-line bg-paper px-4 py-2"
    >
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <h2 className="text-figure">Picture behind</h2>
        <FileButton accept="image/png,image/jpeg,image/svg+xml" onFile={(file) => add.mutate(file)}>
          {own ? 'Another picture' : 'Add a sketch or photo'}
        </FileButton>
        {own && (
          <>
            <Button kind="quiet" onClick={() => setSquaring((open) => !open)} aria-expanded={squaring}>
              Square it up
            </Button>
            <Button
              kind="quiet"
              onClick={() => {
                onChange((before) => before.filter((one) => one.side !== side));
                onSettle();
              }}
            >
              Remove the picture
            </Button>
          </>
        )}
        <a
          className="ml-auto font-semibold text-verdigris underline"
          href={`/api/designs/${id}/true-size/${side}.pdf?edition=${edition}`}
          target="_blank"
          rel="noreferrer"
        >
          Print at true size
        </a>
      </div>
      {add.isPending && <p role="status">Saving the picture …</p>}
      <RefusedNote error={add.error} />
      {own && (
        <>
          <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
            <InlineNumber
              of="Picture"
              words="wide"
              value={own.widthMm}
              span={spanOf(limits, 'underlay', 'widthMm')}
              chars={5}
              error={errorAt(errors, `underlays[${at}].widthMm`)}
              onChange={(widthMm) => set({ widthMm, heightMm: hundredth(widthMm * ratio.high), sized: true })}
              onSettle={onSettle}
            />
            {fields.map(({ field, words }) => (
              <InlineNumber
                key={field}
                of="Picture"
                words={words}
                value={own[field] ?? 0}
                span={spanOf(limits, 'underlay', field)}
                error={errorAt(errors, `underlays[${at}].${field}`)}
                onChange={(value) => set({ [field]: value })}
                onSettle={onSettle}
              />
            ))}
          </div>
          <KnownLength sized={own.sized ?? false} marks={marks} onScale={scale} />
          {squaring && (
            <SquarePanel
              pictureId={own.pictureId}
              onSquared={(picture, wideMm) => {
                const widthMm = wideMm ?? own.widthMm;
                set({
                  pictureId: picture.id,
                  widthMm,
                  heightMm: hundredth((widthMm * picture.highPx) / picture.widePx),
                  sized: wideMm !== undefined || (own.sized ?? false),
                });
                onSettle();
                setSquaring(false);
              }}
            />
          )}
        </>
      )}
    </section>
  );
}

interface KnownProps {
  sized: boolean;
  marks: Marks;
  onScale: (times: number, about: { across: number; up: number }) => void;
}

const LENGTH = { field: 'knownMm', label: 'known length', low: 1, high: 2000, unit: 'mm', whole: false };

/** Sets the picture to size: two places in it are marked, and how far they are apart is typed. */
function KnownLength({ sized, marks, onScale }: KnownProps) {
  const [known, setKnown] = useState(50);
  const [one, other] = marks.places;
  const apart = one && other ? Math.hypot(other.across - one.across, other.up - one.up) : 0;
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 text-note">
      {!sized && (
        <span className="font-semibold text-straw">
          ◦ Not to size yet: mark a length you know, or type how wide it is.
        </span>
      )}
      {!marks.on && (
        <Button kind="quiet" onClick={marks.begin}>
          Mark a known length
        </Button>
      )}
      {marks.on && marks.places.length < 2 && (
        <>
          <span role="status">
            {marks.places.length === 0
              ? 'In the drawing, press where the known length begins.'
              : 'Now press where it ends.'}
          </span>
          <Button kind="quiet" onClick={marks.end}>
            Stop marking
          </Button>
        </>
      )}
      {one && other && (
        <>
          <InlineNumber
            of="Picture"
            words="this is"
            value={known}
            span={LENGTH}
            onChange={setKnown}
            onSettle={() => undefined}
          />
          <Button
            disabled={apart < 0.1}
            onClick={() => {
              onScale(known / apart, one);
              marks.end();
            }}
          >
            Set to size
          </Button>
          <span className="text-soft">
            now {plainIn('mm', Math.round(apart * 10) / 10)} {u.mm}
          </span>
          <Button kind="quiet" onClick={marks.begin}>
            Mark again
          </Button>
        </>
      )}
    </div>
  );
}
