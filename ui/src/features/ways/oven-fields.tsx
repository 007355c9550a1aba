import { Card, FieldLine } from '../../controls/card';
import { NumberField } from '../../controls/number-field';
import { TextField } from '../../controls/text-field';
import type { Oven } from '../../server/types';
import type { Draft } from '../../server/use-draft';
import { spanOf, useLimits } from '../../server/use-limits';
import { wrongAt } from '../../server/use-measured';

type NumberName = Exclude<keyof Oven, 'name'>;

const fields: NumberName[] = [
  'trayWidthMm',
  'trayDepthMm',
  'clearanceMm',
  'gapMm',
  'preheatMin',
  'preheatKwh',
  'holdKw',
];

/** The oven: its tray, its room, its preheat and its energy. */
export function OvenFields({ oven }: { oven: Draft<Oven> }) {
  const limits = useLimits();
  return (
    <Card title="Oven">
      <FieldLine label="name">
        <TextField
          label="Name of the oven"
          value={oven.form.name}
          wrong={wrongAt(oven.wrongs, 'name')}
          onChange={(name) => oven.change((o) => ({ ...o, name }))}
          onSettle={oven.settle}
          className="w-40 text-right"
        />
      </FieldLine>
      {fields.map((field) => {
        const span = spanOf(limits, 'ways', field);
        return (
          <FieldLine key={field} label={span.label} unit={span.unit}>
            <NumberField
              label={span.label}
              value={oven.form[field]}
              span={span}
              chars={6}
              wrong={wrongAt(oven.wrongs, field)}
              onChange={(value) => oven.change((o) => ({ ...o, [field]: value }))}
              onSettle={oven.settle}
            />
          </FieldLine>
        );
      })}
    </Card>
  );
}
