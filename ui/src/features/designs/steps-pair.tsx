import { Button } from '../../controls/button';
import { Check } from '../../controls/check';
import { Choice } from '../../controls/choice';
import { HotAirCaution } from '../../controls/hot-air-caution';
import { NumberField } from '../../controls/number-field';
import { Pair } from '../../controls/place';
import { TextField } from '../../controls/text-field';
import type { Design } from '../../server/types';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useMoney, useShelf } from '../../server/use-studio';
import { pointOf, points, pointValue } from './assemblies';
import { FittingsLedger } from './fittings-ledger';
import { StepsDrawing } from './steps-drawing';
import type { DesignDraft } from './use-design';

type Step = Design['steps'][number];

/** The steps of a design: its steps by station with their minutes, and the findings that are fitted. */
export function StepsPair({ design }: { design: DesignDraft }) {
  const limits = useLimits();
  const money = useMoney();
  const { findings } = useShelf();
  const { draft } = design;
  const { steps } = draft.form;
  const setSteps = (change: (steps: Step[]) => Step[]) => draft.change((p) => ({ ...p, steps: change(p.steps) }));
  const stations = choicesOf(limits, 'station');
  return (
    <Pair
      ledger={
        <>
          <div className="overflow-auto rounded-card border border-line bg-paper">
            <table className="w-full">
              <thead className="text-left text-note text-soft">
                <tr>
                  <th className="py-2 pl-3 font-semibold">Step</th>
                  <th className="font-semibold">Station</th>
                  <th className="font-semibold">When</th>
                  <th className="pr-3 text-right font-semibold">Set-up, min</th>
                  <th className="pr-3 text-right font-semibold">Each, min</th>
                  <th className="font-semibold">Hot air</th>
                  <th>
                    <span className="sr-only">Remove</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {steps.map((step, i) => (
                  <StepRow
                    key={i}
                    design={design}
                    step={step}
                    index={i}
                    stations={stations}
                    onChange={(change) => setSteps((all) => all.map((s, j) => (j === i ? change(s) : s)))}
                    onRemove={() => setSteps((all) => all.filter((_, j) => j !== i))}
                  />
                ))}
              </tbody>
            </table>
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
          </div>
          {steps.some((step) => step.hotAir) && <HotAirCaution />}
          <FittingsLedger design={design} findings={findings} money={money} />
        </>
      }
      drawing={<StepsDrawing steps={steps} stations={stations} />}
    />
  );
}

interface RowProps {
  design: DesignDraft;
  step: Step;
  index: number;
  stations: { value: string; label: string }[];
  onChange: (change: (step: Step) => Step) => void;
  onRemove: () => void;
}

function StepRow({ design, step, index, stations, onChange, onRemove }: RowProps) {
  const limits = useLimits();
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
  return (
    <tr className="border-t border-line">
      <td className="py-1 pl-3">
        <TextField
          label="Name of the step"
          value={step.name}
          error={errorAt(errors, `${at}.name`)}
          onChange={(name) => onChange((s) => ({ ...s, name }))}
          onSettle={draft.settle}
          className="w-40 border-transparent font-semibold"
        />
      </td>
      <td>
        <Choice
          label={`${step.name}, station`}
          value={step.station}
          options={stations}
          onChange={(station) => onChange((s) => ({ ...s, station: station as Step['station'] }))}
          className="border-transparent"
        />
      </td>
      <td className="max-w-36">
        <Choice
          label={`${step.name}, when`}
          value={pointValue(step)}
          options={points(draft.form)}
          onChange={(value) => onChange((s) => ({ ...s, ...pointOf(value) }))}
          className="border-transparent"
        />
      </td>
      <td className="text-right">{minutes('setupMin')}</td>
      <td className="pr-3 text-right">{minutes('eachMin')}</td>
      <td>
        <Check
          label=""
          name={`${step.name}, with hot air`}
          on={step.hotAir ?? false}
          onChange={(hotAir) => onChange((s) => ({ ...s, hotAir }))}
        />
      </td>
      <td className="text-right">
        <Button kind="quiet" aria-label={`Remove ${step.name}`} onClick={onRemove}>
          ✕
        </Button>
      </td>
    </tr>
  );
}
