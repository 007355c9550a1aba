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
import { wrongAt } from '../../server/use-measured';
import { BlockLines } from './block-lines';
import { ClayLots } from './clay-lots';
import { StandIns } from './stand-ins';

/** A drop from a common dropper, until twenty were weighed. */
const USUAL_DROP_G = 0.04;

interface Props {
  held: Shelf['clays'][number];
  lines: Shelf['lines'];
  onRemove: () => void;
}

/** A clay edited in place: its line, its two swatches, how it behaves, and what there is of it. */
export function ClayCard({ held, lines, onRemove }: Props) {
  const limits = useLimits();
  const clay = useDraft<Clay>(`/api/shelf/clays/${held.id}`, held.clay.name, {
    edition: held.edition,
    form: held.clay,
  });
  const { form, change, settle, wrongs } = clay;
  return (
    <Card title={form.name}>
      <FieldLine label="name">
        <DraftText draft={clay} field="name" label="Name of the clay" className="w-44 text-right" />
      </FieldLine>
      <FieldLine label="line">
        <Choice
          label="Line"
          value={String(form.lineId)}
          options={lines.map((l) => ({ value: String(l.id), label: l.line.name }))}
          onChange={(id) => change((c) => ({ ...c, lineId: Number(id) }))}
        />
      </FieldLine>
      <div className="flex items-center gap-5 py-1">
        <Swatch raw={form.rawHex} cured={form.curedHex} size={72} />
        <div className="flex-1">
          <ColourLine label="raw" field="rawHex" clay={clay} />
          <ColourLine label="cured" field="curedHex" clay={clay} />
        </div>
      </div>
      <FieldLine label="how opaque">
        <Choice
          label="How opaque"
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
      <FieldLine label="what its swatch cannot show">
        <Choice
          label="What its swatch cannot show"
          value={form.effect ?? 'PLAIN'}
          options={choicesOf(limits, 'effect')}
          onChange={(effect) => change((c) => ({ ...c, effect: effect as NonNullable<Clay['effect']> }))}
        />
      </FieldLine>
      <FieldLine label="in opened blocks" unit="g">
        <NumberField
          label="In opened blocks"
          value={form.openG}
          span={spanOf(limits, 'shelf', 'openG')}
          chars={6}
          wrong={wrongAt(wrongs, 'openG')}
          onChange={(openG) => change((c) => ({ ...c, openG }))}
          onSettle={settle}
        />
      </FieldLine>
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
        <FieldLine label="a drop of it weighs: weigh twenty" unit="g">
          <NumberField
            label="A drop of it"
            value={form.dropG}
            span={spanOf(limits, 'shelf', 'dropG')}
            chars={5}
            wrong={wrongAt(wrongs, 'dropG')}
            onChange={(dropG) => change((c) => ({ ...c, dropG }))}
            onSettle={settle}
          />
        </FieldLine>
      )}
      <Switch
        label="its swatches were measured with an instrument"
        on={form.swatchMeasured ?? false}
        onChange={(swatchMeasured) => change((c) => ({ ...c, swatchMeasured }))}
      />
      <Switch
        label="more of it can be bought"
        on={form.sold ?? true}
        onChange={(sold) => change((c) => ({ ...c, sold }))}
      />
      <BlockLines clay={clay} />
      <ClayLots clay={clay} />
      <StandIns clayId={held.id} sold={form.sold ?? true} />
      <Button kind="quiet" className="self-start" onClick={onRemove}>
        Remove this clay
      </Button>
    </Card>
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
        wrong={wrongAt(clay.wrongs, field)}
        onChange={set}
        onSettle={clay.settle}
      />
    </FieldLine>
  );
}
