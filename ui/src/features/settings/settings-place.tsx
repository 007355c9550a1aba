import { Card, FieldLine } from '../../controls/card';
import { Check } from '../../controls/check';
import { Choice } from '../../controls/choice';
import { DraftText } from '../../controls/draft-text';
import { Switch } from '../../controls/switch';
import { keyName, useShortcuts } from '../../controls/shortcuts';
import { useKeysOff, useMuted } from '../../controls/use-flag';
import { NumberField } from '../../controls/number-field';
import { Place } from '../../controls/place';
import { WhenField } from '../../controls/when-field';
import type { Settings } from '../../server/types';
import type { Draft } from '../../server/use-draft';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useOvens } from '../../server/use-studio';
import { minorPerWhole, unitOf } from '../../words/figures';
import { KeyChoice } from './key-choice';
import { UnitsCard } from './units-card';
import { CopiesCard } from './copies-card';
import { OvenCard } from './oven-fields';
import { useSettingsDraft } from './use-settings-draft';
import { WeighedCore } from './weighed-core';

const names = new Intl.DisplayNames('en-GB', { type: 'currency' });

/** The currencies there are, by their codes. */
const currencies = Intl.supportedValuesOf('currency').map((code) => ({
  value: code,
  label: `${code}, ${names.of(code) ?? code}`,
}));

type NumberName = {
  [K in keyof Settings]-?: NonNullable<Settings[K]> extends number ? K : never;
}[keyof Settings];

const days = ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY', 'SUNDAY'] as const;

/** The days of a week that begins with one of them. */
function weekFrom(first: Settings['days'][number]) {
  const at = days.indexOf(first);
  return [...days.slice(at), ...days.slice(0, at)];
}

/** The studio's settings: what time and energy cost, how it bakes, when it is open, its foil and its oven. */
export function SettingsPlace() {
  const settings = useSettingsDraft();
  const ovens = useOvens();
  return (
    <Place title="Settings" about="The values behind every calculation. Change any of them here.">
      <div className="relative min-h-0 flex-1 overflow-y-auto">
        {/* Columns of their own: to lay them out takes the browser six times as long where it balances them. */}
        <div className="grid items-start gap-4 pb-4 md:grid-cols-2 lg:grid-cols-3">
          <div className="grid gap-4">
            <Studio settings={settings} />
            <UnitsCard settings={settings} />
            <Baking settings={settings} />
          </div>
          <div className="grid gap-4">
            <Money settings={settings} />
            <Foil settings={settings} />
            <Hands settings={settings} />
            <ThisBrowser />
          </div>
          <div className="grid items-start gap-4 md:col-span-2 md:grid-cols-2 lg:col-span-1 lg:grid-cols-1">
            {ovens.map((oven) => (
              <OvenCard key={oven.id} saved={oven} only={ovens.length === 1} />
            ))}
            <CopiesCard />
          </div>
        </div>
      </div>
    </Place>
  );
}

/** What is set for this browser alone, not for the studio. */
function ThisBrowser() {
  const [keysOff, setKeysOff] = useKeysOff();
  const [muted, mute] = useMuted();
  const { keyFor } = useShortcuts();
  return (
    <Card title="This browser">
      <Switch label="single-key shortcuts" on={!keysOff} onChange={(on) => setKeysOff(!on)} />
      <Switch label="chime when a load needs you" on={!muted} onChange={(on) => mute(!on)} />
      <p className="text-note text-soft">
        Press {keyName(keyFor('keys'))} to see the shortcuts. All this is saved in this browser only.
      </p>
      <KeyChoice />
    </Card>
  );
}

function Amount({
  settings,
  field,
  isMoney = false,
}: {
  settings: Draft<Settings>;
  field: NumberName;
  isMoney?: boolean;
}) {
  const span = spanOf(useLimits(), 'settings', field);
  const per = isMoney ? minorPerWhole(settings.form.currency) : 1;
  const label = span.label.replace(' in minor units', '');
  return (
    <FieldLine label={label} unit={isMoney ? settings.form.currency : unitOf(span.unit)}>
      <NumberField
        label={label}
        value={settings.form[field] ?? 0}
        span={span}
        per={per}
        chars={6}
        error={errorAt(settings.errors, field)}
        onChange={(value) => settings.change((w) => ({ ...w, [field]: value }))}
        onSettle={settings.settle}
      />
    </FieldLine>
  );
}

function Studio({ settings }: { settings: Draft<Settings> }) {
  const { form, change, settle, errors } = settings;
  const time = (field: 'opens' | 'closes') => (
    <FieldLine label={field}>
      <WhenField
        label={field}
        type="time"
        value={form[field].slice(0, 5)}
        error={errorAt(errors, field)}
        onChange={(value) => change((w) => ({ ...w, [field]: value }))}
        onSettle={settle}
        className="w-40 text-right"
      />
    </FieldLine>
  );
  return (
    <Card title="The studio">
      <FieldLine label="name">
        <DraftText draft={settings} field="name" label="name" className="w-40 text-right" />
      </FieldLine>
      <FieldLine label="currency">
        <Choice
          label="Currency"
          value={form.currency}
          options={currencies}
          onChange={(currency) => change((w) => ({ ...w, currency }))}
        />
      </FieldLine>
      {time('opens')}
      {time('closes')}
      <Amount settings={settings} field="makers" />
      <div role="group" aria-label="Days you work" className="flex flex-wrap gap-1 pt-1">
        {weekFrom(form.units?.weekStart ?? 'MONDAY').map((day) => {
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
      {errorAt(errors, 'days') && <p className="text-madder">{errorAt(errors, 'days')?.fix}</p>}
    </Card>
  );
}

function Baking({ settings }: { settings: Draft<Settings> }) {
  const limits = useLimits();
  return (
    <Card title="Baking">
      <FieldLine label="baking method">
        <Choice
          label="Baking method"
          value={settings.form.bakingMethod}
          options={choicesOf(limits, 'bakingMethod')}
          onChange={(bakingMethod) =>
            settings.change((w) => ({ ...w, bakingMethod: bakingMethod as Settings['bakingMethod'] }))
          }
        />
      </FieldLine>
      <Amount settings={settings} field="longAndLowMin" />
      <Amount settings={settings} field="partBakeMin" />
      <Amount settings={settings} field="paintMin" />
      <Amount settings={settings} field="roomC" />
      <Amount settings={settings} field="humidityPercent" />
      <Check
        label="bake longer when heat needs more time to reach the middle"
        on={settings.form.byHeat ?? false}
        onChange={(byHeat) => settings.change((w) => ({ ...w, byHeat }))}
      />
      <p className="text-note text-soft">
        By the packet: minutes by the thickest section. Long and low: a fixed time at the low end of the window, never
        less than the packet. In stages: part-bakes, then one full bake by the packet. Where they differ, the packet and
        the safety sheet decide.
      </p>
    </Card>
  );
}

function Money({ settings }: { settings: Draft<Settings> }) {
  return (
    <Card title="Money">
      <Amount settings={settings} field="hourMinor" isMoney />
      <Amount settings={settings} field="kwhMinor" isMoney />
      <Amount settings={settings} field="wastePercent" />
      <Amount settings={settings} field="marginPercent" />
      <Amount settings={settings} field="stepMinor" isMoney />
      <Amount settings={settings} field="wearMinor" isMoney />
      <Amount settings={settings} field="lostPercent" />
      <Check
        label="plan by what the daybook has taught"
        on={settings.form.learns ?? true}
        onChange={(learns) => settings.change((w) => ({ ...w, learns }))}
      />
      <p className="text-note text-soft">
        Wear is sandpaper, swabs, gloves, blades and tools. Pieces lost is your guess until losses are logged.
      </p>
    </Card>
  );
}

function Foil({ settings }: { settings: Draft<Settings> }) {
  return (
    <Card title="Foil">
      <Amount settings={settings} field="foilUm" />
      <Amount settings={settings} field="foilWidthMm" />
      <Amount settings={settings} field="foilLengthM" />
      <Amount settings={settings} field="foilPriceMinor" isMoney />
      <Switch
        label="count what is left of the roll"
        on={settings.form.foilLeftM !== undefined}
        onChange={(on) =>
          settings.change(({ foilLeftM: _, ...rest }) => (on ? { ...rest, foilLeftM: rest.foilLengthM } : rest))
        }
      />
      {settings.form.foilLeftM !== undefined && <Amount settings={settings} field="foilLeftM" />}
    </Card>
  );
}

function Hands({ settings }: { settings: Draft<Settings> }) {
  return (
    <Card title="Your hands">
      <Amount settings={settings} field="looseGPerCm3" />
      <Amount settings={settings} field="firmGPerCm3" />
      <Amount settings={settings} field="hardGPerCm3" />
      <WeighedCore onWeighed={(packed) => settings.change((w) => ({ ...w, ...packed }))} onSettle={settings.settle} />
      <Amount settings={settings} field="cordMm" />
      <Amount settings={settings} field="scaleStepG" />
      <Amount settings={settings} field="machineG" />
    </Card>
  );
}
