import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { InlineNumber } from '../../controls/inline-number';
import { Switch } from '../../controls/switch';
import { TextField } from '../../controls/text-field';
import type { InputError } from '../../server/client';
import type { MeasuredDesign, NonClay, Shelf } from '../../server/types';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { grams, u } from '../../words/figures';
import { pointOf, pointValue } from './assemblies';
import { dimensionsOf } from './new-design';
import { PlaceFields } from './place-fields';
import { SizeFields } from './size-fields';

interface Props {
  thing: NonClay;
  index: number;
  places: { value: string; label: string }[];
  findings: Shelf['findings'];
  /** Designs that it can be made of, by their numbers. */
  designs: Choosable[];
  measured: MeasuredDesign['nonClay'][number] | undefined;
  errors: InputError[];
  onChange: (change: (thing: NonClay) => NonClay) => void;
  onSettle: () => void;
  onRemove: () => void;
}

interface Choosable {
  id: number;
  name: string;
}

const TYPED = 'typed';

/** A board to begin from, under the design. */
export const firstBoard: NonClay = {
  name: 'Board',
  shape: { kind: 'BLOCK', dimensions: { widthMm: 60, depthMm: 40, heightMm: 6 } },
  count: 1,
  massG: 10,
  oven: 'AFTER',
  support: false,
  placement: { acrossMm: 0, upMm: -6, frontMm: 0, tiltDeg: 0, arrangement: 'MIRRORED', facing: 'UP' },
};

/** Something that is not clay: its size, weight and place, and what becomes of it in the oven. */
export function NonClayFields(props: Props) {
  const { thing, index, measured, errors, onChange, onSettle, onRemove } = props;
  const limits = useLimits();
  const path = `nonClay[${index}]`;
  const number = (field: 'count' | 'massG' | 'ceilingC', words: string) => (
    <InlineNumber
      of={thing.name}
      words={words}
      value={thing[field] ?? 0}
      span={spanOf(limits, 'nonClay', field)}
      error={errorAt(errors, `${path}.${field}`)}
      onChange={(value) => onChange((t) => ({ ...t, [field]: value }))}
      onSettle={onSettle}
    />
  );
  return (
    <section className="flex flex-col gap-1.5 rounded-card border border-line bg-paper px-4 py-2">
      <div className="flex flex-wrap items-center gap-x-4">
        <TextField
          label={`Name of thing ${index + 1} that is not clay`}
          value={thing.name}
          error={errorAt(errors, `${path}.name`)}
          onChange={(name) => onChange((t) => ({ ...t, name }))}
          onSettle={onSettle}
          className="w-40 border-transparent font-head text-figure font-bold"
        />
        {number('count', 'count')}
        <Button kind="quiet" className="ml-auto min-h-8 text-note" onClick={onRemove}>
          Remove this
        </Button>
      </div>
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <Choice
          label={`Shape of ${thing.name}`}
          value={thing.shape.kind}
          options={limits.shapes
            .filter((s) => s.kind !== 'CUT_OUT' && s.lines.length === 0)
            .map((s) => ({ value: s.kind, label: s.label }))}
          onChange={(value) => {
            const kind = value as NonClay['shape']['kind'];
            onChange((t) => ({
              ...t,
              shape: { kind, dimensions: dimensionsOf(kind, t.shape.dimensions, limits) },
            }));
          }}
        />
        <SizeFields
          part={thing}
          errors={errors}
          path={`${path}.shape.dimensions`}
          onChange={(dimensions) => onChange((t) => ({ ...t, shape: { ...t.shape, dimensions } }))}
          onSettle={onSettle}
        />
      </div>
      <PlaceFields
        of={thing}
        path={`${path}.placement`}
        measured={measured}
        errors={errors}
        onChange={(placement) => onChange((t) => ({ ...t, placement: { ...t.placement, ...placement } }))}
        onSettle={onSettle}
      />
      <Origin {...props}>{number('massG', 'weight of one')}</Origin>
      <InTheOven {...props}>{number('ceilingC', 'at most')}</InTheOven>
    </section>
  );
}

const originOf = ({ findingId, designId }: NonClay) =>
  findingId !== undefined ? `finding ${findingId}` : designId !== undefined ? `design ${designId}` : TYPED;

/** The same thing from elsewhere: a finding, a design, or neither. */
function from(thing: NonClay, origin: string): NonClay {
  const { findingId: _, designId: __, ...rest } = thing;
  const [kind, id] = origin.split(' ');
  if (kind === 'finding') return { ...rest, findingId: Number(id) };
  if (kind === 'design') return { ...rest, designId: Number(id) };
  return rest;
}

/** Whether it is a finding of the shelf, or is made of a design in the same batch; else its weight is typed. */
function Origin({ thing, findings, designs, measured, onChange, children }: Props & { children: React.ReactNode }) {
  const origin = originOf(thing);
  return (
    <div className="flex flex-wrap items-center gap-x-3 gap-y-1 text-note text-soft">
      {!thing.support && (findings.length > 0 || designs.length > 0) && (
        <label className="inline-flex items-center gap-1">
          comes from{' '}
          <Choice
            label={`Where ${thing.name} comes from`}
            value={origin}
            options={[
              { value: TYPED, label: 'elsewhere, not counted' },
              ...findings.map((f) => ({ value: `finding ${f.id}`, label: `the shelf: ${f.finding.name}` })),
              ...designs.map((d) => ({ value: `design ${d.id}`, label: `made first: ${d.name}` })),
            ]}
            onChange={(value) => onChange((t) => from(t, value))}
          />
        </label>
      )}
      {origin === TYPED ? (
        children
      ) : (
        <span>
          {grams(measured?.massG ?? 0)} {u.g} each, {thing.designId ? 'by its design' : 'by the shelf'}
        </span>
      )}
    </div>
  );
}

function InTheOven({ thing, places, onChange, children }: Props & { children: React.ReactNode }) {
  const limits = useLimits();
  const oven = thing.oven ?? 'IN';
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 text-note text-soft">
      <Switch
        label="only holds it in the oven"
        on={thing.support ?? false}
        onChange={(support) =>
          onChange((t) => {
            return support ? { ...from(t, TYPED), support, oven: 'IN' } : { ...t, support };
          })
        }
      />
      {!thing.support && (
        <Choice
          label={`${thing.name} while it bakes`}
          value={oven}
          options={choicesOf(limits, 'nonClayOven')}
          onChange={(value) => onChange((t) => ({ ...t, oven: value as NonNullable<NonClay['oven']> }))}
        />
      )}
      {oven === 'IN' && places.length > 1 && (
        <label className="inline-flex items-center gap-1">
          put in{' '}
          <Choice
            label={`Where ${thing.name} is put in`}
            value={pointValue(thing)}
            options={places}
            onChange={(value) => onChange((t) => ({ ...t, ...pointOf(value) }))}
          />
        </label>
      )}
      {oven === 'IN' && thing.designId === undefined && (
        <Switch
          label="highest safe temperature"
          on={thing.ceilingC !== undefined}
          onChange={(on) =>
            onChange((t) => {
              const { ceilingC: before, ...rest } = t;
              return on ? { ...rest, ceilingC: before ?? 150 } : rest;
            })
          }
        />
      )}
      {oven === 'IN' && thing.designId === undefined && thing.ceilingC !== undefined && children}
    </div>
  );
}
