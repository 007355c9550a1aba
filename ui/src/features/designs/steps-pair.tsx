import { useState } from 'react';
import { Button } from '../../controls/button';
import { Check } from '../../controls/check';
import { Choice } from '../../controls/choice';
import { HotAirCaution } from '../../controls/hot-air-caution';
import { NumberField } from '../../controls/number-field';
import { Pair } from '../../controls/place';
import { SortableList, SortableRow } from '../../controls/sortable-list';
import { TextField } from '../../controls/text-field';
import type { Design, Limits, Shelf } from '../../server/types';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useMoney, useShelf } from '../../server/use-studio';
import { pointOf, points, pointValue } from './assemblies';
import { OutOfOrder } from './out-of-order';
import { JumpRingCard } from './jump-ring-card';
import { inOrder, movedTo, swapped } from './step-order';
import { StepDetails } from './step-details';
import { useDesignActs } from './use-design-acts';
import { FittingsLedger } from './fittings-ledger';
import { LearnedMinutes } from './learned-minutes';
import { StepUses } from './step-uses';
import { StepsDrawing } from './steps-drawing';
import type { DesignDraft } from './use-design';

type Step = Design['steps'][number];

const USUAL_MM = 3;

/** The steps of a design in the order they are done, with their minutes, and the findings that are fitted. */
export function StepsPair({ design }: { design: DesignDraft }) {
  const limits = useLimits();
  const money = useMoney();
  const { findings, supplies } = useShelf();
  const { draft } = design;
  const { steps } = draft.form;
  const setSteps = (change: (steps: Step[]) => Step[]) => draft.change((p) => ({ ...p, steps: change(p.steps) }));
  const stations = choicesOf(limits, 'station');
  const { ready } = useDesignActs();
  return (
    <Pair
      ledger={
        <>
          <div className="overflow-auto rounded-card border border-line bg-paper">
            <SortableList
              label="Steps"
              names={steps.map((step) => step.name)}
              onMove={(from, to) => {
                setSteps((all) => movedTo(all, from, to));
                draft.settle();
              }}
            >
              {steps.map((step, i) => (
                <StepRow
                  key={i}
                  design={design}
                  step={step}
                  index={i}
                  stations={stations}
                  supplies={supplies}
                  onChange={(change) => setSteps((all) => all.map((s, j) => (j === i ? change(s) : s)))}
                  onMove={(by) => setSteps((all) => swapped(all, i, i + by))}
                  onRemove={() => setSteps((all) => all.filter((_, j) => j !== i))}
                />
              ))}
            </SortableList>
            <Button
              adds
              kind="quiet"
              className="m-1"
              onClick={() =>
                setSteps((all) => [
                  ...all,
                  { name: 'new step', station: 'SHAPE', setupMin: 0, eachMin: 1, assembly: 0, bake: 0 },
                ])
              }
            >
              Add a step
            </Button>
            <Button
              kind="quiet"
              className="m-1"
              onClick={() =>
                ready.mutate(draft.form, {
                  onSuccess: (list) => {
                    setSteps((all) => [...all, ...list.filter((step) => !all.some((s) => s.name === step.name))]);
                    draft.settle();
                  },
                })
              }
            >
              Add the usual steps of {kindWords(limits, draft.form.kind)}
            </Button>
          </div>
          <OutOfOrder
            breaks={design.measured.orderBreaks}
            onMove={(broken) => {
              setSteps((all) => inOrder(all, broken));
              draft.settle();
            }}
          />
          {steps.some((step) => step.hotAir) && <HotAirCaution />}
          <FittingsLedger design={design} findings={findings} money={money} />
          <JumpRingCard thickMm={thinnest(design)} />
        </>
      }
      drawing={<StepsDrawing steps={steps} stations={stations} />}
    />
  );
}

function kindWords(limits: Limits, kind: Design['kind']): string {
  const words = choicesOf(limits, 'designKind').find((choice) => choice.value === kind)?.label ?? '';
  return `${/^[aeiou]/.test(words) ? 'an' : kind === 'EARRINGS' ? '' : 'a'} ${words}`.trim();
}

/** The thickness of the thinnest part that lies flat, where a hole is likely; a usual one where nothing is flat. */
function thinnest(design: DesignDraft): number {
  const thick = design.draft.form.parts.flatMap((part) => part.shape.dimensions.thicknessMm ?? []);
  return Math.min(30, Math.max(0.5, thick.length === 0 ? USUAL_MM : Math.min(...thick)));
}

/** What is said of a step besides, in short. */
function detailWords(design: DesignDraft, step: Step): string {
  const part = step.part === undefined ? undefined : design.draft.form.parts[step.part]?.name;
  const said = [
    part,
    step.jig && `jig: ${step.jig.name}`,
    step.tools && `tools: ${step.tools}`,
    step.caution && 'a caution',
  ].filter(Boolean);
  return said.length === 0 ? 'part, tools, jig, caution' : said.join(', ');
}

interface RowProps {
  supplies: Shelf['supplies'];
  design: DesignDraft;
  step: Step;
  index: number;
  stations: { value: string; label: string }[];
  onChange: (change: (step: Step) => Step) => void;
  /** One up (-1) or down (1) in the list. */
  onMove: (by: -1 | 1) => void;
  onRemove: () => void;
}

function StepRow({ supplies, design, step, index, stations, onChange, onMove, onRemove }: RowProps) {
  const limits = useLimits();
  const [more, setMore] = useState(false);
  const details = detailWords(design, step);
  const { draft, errors } = design;
  const at = `steps[${index}]`;
  const minutes = (field: 'setupMin' | 'eachMin') => (
    <NumberField
      label={`${step.name}, ${spanOf(limits, 'step', field).label}`}
      value={step[field]}
      span={spanOf(limits, 'step', field)}
      chars={4}
      error={errorAt(errors, `${at}.${field}`)}
      onChange={(value) => onChange((s) => ({ ...s, [field]: value }))}
      onSettle={draft.settle}
    />
  );
  const choice = (what: string, value: string, options: RowProps['stations'], onChoose: (value: string) => void) => (
    <Choice
      label={`${step.name}, ${what}`}
      value={value}
      options={options}
      onChange={onChoose}
      className="min-h-8 border-transparent"
    />
  );
  const pressed = (words: string, sign: string, off: boolean, onClick: () => void) => (
    <Button kind="quiet" className="px-2" aria-label={words.replace('_', step.name)} disabled={off} onClick={onClick}>
      {sign}
    </Button>
  );
  return (
    <SortableRow index={index} name={step.name} className="border-t border-line px-3 py-1 first:border-t-0">
      {(handle) => (
        <>
          <div className="flex items-center gap-x-2 max-sm:flex-wrap">
            {handle}
            <TextField
              label="Name of the step"
              value={step.name}
              error={errorAt(errors, `${at}.name`)}
              onChange={(name) => onChange((s) => ({ ...s, name }))}
              onSettle={draft.settle}
              className="w-64 border-transparent font-semibold"
            />
            {design.measured.orderBreaks.some((broken) => broken.step === index) && (
              <b className="text-note text-straw">out of order</b>
            )}
            <span className="ml-auto flex items-center text-note whitespace-nowrap text-soft">
              <Check
                label="hot air"
                name={`${step.name}, with hot air`}
                on={step.hotAir ?? false}
                onChange={(hotAir) => onChange((s) => ({ ...s, hotAir }))}
              />
              {pressed('Move _ up', '▲', index === 0, () => onMove(-1))}
              {pressed('Move _ down', '▼', index === draft.form.steps.length - 1, () => onMove(1))}
              {pressed('Remove _', '✕', false, onRemove)}
            </span>
          </div>
          <div className="flex flex-wrap items-center gap-x-3 text-note text-soft">
            {choice('station', step.station, stations, (station) =>
              onChange((s) => ({ ...s, station: station as Step['station'] })),
            )}
            {choice('kind', step.kind ?? 'OTHER', choicesOf(limits, 'stepKind'), (kind) =>
              onChange((s) => ({ ...s, kind: kind as NonNullable<Step['kind']> })),
            )}
            {choice('when', pointValue(step), points(draft.form), (value) =>
              onChange((s) => ({ ...s, ...pointOf(value) })),
            )}
            <span>set-up {minutes('setupMin')} min</span>
            <span>each {minutes('eachMin')} min</span>
            <LearnedMinutes designId={design.id} step={step} />
          </div>
          <StepUses design={design} step={step} index={index} supplies={supplies} onChange={onChange}>
            <Button
              kind="quiet"
              className="ml-auto px-1 font-normal"
              aria-expanded={more}
              aria-label={`${more ? 'less' : details}: ${step.name}`}
              onClick={() => setMore(!more)}
            >
              <span aria-hidden="true">{more ? '▴' : '▾'}</span> {more ? 'less' : details}
            </Button>
          </StepUses>
          {more && <StepDetails design={design} step={step} index={index} onChange={onChange} />}
        </>
      )}
    </SortableRow>
  );
}
