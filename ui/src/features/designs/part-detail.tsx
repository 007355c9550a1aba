import type { Ref } from 'react';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { InlineNumber } from '../../controls/inline-number';
import { ShowWorking } from '../../controls/workings-list';
import type { InputError } from '../../server/client';
import type { MeasuredPart, Part } from '../../server/types';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { pointOf, pointValue } from './assemblies';
import { CoreFields } from './core-fields';
import { LayerFields, LayerOver } from './layer-fields';
import { reshaped } from './new-design';
import { OutlineField } from './outline-field';
import { PartWorkings } from './part-workings';

interface Props {
  ref?: Ref<HTMLDivElement>;
  part: Part;
  parts: Part[];
  index: number;
  places: { value: string; label: string }[];
  measured: MeasuredPart | undefined;
  errors: InputError[];
  onChange: (change: (part: Part) => Part) => void;
  onSettle: () => void;
  onRemove: () => void;
}

const NOTHING = 'nothing';

/** More of the chosen part: its shape, its core, where it stands, when it is first baked, and how its figures came. */
export function PartDetail(props: Props) {
  const { ref, part, parts, index, places, measured, errors, onChange, onSettle, onRemove } = props;
  const limits = useLimits();
  const inner = parts.slice(0, index);
  return (
    <div
      ref={ref}
      role="group"
      aria-label={`More about ${part.name}`}
      tabIndex={-1}
      className="flex shrink-0 flex-col gap-1.5 rounded-card border border-line bg-paper px-4 py-2"
    >
      <div className="flex flex-wrap items-center gap-x-4">
        <h2 className="text-figure">{part.name}</h2>
        {!part.layer && (
          <Choice
            label="Shape"
            value={part.shape.kind}
            options={limits.shapes.map((s) => ({ value: s.kind, label: s.label }))}
            onChange={(kind) => onChange((p) => reshaped(p, kind as Part['shape']['kind'], limits))}
          />
        )}
        <LayerOver {...props} />
        {places.length > 1 && (
          <label className="inline-flex items-center gap-1 text-note text-soft">
            put in{' '}
            <Choice
              label="Put in"
              value={pointValue(part)}
              options={places}
              onChange={(value) => onChange((p) => ({ ...p, ...pointOf(value) }))}
            />
          </label>
        )}
        <Button kind="quiet" className="ml-auto min-h-8 text-note" onClick={onRemove}>
          Remove this part
        </Button>
      </div>
      {part.layer && <LayerFields {...props} />}
      {!part.layer && part.shape.kind === 'CUT_OUT' && (
        <OutlineField part={part} onChange={onChange} onSettle={onSettle} />
      )}
      {!part.layer && (
        <>
          <CoreFields
            part={part}
            index={index}
            measured={measured}
            errors={errors}
            onChange={onChange}
            onSettle={onSettle}
          />
          <PlaceFields {...props} />
        </>
      )}
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <InlineNumber
          of={part.name}
          words="spares per batch"
          value={part.spares ?? 0}
          span={spanOf(limits, 'part', 'spares')}
          chars={2}
          error={errorAt(errors, `parts[${index}].spares`)}
          onChange={(spares) => onChange((p) => ({ ...p, spares }))}
          onSettle={onSettle}
        />
        {inner.length > 0 && !part.core && !part.layer && (
          <label className="inline-flex items-center gap-1 text-note text-soft">
            built around
            <Choice
              label="Built around"
              value={part.around === undefined ? NOTHING : String(part.around)}
              options={[
                { value: NOTHING, label: 'nothing' },
                ...inner.map((p, i) => ({ value: String(i), label: p.name })),
              ]}
              onChange={(value) =>
                onChange((p) => {
                  const { around: before, ...alone } = p;
                  return value === NOTHING ? alone : { ...alone, around: Number(value) };
                })
              }
            />
          </label>
        )}
        {errorAt(errors, `parts[${index}].around`) && (
          <p role="alert" className="text-note text-madder">
            {errorAt(errors, `parts[${index}].around`)?.fix}
          </p>
        )}
      </div>
      {measured && (
        <ShowWorking>
          <PartWorkings part={part} measured={measured} />
        </ShowWorking>
      )}
    </div>
  );
}

const placeFields = [
  { field: 'acrossMm', words: 'across' },
  { field: 'upMm', words: 'up' },
  { field: 'frontMm', words: 'front' },
  { field: 'tiltDeg', words: 'tilt' },
] as const;

function PlaceFields({ part, index, measured, errors, onChange, onSettle }: Props) {
  const limits = useLimits();
  const spacing = part.placement.spacingMm ?? 0;
  const box = measured?.box;
  const set = (change: Partial<Part['placement']>) =>
    onChange((p) => ({ ...p, placement: { ...p.placement, ...change } }));
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
      {placeFields.map(({ field, words }) => (
        <InlineNumber
          key={field}
          of={part.name}
          words={words}
          value={part.placement[field]}
          span={spanOf(limits, 'placement', field)}
          error={errorAt(errors, `parts[${index}].placement.${field}`)}
          onChange={(value) => set({ [field]: value })}
          onSettle={onSettle}
        />
      ))}
      <Choice
        label="Top faces"
        value={part.placement.facing ?? 'UP'}
        options={choicesOf(limits, 'facing')}
        onChange={(facing) => set({ facing: facing as NonNullable<Part['placement']['facing']> })}
        className="text-note"
      />
      {part.count > 1 && (
        <Choice
          label="Arrangement of the copies"
          value={part.placement.arrangement}
          options={choicesOf(limits, 'arrangement')}
          onChange={(arrangement) =>
            set({
              arrangement: arrangement as Part['placement']['arrangement'],
              spacingMm: spacing > 0 ? spacing : Math.ceil(Math.max(box?.widthMm ?? 10, box?.heightMm ?? 10)),
            })
          }
          className="text-note"
        />
      )}
      {part.count > 1 && ['ROW', 'COLUMN'].includes(part.placement.arrangement) && (
        <InlineNumber
          of={part.name}
          words="spacing"
          value={spacing}
          span={spanOf(limits, 'placement', 'spacingMm')}
          error={errorAt(errors, `parts[${index}].placement.spacingMm`)}
          onChange={(spacingMm) => set({ spacingMm })}
          onSettle={onSettle}
        />
      )}
    </div>
  );
}
