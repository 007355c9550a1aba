import type { Ref } from 'react';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { Menu } from '../../controls/menu';
import { InlineNumber } from '../../controls/inline-number';
import { ShowWorking } from '../../controls/workings-list';
import type { InputError } from '../../server/client';
import type { Design, MeasuredPart, Part } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { pointOf, pointValue } from './assemblies';
import { CoreFields } from './core-fields';
import { FromClay } from './from-clay';
import { LayerFields, LayerOver } from './layer-fields';
import { asHighAsDrawn, reshaped } from './new-design';
import { LineField } from './line-field';
import { OutlineField } from './outline-field';
import { PartWorkings } from './part-workings';
import { goesUp, mirrored } from './part-moves';
import { PlaceFields } from './place-fields';
import { SitsFields } from './sits-fields';

interface Props {
  ref?: Ref<HTMLDivElement>;
  part: Part;
  design: Design;
  index: number;
  places: { value: string; label: string }[];
  measured: MeasuredPart | undefined;
  errors: InputError[];
  onChange: (change: (part: Part) => Part) => void;
  onSettle: () => void;
  onRemove: () => void;
  onDuplicate: () => void;
  /** Puts a part and the one before it in the list in each other's place. */
  onSwap: (index: number) => void;
}

const NOTHING = 'nothing';

/** More of the chosen part: its shape, its core, where it stands, when it is first baked, and how its figures came. */
export function PartDetail(props: Props) {
  const { ref, part, design, index, places, measured, errors, onChange, onSettle, onRemove, onDuplicate, onSwap } =
    props;
  const limits = useLimits();
  const inner = design.parts.slice(0, index);
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
        <span className="ml-auto flex flex-wrap">
          <Menu
            align="end"
            trigger={
              <Button kind="quiet" className="min-h-8 text-note" aria-label={`More to do with ${part.name}`}>
                More ▾
              </Button>
            }
            items={[
              { value: 'duplicate', label: 'Duplicate' },
              ...(part.layer ? [] : [{ value: 'mirror', label: 'Mirror to the other side' }]),
              ...(goesUp(design.parts, index) ? [{ value: 'up', label: 'Move up in the list' }] : []),
              ...(goesUp(design.parts, index + 1) ? [{ value: 'down', label: 'Move down in the list' }] : []),
            ]}
            onChoose={(what) => {
              if (what === 'duplicate') onDuplicate();
              else if (what === 'mirror') onChange(mirrored);
              else onSwap(what === 'up' ? index : index + 1);
              onSettle();
            }}
          />
          <Button kind="quiet" className="min-h-8 text-note" onClick={onRemove}>
            Remove this part
          </Button>
        </span>
      </div>
      {part.layer && <LayerFields {...props} />}
      {!part.layer && part.shape.kind === 'CUT_OUT' && (
        <OutlineField part={part} onChange={onChange} onSettle={onSettle} />
      )}
      {!part.layer &&
        (part.shape.lines ?? []).map((line, i) => (
          <LineField
            key={`${part.shape.kind} ${i}`}
            of={part.name}
            asked={limits.shapes.find((s) => s.kind === part.shape.kind)?.lines[i] ?? { words: 'line', closed: false }}
            line={line}
            path={`parts[${index}].shape.lines[${i}]`}
            errors={errors}
            onChange={(drawn) =>
              onChange((p) => {
                const next = { ...p, shape: { ...p.shape, lines: (p.shape.lines ?? []).with(i, drawn) } };
                return i === 0 ? asHighAsDrawn(next) : next;
              })
            }
            onSettle={onSettle}
          />
        ))}
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
          <PlaceFields
            of={part}
            path={`parts[${index}].placement`}
            measured={measured}
            errors={errors}
            sits={part.sits}
            onChange={(placement) => onChange((p) => ({ ...p, placement: { ...p.placement, ...placement } }))}
            onSettle={onSettle}
          />
          <SitsFields {...props} />
          <FromClay key={`${index} ${part.shape.kind}`} {...props} />
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
