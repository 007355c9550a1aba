import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { Figure, FigureStrip } from '../../controls/figure';
import { Findings } from '../../controls/findings';
import { NumberField } from '../../controls/number-field';
import { Pair } from '../../controls/place';
import { WhenField } from '../../controls/when-field';
import type { Finding, Run } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { wrongAt } from '../../server/use-measured';
import { useMoney, usePieces } from '../../server/use-studio';
import { clock, dayName } from '../../words/days';
import { count, grams, minutes, whole } from '../../words/figures';
import { DaysDrawing } from './days-drawing';
import type { RunDraft } from './use-run';

type Line = Run['lines'][number];

/** What is ordered and by when at the left; the days it takes at the right. */
export function OrderPair({ run }: { run: RunDraft }) {
  const limits = useLimits();
  const pieces = usePieces();
  const { draft, plan, wrongs } = run;
  const { lines, beginsOn, dueOn, state } = draft.form;
  const setLines = (change: (lines: Line[]) => Line[]) => draft.change((r) => ({ ...r, lines: change(r.lines) }));
  const unused = pieces.find((p) => !lines.some((l) => l.pieceId === p.id));
  return (
    <Pair
      ledger={
        <>
          <div className="rounded-card border border-line bg-paper">
            <table className="w-full">
              <thead className="text-left text-note text-soft">
                <tr>
                  <th className="py-2 pl-3 font-semibold">Piece</th>
                  <th className="text-right font-semibold">How many</th>
                  <th className="pr-2 text-right font-semibold">Clay each</th>
                  <th>
                    <span className="sr-only">Take it out</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {lines.map((line, i) => {
                  const piece = pieces.find((p) => p.id === line.pieceId);
                  const free = pieces.filter((p) => p.id === line.pieceId || !lines.some((l) => l.pieceId === p.id));
                  const set = (change: Partial<Line>) =>
                    setLines((all) => all.map((l, j) => (j === i ? { ...l, ...change } : l)));
                  return (
                    <tr key={i} className="border-t border-line">
                      <td className="py-1.5 pl-3">
                        <Choice
                          label={`Piece ${i + 1}`}
                          value={String(line.pieceId)}
                          options={free.map((p) => ({ value: String(p.id), label: p.piece.name }))}
                          onChange={(pieceId) => set({ pieceId: Number(pieceId) })}
                          className="border-transparent font-semibold"
                        />
                      </td>
                      <td className="text-right">
                        <NumberField
                          label={`${piece?.piece.name ?? 'Piece'}, how many`}
                          value={line.quantity}
                          span={spanOf(limits, 'run', 'quantity')}
                          chars={4}
                          wrong={wrongAt(wrongs, `lines[${i}].quantity`)}
                          onChange={(quantity) => set({ quantity })}
                          onSettle={draft.settle}
                        />
                      </td>
                      <td className="pr-2 text-right figure">{piece && grams(piece.measured.clayG)} g</td>
                      <td className="text-right">
                        <Button
                          kind="quiet"
                          aria-label={`Take out ${piece?.piece.name ?? 'this piece'}`}
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
            <div className="flex flex-wrap items-center gap-x-5 border-t border-line px-2 py-1">
              {unused && (
                <Button kind="quiet" onClick={() => setLines((all) => [...all, { pieceId: unused.id, quantity: 6 }])}>
                  Add a piece
                </Button>
              )}
              <DateField run={run} field="beginsOn" label="begins" value={beginsOn} />
              <DateField run={run} field="dueOn" label="due" value={dueOn} />
            </div>
          </div>
          <Totals run={run} />
          <Findings findings={[...lateness(run, state), ...plan.findings]} />
        </>
      }
      drawing={<DaysDrawing plan={plan} dueOn={dueOn} />}
    />
  );
}

function DateField({
  run,
  field,
  label,
  value,
}: {
  run: RunDraft;
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
        wrong={wrongAt(run.wrongs, field)}
        onChange={(day) => run.draft.change((r) => ({ ...r, [field]: day }))}
        onSettle={run.draft.settle}
        className="text-ink"
      />
    </label>
  );
}

function lateness(run: RunDraft, state: Run['state']): Finding[] {
  const { plan, draft } = run;
  if (state === 'FINISHED' || plan.daysSpare >= 0) return [];
  return [
    {
      rule: 'late',
      verdict: 'BREAKS',
      says: `Done on ${dayName(plan.finish)}, ${count(-plan.daysSpare, 'day')} after it is due on ${dayName(draft.form.dueOn)}.`,
      mend: 'Begin earlier, make fewer, or work more days.',
      about: [],
    },
  ];
}

function Totals({ run }: { run: RunDraft }) {
  const money = useMoney();
  const { plan } = run;
  const clay = plan.needs.mixes.reduce((sum, m) => sum + m.toMixG, 0);
  return (
    <>
      <FigureStrip>
        <Figure value={minutes(plan.handsMin)}>hands still to do</Figure>
        <Figure value={whole(plan.loads.length)} tone="heat">
          oven loads to come
        </Figure>
        <Figure value={dayName(plan.finish)}>done, {clock(plan.finish)}</Figure>
      </FigureStrip>
      <FigureStrip>
        <Figure value={grams(clay)} unit="g">
          clay with waste
        </Figure>
        <Figure value={whole(plan.needs.tornMm / 10)} unit="cm">
          foil off the roll
        </Figure>
        <Figure value={money(plan.needs.buyMinor)}>to buy</Figure>
        <Figure value={money(plan.priceMinor - plan.costMinor)}>kept of {money(plan.priceMinor)}</Figure>
      </FigureStrip>
    </>
  );
}
