import { Card, FieldLine } from '../../controls/card';
import { Choice } from '../../controls/choice';
import { rereadAll } from '../../server/changes';
import type { Settings } from '../../server/types';
import type { Draft } from '../../server/use-draft';
import { choicesOf, useLimits } from '../../server/use-limits';
import { chooseUnits, type Units } from '../../words/units';

const lines = [
  { field: 'length', choices: 'lengthUnit', label: 'lengths' },
  { field: 'mass', choices: 'massUnit', label: 'weights' },
  { field: 'temperature', choices: 'temperatureUnit', label: 'temperatures' },
  { field: 'volume', choices: 'volumeUnit', label: 'liquids' },
  { field: 'wire', choices: 'wireUnit', label: 'wire' },
  { field: 'clock', choices: 'clockHours', label: 'time of day' },
  { field: 'dates', choices: 'dateOrder', label: 'days' },
  { field: 'decimals', choices: 'decimalMark', label: 'decimals' },
] as const;

const firstDays = [
  { value: 'MONDAY', label: 'Monday' },
  { value: 'SATURDAY', label: 'Saturday' },
  { value: 'SUNDAY', label: 'Sunday' },
];

/** How figures are read and typed. */
export function UnitsCard({ settings }: { settings: Draft<Settings> }) {
  const limits = useLimits();
  const units = settings.form.units ?? {};
  const set = (some: Partial<Units>) => {
    const next = settings.change((form) => ({ ...form, units: { ...form.units, ...some } }));
    settings.settle();
    // What was read before holds sentences in the units of before.
    chooseUnits(next.units ?? {});
    void rereadAll();
  };
  return (
    <Card title="Units">
      {lines.map(({ field, choices, label }) => (
        <FieldLine key={field} label={label}>
          <Choice
            label={`Units of ${label}`}
            value={units[field] ?? choicesOf(limits, choices)[0]?.value ?? ''}
            options={choicesOf(limits, choices)}
            onChange={(value) => set({ [field]: value })}
          />
        </FieldLine>
      ))}
      <FieldLine label="a week begins on">
        <Choice
          label="A week begins on"
          value={units.weekStart ?? 'MONDAY'}
          options={firstDays}
          onChange={(value) => set({ weekStart: value as NonNullable<Units['weekStart']> })}
        />
      </FieldLine>
      <p className="text-note text-soft">
        Any unit may be typed anywhere: 3/8in, 275F, 2 oz, 1 1/2&quot;, 20 ga. How a figure was worked out is always
        shown in millimetres, grams and °C.
      </p>
    </Card>
  );
}
