import { Choice } from '../../controls/choice';
import { InlineNumber } from '../../controls/inline-number';
import { TextField } from '../../controls/text-field';
import type { InputError } from '../../server/client';
import type { Design, Part } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';

interface Props {
  part: Part;
  design: Pick<Design, 'parts'>;
  index: number;
  errors: InputError[];
  onChange: (change: (part: Part) => Part) => void;
  onSettle: () => void;
}

const NOTHING = 'nothing';

/** What a part sits on and how deep it is pressed in, and the group it is moved with. */
export function SitsFields({ part, design, index, errors, onChange, onSettle }: Props) {
  const limits = useLimits();
  const below = design.parts.slice(0, index);
  const { sits } = part;
  const wrong = errorAt(errors, `parts[${index}].sits.on`);
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      {below.length > 0 && (
        <label className="inline-flex items-center gap-1 text-note text-soft">
          sits on
          <Choice
            label="Sits on"
            value={sits ? String(sits.on) : NOTHING}
            options={[
              { value: NOTHING, label: 'nothing' },
              ...below.map((p, i) => ({ value: String(i), label: p.name })),
            ]}
            onChange={(value) =>
              onChange(({ sits: before, ...alone }) =>
                value === NOTHING
                  ? alone
                  : { ...alone, sits: { on: Number(value), pressedMm: before?.pressedMm ?? 0 } },
              )
            }
          />
        </label>
      )}
      {sits && (
        <InlineNumber
          of={part.name}
          words="pressed in by"
          value={sits.pressedMm ?? 0}
          span={spanOf(limits, 'sits', 'pressedMm')}
          error={errorAt(errors, `parts[${index}].sits.pressedMm`)}
          onChange={(pressedMm) => onChange((p) => (p.sits ? { ...p, sits: { ...p.sits, pressedMm } } : p))}
          onSettle={onSettle}
        />
      )}
      <label className="inline-flex items-center gap-1 text-note text-soft">
        moved with the group
        <TextField
          label={`${part.name}, group`}
          value={part.group ?? ''}
          placeholder="none"
          error={errorAt(errors, `parts[${index}].group`)}
          onChange={(group) => onChange((p) => ({ ...p, group }))}
          onSettle={onSettle}
          className="w-24"
        />
      </label>
      {wrong && (
        <p role="alert" className="text-note text-madder">
          {wrong.fix}
        </p>
      )}
    </div>
  );
}
