import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import { Swatch } from '../../controls/swatch';
import { TextField } from '../../controls/text-field';
import type { Limits, SpareBox as Box } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useDesigns, useMixes, useSpares } from '../../server/use-studio';
import { plainIn, u } from '../../words/figures';

type Spare = Box['parts'][number];

const NAME_MAX = 60;

/** The box of spare parts: what later batches take before they roll anything new. */
export function SpareBox() {
  const { edition, box } = useSpares();
  const limits = useLimits();
  const mixes = useMixes();
  const draft = useDraft<Box>('/api/spares', 'The box of spare parts', { edition, form: box });
  const set = (i: number, change: Partial<Spare>) =>
    draft.change((b) => ({ parts: b.parts.map((p, j) => (j === i ? { ...p, ...change } : p)) }));
  return (
    <div className="flex max-w-4xl flex-col gap-3">
      <p className="text-soft">
        Eyes, teeth and other small parts that are left over. A batch takes those of the same mix, shape and size before
        it rolls new ones; finishing it counts them out, and its own spares in.
      </p>
      <ul aria-label="Spare parts" className="rounded-card border border-line bg-paper">
        {draft.form.parts.map((part, i) => {
          const mix = mixes.find((m) => m.id === part.mixId);
          return (
            <li key={i} className="flex flex-wrap items-center gap-x-3 border-t border-line px-3 py-1 first:border-t-0">
              {mix && <Swatch raw={mix.measured.rawHex} cured={mix.measured.curedHex} size={22} />}
              <TextField
                label={`Name of spare part ${i + 1}`}
                value={part.name}
                error={errorAt(draft.errors, `parts[${i}].name`)}
                onChange={(name) => set(i, { name })}
                onSettle={draft.settle}
                className="w-72 border-transparent font-semibold"
              />
              <span className="min-w-0 flex-1 text-note text-soft">
                {sized(part, limits)}, {mix?.mix.name}
              </span>
              <NumberField
                label={`${part.name}, ${spanOf(limits, 'spare', 'count').label}`}
                value={part.count}
                span={spanOf(limits, 'spare', 'count')}
                chars={4}
                error={errorAt(draft.errors, `parts[${i}].count`)}
                onChange={(count) => set(i, { count })}
                onSettle={draft.settle}
              />
              <span className="text-note text-soft">in the box</span>
              <Button
                kind="quiet"
                className="px-2"
                aria-label={`Remove ${part.name}`}
                onClick={() => draft.change((b) => ({ parts: b.parts.filter((_, j) => j !== i) }))}
              >
                ✕
              </Button>
            </li>
          );
        })}
        {draft.form.parts.length === 0 && <li className="px-3 py-2 text-soft">The box is empty.</li>}
      </ul>
      <PutIn onPut={(spare) => draft.change((b) => ({ parts: [...b.parts, spare] }))} />
    </div>
  );
}

/** A part of a design whose spares are put into the box. */
function PutIn({ onPut }: { onPut: (spare: Spare) => void }) {
  const designs = useDesigns();
  const choices = designs.flatMap(({ id, design }) =>
    design.parts.map((part, i) => ({
      value: `${id}/${i}`,
      label: `${design.name}: ${part.name}`,
      spare: {
        name: `${design.name}, ${part.name}`.slice(0, NAME_MAX),
        shape: part.shape,
        mixId: part.mixId,
        count: 1,
      },
      loose: part.core === undefined && part.around === undefined && part.layer === undefined,
    })),
  );
  const loose = choices.filter((choice) => choice.loose);
  if (loose.length === 0) return null;
  return (
    <Choice
      label="Put spares of a part in"
      placeholder="Put spares of a part in"
      value=""
      options={loose}
      onChange={(value) => {
        const chosen = loose.find((choice) => choice.value === value);
        if (chosen) onPut(chosen.spare);
      }}
      className="self-start"
    />
  );
}

/** The shape of a spare part with its sizes. */
function sized({ shape }: Spare, limits: Limits): string {
  const kind = limits.shapes.find((known) => known.kind === shape.kind);
  const sizes = (kind?.dimensions ?? []).map(({ span }) => plainIn('mm', shape.dimensions[span.field] ?? 0));
  return `${kind?.label ?? ''} ${sizes.join(' × ')} ${u.mm}`;
}
