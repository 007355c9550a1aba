import { Button } from '../../controls/button';
import { Caution } from '../../controls/caution';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import { TextField } from '../../controls/text-field';
import type { Wrong } from '../../server/client';
import type { MeasuredMix, Mix } from '../../server/types';
import type { Draft } from '../../server/use-draft';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { wrongAt } from '../../server/use-measured';
import { useWays } from '../../server/use-studio';
import { grams, minorPerWhole } from '../../words/figures';

type Strewn = NonNullable<Mix['inclusions']>[number];

interface Props {
  draft: Draft<Mix>;
  measured: MeasuredMix;
  wrongs: Wrong[];
}

/** What is strewn into a mix, by weight of the clay. */
export function MixStrewn({ draft, measured, wrongs }: Props) {
  const limits = useLimits();
  const { currency } = useWays().ways;
  const strewn = draft.form.inclusions ?? [];
  if (strewn.length === 0) return null;
  const set = (change: (all: Strewn[]) => Strewn[]) =>
    draft.change((m) => ({ ...m, inclusions: change(m.inclusions ?? []) }));
  const put = (i: number, change: Partial<Strewn>) =>
    set((all) => all.map((s, j) => (j === i ? { ...s, ...change } : s)));
  return (
    <div className="rounded-card border border-line bg-paper">
      <table className="w-full">
        <thead className="text-left text-note text-soft">
          <tr>
            <th className="py-2 pl-3 font-semibold">Strewn in</th>
            <th className="text-right font-semibold">% of the clay</th>
            <th className="text-right font-semibold">Take</th>
            <th className="text-right font-semibold">{currency} for 100 g</th>
            <th className="pl-2 font-semibold">It has</th>
            <th>
              <span className="sr-only">Take it out</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {strewn.map((s, i) => (
            <tr key={i} className="border-t border-line">
              <td className="py-1 pl-2">
                <TextField
                  label={`Strewn in ${i + 1}`}
                  value={s.name}
                  wrong={wrongAt(wrongs, `inclusions[${i}].name`)}
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
                  wrong={wrongAt(wrongs, `inclusions[${i}].percent`)}
                  onChange={(percent) => put(i, { percent })}
                  onSettle={draft.settle}
                />
              </td>
              <td className="text-right figure">{grams(measured.inclusions[i]?.massG ?? 0)} g</td>
              <td className="text-right">
                <NumberField
                  label={`${s.name}, price of 100 g`}
                  value={s.priceMinor}
                  span={spanOf(limits, 'mix', 'priceMinor')}
                  per={minorPerWhole(currency)}
                  chars={5}
                  wrong={wrongAt(wrongs, `inclusions[${i}].priceMinor`)}
                  onChange={(priceMinor) => put(i, { priceMinor })}
                  onSettle={draft.settle}
                />
              </td>
              <td className="pl-2">
                <Choice
                  label={`What ${s.name} shows`}
                  value={s.effect}
                  options={choicesOf(limits, 'effect')}
                  onChange={(effect) => put(i, { effect: effect as Strewn['effect'] })}
                  className="border-transparent"
                />
              </td>
              <td className="text-right">
                <Button
                  kind="quiet"
                  aria-label={`Take out ${s.name}`}
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
          Powder and glitter are not to be breathed in, and dried plants may scorch: what the packet and the safety
          sheet say goes first.
        </Caution>
      </div>
    </div>
  );
}
