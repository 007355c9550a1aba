import { Button } from '../../controls/button';
import { Caution } from '../../controls/caution';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import { TextField } from '../../controls/text-field';
import type { InputError } from '../../server/client';
import type { MeasuredMix, Mix } from '../../server/types';
import type { Draft } from '../../server/use-draft';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useSettings } from '../../server/use-studio';
import { grams, minorPerWhole, plainIn, u } from '../../words/figures';

type Inclusions = NonNullable<Mix['inclusions']>[number];

interface Props {
  draft: Draft<Mix>;
  measured: MeasuredMix;
  errors: InputError[];
}

/** What is added to a mix, by weight of the clay. */
export function MixInclusions({ draft, measured, errors }: Props) {
  const limits = useLimits();
  const { currency } = useSettings().settings;
  const inclusions = draft.form.inclusions ?? [];
  if (inclusions.length === 0) return null;
  const set = (change: (all: Inclusions[]) => Inclusions[]) =>
    draft.change((m) => ({ ...m, inclusions: change(m.inclusions ?? []) }));
  const put = (i: number, change: Partial<Inclusions>) =>
    set((all) => all.map((s, j) => (j === i ? { ...s, ...change } : s)));
  return (
    <div className="rounded-card border border-line bg-paper">
      <table className="w-full">
        <thead className="text-left text-note text-soft">
          <tr>
            <th className="py-2 pl-3 font-semibold">Glitter, powder, bits</th>
            <th className="text-right font-semibold">% of the clay</th>
            <th className="text-right font-semibold">Take</th>
            <th className="text-right font-semibold">
              {currency} per {plainIn('g', 100)} {u.g}
            </th>
            <th className="pl-2 font-semibold">Effect</th>
            <th>
              <span className="sr-only">Remove</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {inclusions.map((s, i) => (
            <tr key={i} className="border-t border-line">
              <td className="py-1 pl-2">
                <TextField
                  label={`Addition ${i + 1}`}
                  value={s.name}
                  error={errorAt(errors, `inclusions[${i}].name`)}
                  onChange={(name) => put(i, { name })}
                  onSettle={draft.settle}
                  className="w-32"
                />
              </td>
              <td className="text-right">
                <NumberField
                  label={`${s.name}, per cent of the clay`}
                  value={s.percent}
                  span={spanOf(limits, 'mix', 'percent')}
                  chars={4}
                  error={errorAt(errors, `inclusions[${i}].percent`)}
                  onChange={(percent) => put(i, { percent })}
                  onSettle={draft.settle}
                />
              </td>
              <td className="text-right figure">
                {grams(measured.inclusions[i]?.massG ?? 0)} {u.g}
              </td>
              <td className="text-right">
                <NumberField
                  label={`${s.name}, price per 100 g`}
                  value={s.priceMinor}
                  span={spanOf(limits, 'mix', 'priceMinor')}
                  per={minorPerWhole(currency)}
                  chars={5}
                  error={errorAt(errors, `inclusions[${i}].priceMinor`)}
                  onChange={(priceMinor) => put(i, { priceMinor })}
                  onSettle={draft.settle}
                />
              </td>
              <td className="pl-2">
                <Choice
                  label={`Effect of ${s.name}`}
                  value={s.effect}
                  options={choicesOf(limits, 'effect')}
                  onChange={(effect) => put(i, { effect: effect as Inclusions['effect'] })}
                  className="border-transparent"
                />
              </td>
              <td className="text-right">
                <Button
                  kind="quiet"
                  aria-label={`Remove ${s.name}`}
                  onClick={() => set((all) => all.filter((_, j) => j !== i))}
                >
                  ✕
                </Button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <div className="px-3 py-2">
        <Caution>
          Do not breathe in powder or glitter; dried plants may scorch. Follow the packet and the safety sheet.
        </Caution>
      </div>
    </div>
  );
}
