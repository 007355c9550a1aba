import { useMutation } from '@tanstack/react-query';
import { Button } from '../../controls/button';
import { Card, FieldLine } from '../../controls/card';
import { Check } from '../../controls/check';
import { Choice } from '../../controls/choice';
import { Menu } from '../../controls/menu';
import { NumberField } from '../../controls/number-field';
import { WhenField } from '../../controls/when-field';
import { DraftText } from '../../controls/draft-text';
import { api, take, type Edition } from '../../server/client';
import { settled } from '../../server/unsaved';
import type { Oven, OvenView } from '../../server/types';
import type { Draft } from '../../server/use-draft';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { useSettings } from '../../server/use-studio';
import { errorAt } from '../../server/use-measured';
import { useReady } from '../beginning/use-beginning';
import { DialReadings } from './dial-readings';
import { ProbeFields } from './probe-fields';
import { TraySpots } from './tray-spots';
import { useOvenDraft } from './use-settings-draft';
import { unitOf } from '../../words/figures';

const fields = [
  'trayWidthMm',
  'trayDepthMm',
  'clearanceMm',
  'gapMm',
  'preheatMin',
  'unloadMin',
  'preheatKwh',
  'keepHotKw',
] as const;

/** An oven in two cards: its trays, room, preheat and energy; and its dial, places and probe. A second one can be added. */
export function OvenCard({ saved, only }: { saved: OvenView; only: boolean }) {
  const oven = useOvenDraft(saved);
  const acts = useOvenActs();
  const limits = useLimits();
  const { ovens } = useReady();
  return (
    <>
      <Card title={saved.id === 1 ? 'Oven' : 'Second oven'}>
        <FieldLine label="name">
          <DraftText draft={oven} field="name" label={`Name of oven ${saved.id}`} className="w-40 text-right" />
        </FieldLine>
        <FieldLine label="air">
          <Choice
            label={`Air of oven ${saved.id}`}
            value={oven.form.air ?? 'STILL'}
            options={choicesOf(limits, 'air').filter((a) => a.value !== 'TENT')}
            onChange={(air) => oven.change((o) => ({ ...o, air: air as NonNullable<Oven['air']> }))}
          />
        </FieldLine>
        <OvenNumbers oven={oven} id={saved.id} />
        <MoreTrays oven={oven} />
        <Check
          label="pieces go in before the oven is heated"
          on={oven.form.cold ?? false}
          onChange={(cold) => oven.change((o) => ({ ...o, cold }))}
        />
        <OvenHours oven={oven} id={saved.id} />
        <Menu
          align="start"
          trigger={
            <Button kind="quiet" className="self-start">
              Start from a common oven ▾
            </Button>
          }
          items={ovens.map(({ name }, i) => ({ value: String(i), label: `${name}, to change` }))}
          onChoose={(i) => {
            const ready = ovens[Number(i)];
            if (ready) oven.change(({ name }) => ({ ...ready, name }));
            oven.settle();
          }}
        />
        {only ? (
          <Button adds kind="quiet" className="self-start" onClick={() => acts.add.mutate(saved.oven)}>
            Add a second oven
          </Button>
        ) : (
          saved.id !== 1 && (
            <Button kind="quiet" className="self-start" onClick={() => acts.remove.mutate(saved)}>
              Remove this oven
            </Button>
          )
        )}
      </Card>
      <Card title={saved.id === 1 ? 'Heating' : 'Heating of the second oven'}>
        <DialReadings oven={oven} />
        <TraySpots oven={oven} />
        <ProbeFields ovenId={saved.id} />
      </Card>
    </>
  );
}

function useOvenActs() {
  return {
    add: useMutation({
      mutationFn: ({ readings: _, spots: __, ...like }: Oven) =>
        take(api.POST('/api/ovens', { body: { ...like, name: 'Second oven' } })),
    }),
    remove: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/ovens/${id}`, edition);
        return take(api.DELETE('/api/ovens/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
    }),
  };
}

function OvenNumbers({ oven, id }: { oven: Draft<Oven>; id: number }) {
  const limits = useLimits();
  return fields.map((field) => {
    const span = spanOf(limits, 'settings', field);
    return (
      <FieldLine key={field} label={span.label} unit={unitOf(span.unit)}>
        <NumberField
          label={id === 1 ? span.label : `${span.label}, oven ${id}`}
          value={oven.form[field] ?? 0}
          span={span}
          chars={6}
          error={errorAt(oven.errors, field)}
          onChange={(value) => oven.change((o) => ({ ...o, [field]: value }))}
          onSettle={oven.settle}
        />
      </FieldLine>
    );
  });
}

/** Hours of its own, where it may not run whenever somebody is in the studio. */
function OvenHours({ oven, id }: { oven: Draft<Oven>; id: number }) {
  const { opens, closes } = useSettings().settings;
  const own = oven.form.opens !== undefined;
  const field = (name: 'opens' | 'closes', label: string) => (
    <FieldLine label={label}>
      <WhenField
        label={`Oven ${id} ${label}`}
        type="time"
        value={oven.form[name]?.slice(0, 5) ?? ''}
        error={errorAt(oven.errors, name)}
        onChange={(value) => oven.change((o) => ({ ...o, [name]: value }))}
        onSettle={oven.settle}
        className="w-40 text-right"
      />
    </FieldLine>
  );
  return (
    <>
      <Check
        label="has its own hours"
        name={`Oven ${id} has its own hours`}
        on={own}
        onChange={(on) => oven.change(({ opens: _, closes: __, ...o }) => (on ? { ...o, opens, closes } : o))}
      />
      {own && field('opens', 'may run from')}
      {own && field('closes', 'may run until')}
    </>
  );
}

/** Trays over the first, each with its own height above it. */
function MoreTrays({ oven }: { oven: Draft<Oven> }) {
  const span = spanOf(useLimits(), 'settings', 'clearanceMm');
  const more = oven.form.moreClearancesMm ?? [];
  const set = (next: number[]) => oven.change((o) => ({ ...o, moreClearancesMm: next }));
  return (
    <>
      {more.map((mm, i) => (
        <FieldLine key={i} label={`above tray ${i + 2}`} unit={unitOf(span.unit)}>
          <NumberField
            label={`Height above tray ${i + 2}`}
            value={mm}
            span={span}
            chars={6}
            error={errorAt(oven.errors, `moreClearancesMm[${i}]`)}
            onChange={(value) => set(more.map((m, j) => (j === i ? value : m)))}
            onSettle={oven.settle}
          />
          <Button kind="quiet" aria-label={`Remove tray ${i + 2}`} onClick={() => set(more.filter((_, j) => j !== i))}>
            ✕
          </Button>
        </FieldLine>
      ))}
      {more.length < 5 && (
        <Button adds kind="quiet" className="self-start" onClick={() => set([...more, oven.form.clearanceMm])}>
          Add a tray
        </Button>
      )}
    </>
  );
}
