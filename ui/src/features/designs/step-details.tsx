import { Button } from '../../controls/button';
import { Check } from '../../controls/check';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import { TextField } from '../../controls/text-field';
import type { Design } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import type { DesignDraft } from './use-design';

type Step = Design['steps'][number];

const NONE = 'none';

interface Props {
  design: DesignDraft;
  step: Step;
  index: number;
  onChange: (change: (step: Step) => Step) => void;
}

/** The part a step is for and how many of it one blank gives, its jig, its tools and the maker's own caution. */
export function StepDetails({ design, step, index, onChange }: Props) {
  const limits = useLimits();
  const { draft, errors } = design;
  const at = `steps[${index}]`;
  const { jig } = step;
  const text = (field: 'tools' | 'caution', words: string) => (
    <label className="inline-flex items-baseline gap-1">
      {words}
      <TextField
        label={`${step.name}, ${words}`}
        value={step[field] ?? ''}
        error={errorAt(errors, `${at}.${field}`)}
        onChange={(value) => onChange((s) => ({ ...s, [field]: value }))}
        onSettle={draft.settle}
        className="w-64 text-ink"
      />
    </label>
  );
  return (
    <div className="flex flex-wrap items-center gap-x-4 border-l-2 border-line pl-3 text-note text-soft">
      <span>
        for{' '}
        <Choice
          label={`${step.name}, for`}
          value={step.part === undefined ? NONE : String(step.part)}
          options={[
            { value: NONE, label: 'all of it' },
            ...draft.form.parts.map((part, i) => ({ value: String(i), label: part.name })),
          ]}
          onChange={(part) =>
            onChange(({ part: _, ...s }) => (part === NONE ? { ...s, perBlank: 1 } : { ...s, part: Number(part) }))
          }
          className="min-h-8 border-transparent"
        />
        {step.part !== undefined && (
          <>
            <NumberField
              label={`${step.name}, ${spanOf(limits, 'step', 'perBlank').label}`}
              value={step.perBlank ?? 1}
              span={spanOf(limits, 'step', 'perBlank')}
              error={errorAt(errors, `${at}.perBlank`)}
              onChange={(perBlank) => onChange((s) => ({ ...s, perBlank }))}
              onSettle={draft.settle}
            />{' '}
            from one blank
          </>
        )}
      </span>
      {text('tools', 'tools')}
      {text('caution', 'caution')}
      {jig === undefined ? (
        <Button
          adds
          kind="quiet"
          className="px-1 font-normal"
          aria-label={`Add a jig to ${step.name}`}
          onClick={() => onChange((s) => ({ ...s, jig: { name: 'Template', makingMin: 10 } }))}
        >
          Add a jig
        </Button>
      ) : (
        <span className="inline-flex items-center gap-2">
          jig
          <TextField
            label={`${step.name}, jig`}
            value={jig.name}
            error={errorAt(errors, `${at}.jig.name`)}
            onChange={(name) => onChange((s) => ({ ...s, jig: { ...jig, name } }))}
            onSettle={draft.settle}
            className="w-40 text-ink"
          />
          takes
          <NumberField
            label={`${step.name}, ${spanOf(limits, 'jig', 'makingMin').label}`}
            value={jig.makingMin}
            span={spanOf(limits, 'jig', 'makingMin')}
            error={errorAt(errors, `${at}.jig.makingMin`)}
            onChange={(makingMin) => onChange((s) => ({ ...s, jig: { ...jig, makingMin } }))}
            onSettle={draft.settle}
          />
          min
          <Check
            label="made"
            name={`${jig.name} is made`}
            on={jig.made ?? false}
            onChange={(made) => onChange((s) => ({ ...s, jig: { ...jig, made } }))}
          />
          <Button
            kind="quiet"
            className="px-2"
            aria-label={`Remove ${jig.name} from ${step.name}`}
            onClick={() => onChange(({ jig: _, ...s }) => s)}
          >
            ✕
          </Button>
        </span>
      )}
    </div>
  );
}
