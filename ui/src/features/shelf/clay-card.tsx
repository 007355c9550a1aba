import { Button } from '../../controls/button';
import { Card, FieldLine } from '../../controls/card';
import { Choice } from '../../controls/choice';
import { ColourField } from '../../controls/colour-field';
import { NumberField } from '../../controls/number-field';
import { Swatch } from '../../controls/swatch';
import { TextField } from '../../controls/text-field';
import { api, take } from '../../server/client';
import type { Clay, Shelf } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { wrongAt } from '../../server/use-measured';
import { BlockLines } from './block-lines';

interface Props {
  held: Shelf['clays'][number];
  lines: Shelf['lines'];
  onRemove: () => void;
}

/** A clay edited in place: its line, its two swatches, how it behaves, and what there is of it. */
export function ClayCard({ held, lines, onRemove }: Props) {
  const limits = useLimits();
  const clay = useDraft<Clay>({ edition: held.edition, form: held.clay }, (edition, form) =>
    take(api.PUT('/api/shelf/clays/{id}', { params: { path: { id: held.id }, query: { edition } }, body: form })),
  );
  const { form, change, settle, wrongs } = clay;
  return (
    <Card title={form.name}>
      <FieldLine label="name">
        <TextField
          label="Name of the clay"
          value={form.name}
          wrong={wrongAt(wrongs, 'name')}
          onChange={(name) => change((c) => ({ ...c, name }))}
          onSettle={settle}
          className="w-44 text-right"
        />
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
      <BlockLines clay={clay} />
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
