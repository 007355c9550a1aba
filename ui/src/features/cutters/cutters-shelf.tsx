import { useState } from 'react';
import { Button } from '../../controls/button';
import { DraftText } from '../../controls/draft-text';
import type { KeptCutter } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { plainIn, u } from '../../words/figures';
import { CutterSources } from './cutter-sources';
import { OutlineDrawing, sizeOf } from './outline-drawing';
import { useCutterActs, useCutters } from './use-cutters';

type Saved = ReturnType<typeof useCutters>[number];

const tenths = (mm: number) => plainIn('mm', Math.round(mm * 10) / 10);

/** Largest drawing of a cutter on the shelf, px. */
const MOST_PX = 120;

/** The cutters of the studio, all drawn at one scale; cut-outs of any design can use them. */
export function CuttersShelf() {
  const cutters = useCutters();
  const { add } = useCutterActs();
  const [adding, setAdding] = useState(false);
  const most = Math.max(20, ...cutters.map(({ cutter }) => Math.max(...Object.values(sizeOf(cutter.outline)))));
  return (
    <div className="relative flex min-h-0 flex-1 flex-col gap-4 overflow-y-auto">
      <ul aria-label="Cutters" className="grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-3">
        {cutters.map((saved) => (
          <CutterCard key={saved.id} saved={saved} scale={MOST_PX / most} />
        ))}
      </ul>
      {cutters.length === 0 && (
        <p className="text-soft">
          Keep the cutters you own here, by their measures, from an SVG file or from a photo. Cut-outs of any design can
          use them.
        </p>
      )}
      <div className="flex max-w-3xl flex-col items-start gap-2">
        <Button adds aria-expanded={adding} onClick={() => setAdding((open) => !open)}>
          Add a cutter
        </Button>
        {adding && (
          <div className="w-full rounded-card border border-line bg-paper p-3">
            <CutterSources
              of="New cutter"
              keeps
              onCut={(outline, name) => {
                add.mutate({ name: name || 'New cutter', outline });
                setAdding(false);
              }}
            />
          </div>
        )}
      </div>
    </div>
  );
}

function CutterCard({ saved, scale }: { saved: Saved; scale: number }) {
  const { remove } = useCutterActs();
  const draft = useDraft<KeptCutter>(`/api/cutters/${saved.id}`, saved.cutter.name, {
    edition: saved.edition,
    form: saved.cutter,
  });
  const { wide, high } = sizeOf(saved.cutter.outline);
  return (
    <li className="flex flex-col rounded-card border border-line bg-paper p-3">
      <div className="flex h-32 items-center justify-center">
        <OutlineDrawing outline={saved.cutter.outline} scale={scale} title={`Outline of ${saved.cutter.name}`} />
      </div>
      <DraftText
        draft={draft}
        field="name"
        label={`Name of the cutter ${saved.cutter.name}`}
        className="font-semibold"
      />
      <div className="flex items-center justify-between">
        <span className="figure whitespace-nowrap text-soft">
          {tenths(wide)} × {tenths(high)} {u.mm}
        </span>
        <Button kind="quiet" aria-label={`Remove ${saved.cutter.name}`} onClick={() => remove.mutate(saved)}>
          ✕
        </Button>
      </div>
    </li>
  );
}
