import { Choice } from '../../controls/choice';
import { InlineNumber } from '../../controls/inline-number';
import { Switch } from '../../controls/switch';
import type { InputError } from '../../server/client';
import type { MeasuredPart, Part } from '../../server/types';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useMoney } from '../../server/use-studio';
import { area, grams, mm, u, whole } from '../../words/figures';

interface Props {
  part: Part;
  index: number;
  measured: MeasuredPart | undefined;
  errors: InputError[];
  onChange: (change: (part: Part) => Part) => void;
  onSettle: () => void;
}

type Core = NonNullable<Part['core']>;

/** The foil core of a part: its shell, its foil, how many, what it saves. */
export function CoreFields({ part, index, measured, errors, onChange, onSettle }: Props) {
  const limits = useLimits();
  const core = part.core;
  const shape = limits.shapes.find((s) => s.kind === part.shape.kind);
  const set = (change: Partial<Core>) => onChange((p) => (p.core ? { ...p, core: { ...p.core, ...change } } : p));
  if (!shape?.takesCore) return <p className="text-note text-soft">A sheet, cord or tube cannot have a core.</p>;
  if (part.around !== undefined)
    return <p className="text-note text-soft">A part built around another part cannot have a core.</p>;
  return (
    <>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <Switch
          label="Foil core"
          on={Boolean(core)}
          onChange={(on) =>
            onChange((p) => {
              const { core: cored, ...solid } = p;
              return on ? { ...solid, core: cored ?? { shellMm: 5, packing: 'FIRM' } } : solid;
            })
          }
        />
        {core && (
          <>
            <InlineNumber
              of={part.name}
              words="shell"
              value={core.shellMm}
              span={spanOf(limits, 'core', 'shellMm')}
              error={errorAt(errors, `parts[${index}].core.shellMm`)}
              onChange={(shellMm) => set({ shellMm })}
              onSettle={onSettle}
            />
            <Switch label="hollow, no foil" on={core.hollow ?? false} onChange={(hollow) => set({ hollow })} />
            {!core.hollow && (
              <Choice
                label="Foil packing"
                value={core.packing}
                options={choicesOf(limits, 'packing')}
                onChange={(packing) => set({ packing: packing as Core['packing'] })}
              />
            )}
            {shape.flatBase && (
              <Choice
                label="Base of the core"
                value={core.floor ?? 'COVERED'}
                options={choicesOf(limits, 'floor')}
                onChange={(floor) => set({ floor: floor as NonNullable<Core['floor']> })}
              />
            )}
            {shape.splits && (
              <InlineNumber
                of={part.name}
                words="cores in a row"
                value={core.lobes ?? 1}
                span={spanOf(limits, 'core', 'lobes')}
                error={errorAt(errors, `parts[${index}].core.lobes`)}
                onChange={(lobes) => set({ lobes })}
                onSettle={onSettle}
              />
            )}
          </>
        )}
      </div>
      {measured?.core && <CoreSums core={measured.core} />}
    </>
  );
}

function CoreSums({ core }: { core: NonNullable<MeasuredPart['core']> }) {
  const money = useMoney();
  return (
    <p className="text-note text-soft">
      {core.foilG > 0 ? (
        <>
          Foil{' '}
          <b className="figure text-ink">
            {grams(core.foilG)} {u.g}
          </b>
          , <b className="figure text-ink">{area(core.foilMm2)}</b>, tear{' '}
          <b className="figure text-ink">
            {mm(core.tornMm)} {u.mm}
          </b>{' '}
          off the roll;{' '}
        </>
      ) : (
        'Hollow: before baking, take out what it was shaped around; '
      )}
      prick <b className="figure text-ink">{core.vents}</b> {core.vents === 1 ? 'vent' : 'vents'} where they do not
      show. Saves{' '}
      <b className="figure text-ink">
        {grams(core.claySavedG)} {u.g}
      </b>{' '}
      of clay worth <b className="figure text-ink">{money(core.moneySavedMinor)}</b>,{' '}
      <b className="figure text-ink">
        {grams(core.weightSavedG)} {u.g}
      </b>{' '}
      of weight, <b className="figure text-ink">{whole(core.minutesSaved)} min</b> in the oven.
    </p>
  );
}
