import { Button } from '../../controls/button';
import { Card, FieldLine } from '../../controls/card';
import { Choice } from '../../controls/choice';
import { ColourField } from '../../controls/colour-field';
import { NumberField } from '../../controls/number-field';
import { Swatch } from '../../controls/swatch';
import { Switch } from '../../controls/switch';
import { DraftText } from '../../controls/draft-text';
import type { Clay, Shelf } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { plain, plainIn, u, unitOf } from '../../words/figures';
import { BlockLines } from './block-lines';
import { ClayLots } from './clay-lots';
import { StandIns } from './stand-ins';

/** A drop from a common dropper, until twenty were weighed. */
const USUAL_DROP_G = 0.04;

interface Props {
  saved: Shelf['clays'][number];
  ranges: Shelf['ranges'];
  onRemove: () => void;
}

/** A clay edited in place: its range, its two swatches, how it behaves, and what there is of it. */
export function ClayCard({ saved, ranges, onRemove }: Props) {
  const limits = useLimits();
  const clay = useDraft<Clay>(`/api/shelf/clays/${saved.id}`, saved.clay.name, {
    edition: saved.edition,
    form: saved.clay,
  });
  const { form, change, settle, errors } = clay;
  return (
    <Card title={form.name}>
      <FieldLine label="name">
        <DraftText draft={clay} field="name" label="Name of the clay" className="w-44 text-right" />
      </FieldLine>
      <FieldLine label="clay range">
        <Choice
          label="Clay range"
          value={String(form.rangeId)}
          options={ranges.map((l) => ({ value: String(l.id), label: l.range.name }))}
          onChange={(id) => change((c) => ({ ...c, rangeId: Number(id) }))}
        />
      </FieldLine>
      <div className="flex items-center gap-5 py-1">
        <Swatch raw={form.rawHex} cured={form.curedHex} size={72} />
        <div className="flex-1">
          <ColourLine label="raw" field="rawHex" clay={clay} />
          <ColourLine label="cured" field="curedHex" clay={clay} />
        </div>
      </div>
      <FieldLine label="opacity">
        <Choice
          label="Opacity"
          value={form.opacity}
          options={choicesOf(limits, 'opacity')}
          onChange={(opacity) => change((c) => ({ ...c, opacity: opacity as Clay['opacity'] }))}
        />
      </FieldLine>
      <FieldLine label="strength in a mix">
        <Choice
          label="Strength in a mix"
          value={form.strength}
          options={choicesOf(limits, 'strength')}
          onChange={(strength) => change((c) => ({ ...c, strength: strength as Clay['strength'] }))}
        />
      </FieldLine>
      <FieldLine label="effect not shown by the swatch">
        <Choice
          label="Effect not shown by the swatch"
          value={form.effect ?? 'PLAIN'}
          options={choicesOf(limits, 'effect')}
          onChange={(effect) => change((c) => ({ ...c, effect: effect as NonNullable<Clay['effect']> }))}
        />
      </FieldLine>
      <FieldLine label="in opened blocks" unit={u.g}>
        <NumberField
          label="In opened blocks"
          value={form.openG}
          span={spanOf(limits, 'shelf', 'openG')}
          chars={6}
          error={errorAt(errors, 'openG')}
          onChange={(openG) => change((c) => ({ ...c, openG }))}
          onSettle={settle}
        />
      </FieldLine>
      <FieldLine label="in the hand">
        <Choice
          label="In the hand"
          value={form.condition ?? 'USUAL'}
          options={choicesOf(limits, 'clayCondition')}
          onChange={(condition) => change((c) => ({ ...c, condition: condition as NonNullable<Clay['condition']> }))}
        />
      </FieldLine>
      {saved.more100Min > 0 && (
        <p className="text-note text-soft">
          {saved.advice} It adds {plain(saved.more100Min)} min for {plainIn('g', 100)} {u.g} to the step that mixes it.
        </p>
      )}
      {(form.condition ?? 'USUAL') !== 'USUAL' && (
        <Switch
          label="I know how long it takes"
          on={form.conditioningMin !== undefined}
          onChange={(on) => change(({ conditioningMin: _, ...c }) => (on ? { ...c, conditioningMin: 5 } : c))}
        />
      )}
      {form.conditioningMin !== undefined && <Amount clay={clay} field="conditioningMin" />}
      <Amount clay={clay} field="keepG" />
      <Amount clay={clay} field="leadDays" />
      <Switch
        label="a liquid, counted in drops"
        on={form.dropG !== undefined}
        onChange={(on) =>
          change((c) => {
            const { dropG: _, ...solid } = c;
            return on ? { ...c, dropG: USUAL_DROP_G } : solid;
          })
        }
      />
      {form.dropG !== undefined && (
        <FieldLine label="weight of a drop (weigh twenty)" unit={u.g}>
          <NumberField
            label="Weight of a drop (weigh twenty)"
            value={form.dropG}
            span={spanOf(limits, 'shelf', 'dropG')}
            chars={5}
            error={errorAt(errors, 'dropG')}
            onChange={(dropG) => change((c) => ({ ...c, dropG }))}
            onSettle={settle}
          />
        </FieldLine>
      )}
      <Switch
        label="swatches measured with an instrument"
        on={form.swatchMeasured ?? false}
        onChange={(swatchMeasured) => change((c) => ({ ...c, swatchMeasured }))}
      />
      <Switch label="still sold" on={form.sold ?? true} onChange={(sold) => change((c) => ({ ...c, sold }))} />
      <BlockLines clay={clay} />
      <ClayLots clay={clay} />
      <StandIns clayId={saved.id} sold={form.sold ?? true} />
      <Button kind="quiet" className="self-start" onClick={onRemove}>
        Remove this clay
      </Button>
    </Card>
  );
}

interface AmountProps {
  field: 'conditioningMin' | 'keepG' | 'leadDays';
  clay: ReturnType<typeof useDraft<Clay>>;
}

function Amount({ field, clay }: AmountProps) {
  const span = spanOf(useLimits(), 'shelf', field);
  return (
    <FieldLine label={span.label} unit={unitOf(span.unit)}>
      <NumberField
        label={span.label}
        value={clay.form[field] ?? 0}
        span={span}
        chars={5}
        error={errorAt(clay.errors, field)}
        onChange={(value) => clay.change((c) => ({ ...c, [field]: value }))}
        onSettle={clay.settle}
      />
    </FieldLine>
  );
}

interface ColourProps {
  label: string;
  field: 'rawHex' | 'curedHex';
  clay: ReturnType<typeof useDraft<Clay>>;
}

function ColourLine({ label, field, clay }: ColourProps) {
  const value = clay.form[field];
  const set = (hex: string) => clay.change((c) => ({ ...c, [field]: hex }));
  return (
    <FieldLine label={label}>
      <ColourField
        label={`${label} colour`}
        value={value}
        error={errorAt(clay.errors, field)}
        onChange={set}
        onSettle={clay.settle}
      />
    </FieldLine>
  );
}
