import type { ReactNode } from 'react';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import { Swatch } from '../../controls/swatch';
import type { Design, Limits, PaintedPart, Shelf, Span } from '../../server/types';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { count, minutes, amountIn, unitOf } from '../../words/figures';
import { spanIn } from '../../words/units';
import type { DesignDraft } from './use-design';

type Step = Design['steps'][number];
type Use = NonNullable<Step['uses']>[number];
type Supply = Shelf['supplies'][number];

const WHOLE = 'all';
interface Props {
  design: DesignDraft;
  step: Step;
  index: number;
  supplies: Supply[];
  onChange: (change: (step: Step) => Step) => void;
  /** At the end of its last line. */
  children: ReactNode;
}

/** What a step takes of paint, varnish and other supplies, how long these dry, and how long to wait besides. */
export function StepUses({ design, step, index, supplies, onChange, children }: Props) {
  const uses = step.uses ?? [];
  const set = (change: (uses: Use[]) => Use[]) => onChange((s) => ({ ...s, uses: change(s.uses ?? []) }));
  const first = supplies[0];
  const limits = useLimits();
  const waiting = spanOf(limits, 'step', 'waitingMin');
  return (
    <div className="flex flex-col text-note text-soft">
      {uses.map((use, i) => (
        <UseRow
          key={i}
          design={design}
          step={step}
          at={{ step: index, use: i }}
          use={use}
          supplies={supplies}
          onChange={(change) => set((all) => all.map((u, j) => (j === i ? { ...u, ...change } : u)))}
          onRemove={() => set((all) => all.filter((_, j) => j !== i))}
        />
      ))}
      <div className="flex flex-wrap items-baseline gap-x-4">
        <span className="whitespace-nowrap">
          then wait{' '}
          <NumberField
            label={`${step.name}, ${waiting.label}`}
            value={step.waitingMin ?? 0}
            span={waiting}
            chars={3}
            error={errorAt(design.errors, `steps[${index}].waitingMin`)}
            onChange={(waitingMin) => onChange((s) => ({ ...s, waitingMin }))}
            onSettle={design.draft.settle}
          />{' '}
          min
        </span>
        {first && (
          <Button
            adds
            kind="quiet"
            className="px-1 font-normal"
            aria-label={`Add a supply to ${step.name}`}
            onClick={() => set((all) => [...all, fresh(first, limits)])}
          >
            Add a supply
          </Button>
        )}
        {children}
      </div>
    </div>
  );
}

/** A use of a supply to begin with: a coat on everything, or one for each piece. */
function fresh(supply: Supply, limits: Limits): Use {
  return limits.inCoats.includes(supply.supply.kind)
    ? { supplyId: supply.id, coats: 1, sharePercent: 100, each: 0, setup: 0 }
    : { supplyId: supply.id, coats: 0, sharePercent: 100, each: 1, setup: 0 };
}

interface RowProps {
  design: DesignDraft;
  step: Step;
  at: { step: number; use: number };
  use: Use;
  supplies: Supply[];
  onChange: (change: Partial<Use>) => void;
  onRemove: () => void;
}

function UseRow({ design, step, at, use, supplies, onChange, onRemove }: RowProps) {
  const limits = useLimits();
  const supply = supplies.find((s) => s.id === use.supplyId);
  const coated = supply !== undefined && limits.inCoats.includes(supply.supply.kind);
  const name = supply?.supply.name ?? 'supply';
  const unit = choicesOf(limits, 'supplyUnit').find((u) => u.value === supply?.supply.unit)?.label ?? '';
  const worked = design.measured.uses.filter((u) => u.step === at.step)[at.use];
  const number = (field: 'coats' | 'sharePercent' | 'each' | 'setup', span: Span) => (
    <NumberField
      label={`${step.name}, ${name}, ${span.label}`}
      value={use[field] ?? 0}
      span={span}
      error={errorAt(design.errors, `steps[${at.step}].uses[${at.use}].${field}`)}
      onChange={(value) => onChange({ [field]: value })}
      onSettle={design.draft.settle}
    />
  );
  const span = (field: string) => spanOf(limits, 'stepUse', field);
  return (
    <div className="flex flex-wrap items-center gap-x-2">
      <Choice
        label={`${step.name}, supply ${at.use + 1}`}
        value={String(use.supplyId)}
        options={supplies.map((s) => ({ value: String(s.id), label: s.supply.name }))}
        onChange={(id) => {
          const chosen = supplies.find((s) => s.id === Number(id));
          if (!chosen) return;
          const same = limits.inCoats.includes(chosen.supply.kind) === coated;
          onChange(same ? { supplyId: chosen.id } : fresh(chosen, limits));
        }}
        className="min-h-8 border-transparent"
      />
      {coated ? (
        <>
          {number('coats', span('coats'))} coats on {number('sharePercent', span('sharePercent'))} % of
          <Choice
            label={`${step.name}, ${name}, put on`}
            value={use.part === undefined ? WHOLE : String(use.part)}
            options={[
              { value: WHOLE, label: 'all parts' },
              ...design.draft.form.parts.map((part, i) => ({ value: String(i), label: part.name })),
            ]}
            onChange={(part) => {
              if (part !== WHOLE) onChange({ part: Number(part) });
              else onChange({ part: undefined } as unknown as Partial<Use>);
            }}
            className="min-h-8 border-transparent"
          />
        </>
      ) : (
        <>
          {number('each', spanIn(span('each'), unit))} {unitOf(unit)} each,{' '}
          {number('setup', spanIn(span('setup'), unit))} {unitOf(unit)} for the batch
        </>
      )}
      {worked?.supplyId === use.supplyId && coated && (
        <span className="figure text-ink">
          {amountIn(worked.unit, worked.each, 2)} {unitOf(worked.unit)} each
          {worked.dryingMin > 0 && `, dry after ${minutes(worked.dryingMin)}`}
        </span>
      )}
      {worked?.supplyId === use.supplyId && worked.painted.length > 0 && (
        <Painted painted={worked.painted} coats={use.coats ?? 0} parts={design.draft.form.parts} />
      )}
      {worked?.supplyId === use.supplyId && coated && (
        <ShowWorking of={`${name} at ${step.name}`}>
          <WorkingsList workings={worked.workings} />
        </ShowWorking>
      )}
      <Button kind="quiet" className="ml-auto px-2" aria-label={`Remove ${name} from ${step.name}`} onClick={onRemove}>
        ✕
      </Button>
    </div>
  );
}

interface PaintedProps {
  painted: PaintedPart[];
  coats: number;
  parts: Design['parts'];
}

/** How the part that shows through most looks under these coats, and how many would hide it. */
function Painted({ painted, coats, parts }: PaintedProps) {
  const worst = painted.reduce((a, b) => (b.shows > a.shows ? b : a));
  const name = parts[worst.part]?.name ?? '';
  return (
    <span className="inline-flex items-center gap-1">
      <Swatch raw={worst.belowHex} cured={worst.aboveHex} size={20} />
      {words(worst.hides, coats, name)}
    </span>
  );
}

function words(hides: number, coats: number, name: string): string {
  if (hides === 0) return `${name} shows through even 12 coats`;
  if (hides <= coats) return `hides ${name}`;
  return `${name} shows through; ${count(hides, 'coat')} hide it`;
}
