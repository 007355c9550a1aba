import { Card, FieldLine } from '../../controls/card';
import { Check } from '../../controls/check';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import { Place } from '../../controls/place';
import { TextField } from '../../controls/text-field';
import { WhenField } from '../../controls/when-field';
import type { Ways } from '../../server/types';
import type { Draft } from '../../server/use-draft';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { wrongAt } from '../../server/use-measured';
import { useOvens } from '../../server/use-studio';
import { minorPerWhole } from '../../words/figures';
import { CopiesCard } from './copies-card';
import { OvenCard } from './oven-fields';
import { useWaysDraft } from './use-ways-draft';
import { WeighedCore } from './weighed-core';

type NumberName = {
  [K in keyof Ways]-?: NonNullable<Ways[K]> extends number ? K : never;
}[keyof Ways];

const days = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'] as const;

/** The studio's ways: what time and energy cost, how it bakes, when it is open, its foil and its oven. */
export function WaysPlace() {
  const ways = useWaysDraft();
  const ovens = useOvens();
  return (
    <Place title="Ways" about="What the sums of this studio rest on. Each can be changed in place.">
      <div className="grid min-h-0 flex-1 grid-cols-1 content-start items-start gap-4 overflow-y-auto md:grid-cols-2 lg:grid-cols-3">
        <Studio ways={ways} />
        <Baking ways={ways} />
        <Money ways={ways} />
        <Foil ways={ways} />
        <Hands ways={ways} />
        <CopiesCard />
        {ovens.map((oven) => (
          <OvenCard key={oven.id} held={oven} only={ovens.length === 1} />
        ))}
      </div>
    </Place>
  );
}

function Amount({ ways, field, isMoney = false }: { ways: Draft<Ways>; field: NumberName; isMoney?: boolean }) {
  const span = spanOf(useLimits(), 'ways', field);
  const per = isMoney ? minorPerWhole(ways.form.currency) : 1;
  const label = span.label.replace(' in minor units', '');
  return (
    <FieldLine label={label} unit={isMoney ? ways.form.currency : span.unit}>
      <NumberField
        label={label}
        value={ways.form[field] ?? 0}
        span={span}
        per={per}
        chars={6}
        wrong={wrongAt(ways.wrongs, field)}
        onChange={(value) => ways.change((w) => ({ ...w, [field]: value }))}
        onSettle={ways.settle}
      />
    </FieldLine>
  );
}

function Studio({ ways }: { ways: Draft<Ways> }) {
  const { form, change, settle, wrongs } = ways;
  const text = (field: 'name' | 'currency', label: string) => (
    <FieldLine label={label}>
      <TextField
        label={label}
        value={form[field]}
        wrong={wrongAt(wrongs, field)}
        onChange={(value) => change((w) => ({ ...w, [field]: field === 'currency' ? value.toUpperCase() : value }))}
        onSettle={settle}
        className="w-40 text-right"
      />
    </FieldLine>
  );
  const time = (field: 'opens' | 'closes') => (
    <FieldLine label={field}>
      <WhenField
        label={field}
        type="time"
        value={form[field].slice(0, 5)}
        wrong={wrongAt(wrongs, field)}
        onChange={(value) => change((w) => ({ ...w, [field]: value }))}
        onSettle={settle}
        className="w-40 text-right"
      />
    </FieldLine>
  );
  return (
    <Card title="The studio">
      {text('name', 'name')}
      {text('currency', 'currency, three letters')}
      {time('opens')}
      {time('closes')}
      <Amount ways={ways} field="makers" />
      <div role="group" aria-label="Days you work" className="flex flex-wrap gap-1 pt-1">
        {days.map((day) => {
          const on = form.days.includes(day);
          return (
            <button
              key={day}
              type="button"
              aria-pressed={on}
              onClick={() =>
                change((w) => ({ ...w, days: days.filter((d) => (d === day ? !on : w.days.includes(d))) }))
              }
              className="min-h-9 rounded-small border border-line px-2.5 aria-pressed:border-verdigris aria-pressed:bg-verdigris aria-pressed:text-paper"
            >
              {day.slice(0, 1) + day.slice(1, 3).toLowerCase()}
            </button>
          );
        })}
      </div>
      {wrongAt(wrongs, 'days') && <p className="text-madder">{wrongAt(wrongs, 'days')?.mend}</p>}
    </Card>
  );
}

function Baking({ ways }: { ways: Draft<Ways> }) {
  const limits = useLimits();
  return (
    <Card title="Baking">
      <FieldLine label="school">
        <Choice
          label="School"
          value={ways.form.school}
          options={choicesOf(limits, 'school')}
          onChange={(school) => ways.change((w) => ({ ...w, school: school as Ways['school'] }))}
        />
      </FieldLine>
      <Amount ways={ways} field="longHoldMin" />
      <Amount ways={ways} field="setMin" />
      <Check
        label="bake longer where the heat needs it to reach the middle"
        on={ways.form.byHeat ?? false}
        onChange={(byHeat) => ways.change((w) => ({ ...w, byHeat }))}
      />
      <p className="text-note text-soft">
        Packet: minutes by the thickest section. Long hold: a fixed time at the low end of the window, never under the
        packet. Staged: short sets, and one full cure by the packet at the end. Where they differ, the packet and the
        safety sheet decide.
      </p>
    </Card>
  );
}

function Money({ ways }: { ways: Draft<Ways> }) {
  return (
    <Card title="Money">
      <Amount ways={ways} field="hourMinor" isMoney />
      <Amount ways={ways} field="kwhMinor" isMoney />
      <Amount ways={ways} field="wastePercent" />
      <Amount ways={ways} field="marginPercent" />
      <Amount ways={ways} field="stepMinor" isMoney />
    </Card>
  );
}

function Foil({ ways }: { ways: Draft<Ways> }) {
  return (
    <Card title="Foil">
      <Amount ways={ways} field="foilUm" />
      <Amount ways={ways} field="foilWidthMm" />
      <Amount ways={ways} field="foilLengthM" />
      <Amount ways={ways} field="foilPriceMinor" isMoney />
    </Card>
  );
}

function Hands({ ways }: { ways: Draft<Ways> }) {
  return (
    <Card title="Your hands">
      <Amount ways={ways} field="looseGPerCm3" />
      <Amount ways={ways} field="firmGPerCm3" />
      <Amount ways={ways} field="hardGPerCm3" />
      <WeighedCore onWeighed={(packed) => ways.change((w) => ({ ...w, ...packed }))} onSettle={ways.settle} />
      <Amount ways={ways} field="cordMm" />
      <Amount ways={ways} field="scaleStepG" />
      <Amount ways={ways} field="machineG" />
    </Card>
  );
}
