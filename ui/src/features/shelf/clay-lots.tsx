import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { ColourField } from '../../controls/colour-field';
import { Swatch } from '../../controls/swatch';
import { TextField } from '../../controls/text-field';
import { WhenField } from '../../controls/when-field';
import type { Clay } from '../../server/types';
import { useBench } from '../../server/use-bench';
import type { Draft } from '../../server/use-draft';
import { errorAt } from '../../server/use-measured';
import { choicesOf, useLimits } from '../../server/use-limits';
import { isoDay } from '../../words/days';
import { lotAge, lotMonths } from './lot-age';

const OLD_MONTHS = 24;

/** How old a lot is; of an old one, what to do before it is planned on. */
function age(boughtOn: string, today: string): string {
  const old = lotMonths(boughtOn, today) >= OLD_MONTHS;
  return `${lotAge(boughtOn, today)}${old ? ': fold a piece before you count on it' : ''}`;
}

type Lot = NonNullable<Clay['lots']>[number];

/** Lots that look different from what the clay usually is, and which of them is in use. */
export function ClayLots({ clay }: { clay: Draft<Clay> }) {
  const { now } = useBench().bench;
  const limits = useLimits();
  const { form, change, settle, errors } = clay;
  const lots = form.lots ?? [];
  const set = (i: number, next: Partial<Lot>) =>
    change((c) => ({ ...c, lots: (c.lots ?? []).map((l, j) => (j === i ? { ...l, ...next } : l)) }));
  const use = (key: string) =>
    change((c) => {
      const { lotInUse: _, ...usual } = c;
      return key === 'usual' ? usual : { ...c, lotInUse: Number(key) };
    });
  const takeOut = (i: number) =>
    change((c) => {
      const { lotInUse, ...usual } = c;
      const rest = { ...usual, lots: (c.lots ?? []).filter((_, j) => j !== i) };
      if (lotInUse === undefined || lotInUse === i) return rest;
      return { ...rest, lotInUse: lotInUse > i ? lotInUse - 1 : lotInUse };
    });
  return (
    <section aria-label="Lots" className="border-t border-line pt-2">
      <div className="flex flex-wrap items-center gap-2">
        <h3 className="font-semibold">Lots: bought again, with another colour</h3>
        {lots.length > 0 && (
          <Choice
            label="Lot in use"
            value={String(form.lotInUse ?? 'usual')}
            options={[
              { value: 'usual', label: 'as usual' },
              ...lots.map((l, i) => ({
                value: String(i),
                label: `lot ${l.name}`,
                mark: <Swatch raw={l.rawHex} cured={l.curedHex} />,
              })),
            ]}
            onChange={use}
          />
        )}
        <Button
          adds
          kind="quiet"
          onClick={() =>
            change((c) => ({
              ...c,
              lots: [
                ...(c.lots ?? []),
                { name: `${lots.length + 1}`, boughtOn: isoDay(now), rawHex: c.rawHex, curedHex: c.curedHex },
              ],
              lotInUse: lots.length,
            }))
          }
        >
          Add a lot
        </Button>
      </div>
      {lots.map((lot, i) => (
        <div key={i} className="flex flex-wrap items-center gap-2 border-b border-line py-1">
          <TextField
            label={`Lot ${i + 1}, name`}
            value={lot.name}
            error={errorAt(errors, `lots[${i}].name`)}
            onChange={(name) => set(i, { name })}
            onSettle={settle}
            className="w-24"
          />
          <WhenField
            type="date"
            label={`Lot ${i + 1}, bought on`}
            value={lot.boughtOn}
            error={errorAt(errors, `lots[${i}].boughtOn`)}
            onChange={(boughtOn) => set(i, { boughtOn })}
            onSettle={settle}
          />
          <ColourField
            label={`Lot ${i + 1}, raw`}
            value={lot.rawHex}
            error={errorAt(errors, `lots[${i}].rawHex`)}
            onChange={(rawHex) => set(i, { rawHex })}
            onSettle={settle}
          />
          <ColourField
            label={`Lot ${i + 1}, cured`}
            value={lot.curedHex}
            error={errorAt(errors, `lots[${i}].curedHex`)}
            onChange={(curedHex) => set(i, { curedHex })}
            onSettle={settle}
          />
          <Choice
            label={`Lot ${i + 1}, in the hand`}
            value={lot.condition ?? 'USUAL'}
            options={choicesOf(limits, 'clayCondition')}
            onChange={(condition) => set(i, { condition: condition as NonNullable<Lot['condition']> })}
          />
          <span className="text-note text-soft">{age(lot.boughtOn, isoDay(now))}</span>
          <Button kind="quiet" aria-label={`Remove lot ${i + 1}`} onClick={() => takeOut(i)}>
            ✕
          </Button>
        </div>
      ))}
    </section>
  );
}
