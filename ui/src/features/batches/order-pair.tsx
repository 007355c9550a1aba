import { Button } from '../../controls/button';
import { Check } from '../../controls/check';
import { Choice } from '../../controls/choice';
import { Figure, FigureStrip } from '../../controls/figure';
import { AdviceList } from '../../controls/advice-list';
import { NumberField } from '../../controls/number-field';
import { Pair } from '../../controls/place';
import { WhenField } from '../../controls/when-field';
import type { Advice, Batch, BatchPlan } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useMoney, useDesigns } from '../../server/use-studio';
import { clock, dayName } from '../../words/days';
import { count, grams, minutes, offRoll, u, whole } from '../../words/figures';
import { GuessList } from '../beginning/guess-list';
import { useGuesses } from '../beginning/use-beginning';
import { DaysDrawing } from './days-drawing';
import { ReviewCard } from './review-card';
import type { BatchDraft } from './use-batch';

type Line = Batch['lines'][number];

/** What is ordered and by when at the left; the days it takes at the right. */
export function OrderPair({ batch, batchId }: { batch: BatchDraft; batchId: number }) {
  const limits = useLimits();
  const designs = useDesigns();
  const { draft, plan, errors } = batch;
  const guesses = useGuesses(batchId).data ?? [];
  const { lines, beginsOn, dueOn, state } = draft.form;
  const setLines = (change: (lines: Line[]) => Line[]) => draft.change((r) => ({ ...r, lines: change(r.lines) }));
  const unused = designs.find((p) => !lines.some((l) => l.designId === p.id));
  return (
    <Pair
      ledger={
        <>
          <div className="rounded-card border border-line bg-paper">
            <table className="w-full">
              <thead className="text-left text-note text-soft">
                <tr>
                  <th className="py-2 pl-3 font-semibold">Design</th>
                  <th className="text-right font-semibold">Count</th>
                  <th className="pr-2 text-right font-semibold">Clay per piece</th>
                  <th>
                    <span className="sr-only">Remove</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {lines.map((line, i) => {
                  const design = designs.find((p) => p.id === line.designId);
                  const free = designs.filter((p) => p.id === line.designId || !lines.some((l) => l.designId === p.id));
                  const set = (change: Partial<Line>) =>
                    setLines((all) => all.map((l, j) => (j === i ? { ...l, ...change } : l)));
                  return (
                    <tr key={i} className="border-t border-line">
                      <td className="py-1.5 pl-3">
                        <span className="flex flex-wrap items-center gap-x-3">
                          <Choice
                            label={`Design ${i + 1}`}
                            value={String(line.designId)}
                            options={free.map((p) => ({ value: String(p.id), label: p.design.name }))}
                            onChange={(designId) => set({ designId: Number(designId) })}
                            className="border-transparent font-semibold"
                          />
                          {line.quantity > 1 && (
                            <span className="text-note">
                              <Check
                                label="one alone first"
                                name={`${design?.design.name ?? 'Design'}, one alone first`}
                                on={line.firstAlone ?? false}
                                onChange={(firstAlone) => set({ firstAlone })}
                              />
                              {line.firstAlone && <FirstNews plan={plan} designId={line.designId} />}
                            </span>
                          )}
                        </span>
                      </td>
                      <td className="text-right">
                        <NumberField
                          label={`${design?.design.name ?? 'Design'}, how many`}
                          value={line.quantity}
                          span={spanOf(limits, 'batch', 'quantity')}
                          chars={4}
                          error={errorAt(errors, `lines[${i}].quantity`)}
                          onChange={(quantity) => set({ quantity })}
                          onSettle={draft.settle}
                        />
                      </td>
                      <td className="pr-2 text-right figure">
                        {design && grams(design.measured.clayG)} {u.g}
                      </td>
                      <td className="text-right">
                        <Button
                          kind="quiet"
                          aria-label={`Remove ${design?.design.name ?? 'this design'}`}
                          onClick={() => setLines((all) => all.filter((_, j) => j !== i))}
                        >
                          ✕
                        </Button>
                      </td>
                    </tr>
                  );
                })}
              </tbody>
            </table>
            {plan.smallParts.map((made) => (
              <p key={made.designId} className="border-t border-line px-3 py-1.5 text-soft">
                <b className="figure text-ink">{made.count}</b> {made.designName}, made first for {made.into.join(', ')}
              </p>
            ))}
            <div className="flex flex-wrap items-center gap-x-5 border-t border-line px-2 py-1">
              {unused && (
                <Button
                  adds
                  kind="quiet"
                  onClick={() => setLines((all) => [...all, { designId: unused.id, quantity: 6 }])}
                >
                  Add a design
                </Button>
              )}
              <DateField batch={batch} field="beginsOn" label="begins" value={beginsOn} />
              <DateField batch={batch} field="dueOn" label="due" value={dueOn} />
            </div>
          </div>
          <Totals batch={batch} />
          <AdviceList advice={[...lateness(batch, state), ...plan.advice]} />
        </>
      }
      drawing={
        <>
          <ReviewCard batchId={batchId} />
          <DaysDrawing plan={plan} dueOn={dueOn} />
          <GuessList guesses={guesses} saved />
        </>
      }
    />
  );
}

/** Whether the others still wait for the first one. */
function FirstNews({ plan, designId }: { plan: BatchPlan; designId: number }) {
  const waits = plan.firsts.includes(designId);
  const left = plan.tasks.filter((task) => task.designId === designId && task.first).length;
  return (
    <span className="block text-soft">
      {waits ? `${count(left, 'step')} of it left; the others wait` : '✓ it is through: its minutes count in the plan'}
    </span>
  );
}

function DateField({
  batch,
  field,
  label,
  value,
}: {
  batch: BatchDraft;
  field: 'beginsOn' | 'dueOn';
  label: string;
  value: string;
}) {
  return (
    <label className="inline-flex items-baseline gap-1.5 text-note text-soft">
      {label}
      <WhenField
        label={label}
        type="date"
        value={value}
        error={errorAt(batch.errors, field)}
        onChange={(day) => batch.draft.change((r) => ({ ...r, [field]: day }))}
        onSettle={batch.draft.settle}
        className="text-ink"
      />
    </label>
  );
}

function lateness(batch: BatchDraft, state: Batch['state']): Advice[] {
  const { plan, draft } = batch;
  if (state === 'FINISHED' || plan.daysSpare >= 0) return [];
  return [
    {
      rule: 'late',
      grade: 'STOP',
      message: `Finished on ${dayName(plan.finish)}, ${count(-plan.daysSpare, 'day')} after the due date, ${dayName(draft.form.dueOn)}.`,
      fix: 'Start earlier, make fewer, or work on more days.',
      about: [],
    },
  ];
}

function Totals({ batch }: { batch: BatchDraft }) {
  const money = useMoney();
  const { plan } = batch;
  const clay = plan.needs.mixes.reduce((sum, m) => sum + m.toMixG, 0);
  return (
    <>
      <FigureStrip>
        <Figure value={minutes(plan.handsMin)}>work left</Figure>
        <Figure value={whole(plan.loads.length)} tone="heat">
          oven loads left
        </Figure>
        <Figure value={dayName(plan.finish)}>finished, {clock(plan.finish)}</Figure>
      </FigureStrip>
      <FigureStrip>
        <Figure value={grams(clay)} unit={u.g}>
          clay with waste
        </Figure>
        <Figure value={offRoll(plan.needs.tornMm)}>foil off the roll</Figure>
        <Figure value={money(plan.needs.buyMinor)}>to buy</Figure>
        <Figure value={money(plan.priceMinor - plan.costMinor)}>profit from {money(plan.priceMinor)} of sales</Figure>
      </FigureStrip>
    </>
  );
}
