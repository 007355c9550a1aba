import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { InlineNumber } from '../../controls/inline-number';
import { NumberField } from '../../controls/number-field';
import { Switch } from '../../controls/switch';
import { TextField } from '../../controls/text-field';
import type { Design } from '../../server/types';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import {
  bakedEarlier,
  bakesOf,
  jointPoints,
  pointOf,
  pointValue,
  withBake,
  withoutAssembly,
  withoutBake,
  type Assembly,
  type Stage,
} from './assemblies';
import type { DesignDraft } from './use-design';

interface Props {
  design: DesignDraft;
  assembly: Assembly;
  index: number;
}

/** One assembly: its name, where and how it is joined, and its own bakes. */
export function AssemblyFields({ design, assembly, index }: Props) {
  const { draft, errors } = design;
  const bakes = bakesOf(draft.form, index);
  const at = `assemblies[${index}]`;
  const change = (how: (a: Assembly) => Assembly) => draft.change((p) => changed(p, index, how));
  return (
    <section
      aria-label={assembly.name}
      className="flex flex-col gap-2 rounded-card border border-line bg-paper px-4 py-3"
    >
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <TextField
          label={`Name of assembly ${index + 1}`}
          value={assembly.name}
          error={errorAt(errors, `${at}.name`)}
          onChange={(name) => change((a) => ({ ...a, name }))}
          onSettle={draft.settle}
          className="w-44 border-transparent font-head text-figure"
        />
        {index > 0 && (
          <Switch
            label="set of separate parts"
            on={assembly.separate ?? false}
            onChange={(separate) => change((a) => ({ ...a, separate }))}
          />
        )}
        {index > 0 && (
          <Button
            kind="quiet"
            className="ml-auto text-note"
            onClick={() => draft.change((p) => withoutAssembly(p, index))}
          >
            Remove this assembly
          </Button>
        )}
      </div>
      {index > 0 && <JointFields design={design} assembly={assembly} index={index} onChange={change} />}
      {bakes.map((stage, k) => (
        <StageFields key={stage} design={design} index={stage} position={k} />
      ))}
      <div>
        <Button
          adds
          kind="quiet"
          aria-label={`Add a bake to ${assembly.name}`}
          onClick={() => draft.change((p) => withBake(p, index))}
        >
          Add a bake
        </Button>
      </div>
    </section>
  );
}

const changed = (design: Design, index: number, how: (a: Assembly) => Assembly): Design => ({
  ...design,
  assemblies: (design.assemblies ?? []).map((a, i) => (i === index ? how(a) : a)),
});

function JointFields({
  design,
  assembly,
  index,
  onChange,
}: Props & { onChange: (how: (a: Assembly) => Assembly) => void }) {
  const limits = useLimits();
  const { form } = design.draft;
  const error = errorAt(design.errors, `assemblies[${index}].into`);
  return (
    <div className="flex flex-wrap items-center gap-x-2 gap-y-1 text-note text-soft">
      joined
      <Choice
        label={`How ${assembly.name} is joined`}
        value={assembly.joint ?? 'CURED'}
        options={choicesOf(limits, 'joint')}
        onChange={(joint) => onChange((a) => ({ ...a, joint: joint as NonNullable<Assembly['joint']> }))}
      />
      to
      <Choice
        label={`Where ${assembly.name} is joined`}
        value={pointValue(assembly.into ?? {})}
        options={jointPoints(form, index)}
        onChange={(value) => onChange((a) => ({ ...a, into: pointOf(value) }))}
      />
      {error && (
        <p role="alert" className="text-madder">
          {error.fix}
        </p>
      )}
    </div>
  );
}

function StageFields({ design, index, position }: { design: DesignDraft; index: number; position: number }) {
  const limits = useLimits();
  const { draft, errors } = design;
  const stage = draft.form.stages[index];
  if (!stage) return null;
  const at = `stages[${index}]`;
  const onChange = (how: (stage: Stage) => Stage) =>
    draft.change((p) => ({ ...p, stages: p.stages.map((s, i) => (i === index ? how(s) : s)) }));
  return (
    <div className="flex flex-col gap-1 border-t border-line pt-2">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <TextField
          label="Name of the bake"
          value={stage.name}
          error={errorAt(errors, `${at}.name`)}
          onChange={(name) => onChange((s) => ({ ...s, name }))}
          onSettle={draft.settle}
          className="w-32 font-semibold"
        />
        <Choice
          label="Purpose of the bake"
          value={stage.kind}
          options={choicesOf(limits, 'stageKind')}
          onChange={(kind) => onChange((s) => ({ ...s, kind: kind as Stage['kind'] }))}
        />
        <label className="inline-flex items-baseline gap-1 text-note text-soft">
          cooling{' '}
          <NumberField
            label={`${stage.name}, cooling`}
            value={stage.coolingMin}
            span={spanOf(limits, 'stage', 'coolingMin')}
            chars={3}
            error={errorAt(errors, `${at}.coolingMin`)}
            onChange={(coolingMin) => onChange((s) => ({ ...s, coolingMin }))}
            onSettle={draft.settle}
          />{' '}
          min
        </label>
        <label className="inline-flex items-baseline gap-1 text-note text-soft">
          in the oven it{' '}
          <Choice
            label={`${stage.name}, pose in the oven`}
            value={stage.pose ?? draft.form.pose}
            options={choicesOf(limits, 'pose')}
            onChange={(pose) => onChange((s) => ({ ...s, pose: pose as NonNullable<Stage['pose']> }))}
          />
        </label>
        <RestFields design={design} stage={stage} at={at} onChange={onChange} />
        <Switch label="quench" on={stage.quench ?? false} onChange={(quench) => onChange((s) => ({ ...s, quench }))} />
        <Switch
          label="own figures"
          on={stage.own !== undefined}
          onChange={(on) => onChange((s) => (on ? { ...s, own: firstFigures(design, index) } : withoutOwn(s)))}
        />
        {position > 0 && (
          <Button
            kind="quiet"
            className="text-note"
            aria-label={`Move ${stage.name} earlier`}
            onClick={() => draft.change((p) => bakedEarlier(p, index))}
          >
            Move earlier
          </Button>
        )}
        {draft.form.stages.length > 1 && (
          <Button
            kind="quiet"
            className="text-note"
            aria-label={`Remove ${stage.name}`}
            onClick={() => draft.change((p) => withoutBake(p, index))}
          >
            Remove
          </Button>
        )}
      </div>
      {stage.own && <OwnFields design={design} stage={stage} at={at} onChange={onChange} />}
    </div>
  );
}

const AIR = 'AIR';
const usualThick = { TRAY: 1, TILE: 8, BED: 20 };

/** What it lies on in the oven: the air is all round it, or something takes up heat under it. */
function RestFields({ design, stage, at, onChange }: OwnProps) {
  const limits = useLimits();
  const { rest } = stage;
  const set = (change: Partial<NonNullable<Stage['rest']>>) =>
    onChange((s) => (s.rest ? { ...s, rest: { ...s.rest, ...change } } : s));
  return (
    <span className="inline-flex flex-wrap items-baseline gap-x-2 gap-y-1 text-note text-soft">
      on{' '}
      <Choice
        label={`${stage.name}, what it lies on`}
        value={rest?.on ?? AIR}
        options={[{ value: AIR, label: 'a rack, air all round' }, ...choicesOf(limits, 'restOn')]}
        onChange={(value) =>
          onChange((s) => {
            const { rest: before, ...free } = s;
            if (value === AIR) return free;
            const on = value as NonNullable<Stage['rest']>['on'];
            return { ...free, rest: { hot: before?.hot ?? false, on, thickMm: usualThick[on] } };
          })
        }
      />
      {rest && (
        <InlineNumber
          of={stage.name}
          words="thick"
          value={rest.thickMm}
          span={spanOf(limits, 'rest', 'thickMm')}
          error={errorAt(design.errors, `${at}.rest.thickMm`)}
          onChange={(thickMm) => set({ thickMm })}
          onSettle={design.draft.settle}
        />
      )}
      {rest && <Switch label="heated with the oven" on={rest.hot ?? false} onChange={(hot) => set({ hot })} />}
    </span>
  );
}

const withoutOwn = ({ own: _, ...stage }: Stage): Stage => stage;

/** What was worked out for a bake, to begin from. */
function firstFigures({ measured }: DesignDraft, index: number): NonNullable<Stage['own']> {
  const need = measured.stages[index];
  return need ? { tempC: need.lowC, bakingMin: Math.max(1, Math.ceil(need.bakingMin)), why: '' } : { why: '' };
}

interface OwnProps {
  design: DesignDraft;
  stage: Stage;
  at: string;
  onChange: (how: (stage: Stage) => Stage) => void;
}

function OwnFields({ design, stage, at, onChange }: OwnProps) {
  const limits = useLimits();
  const { draft, errors } = design;
  const set = (change: Partial<NonNullable<Stage['own']>>) => onChange((s) => ({ ...s, own: { ...s.own, ...change } }));
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
      <InlineNumber
        of={stage.name}
        words="own temperature"
        value={stage.own?.tempC ?? 0}
        span={spanOf(limits, 'ownBake', 'tempC')}
        error={errorAt(errors, `${at}.own.tempC`)}
        onChange={(tempC) => set({ tempC })}
        onSettle={draft.settle}
      />
      <InlineNumber
        of={stage.name}
        words="own baking time"
        value={stage.own?.bakingMin ?? 0}
        span={spanOf(limits, 'ownBake', 'bakingMin')}
        error={errorAt(errors, `${at}.own.bakingMin`)}
        onChange={(bakingMin) => set({ bakingMin })}
        onSettle={draft.settle}
      />
      <label className="inline-flex flex-1 items-center gap-2 text-note text-soft">
        because
        <TextField
          label={`${stage.name}, reason for your own figures`}
          value={stage.own?.why ?? ''}
          error={errorAt(errors, `${at}.own.why`)}
          onChange={(why) => set({ why })}
          onSettle={draft.settle}
          className="min-w-40 flex-1"
        />
      </label>
    </div>
  );
}
