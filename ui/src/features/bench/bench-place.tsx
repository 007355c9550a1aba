import { Link } from 'react-router';
import { Button } from '../../controls/button';
import { Empty } from '../../controls/empty';
import { Pair, Place } from '../../controls/place';
import { useBench, useBenchActs } from '../../server/use-bench';
import { useRuns, useWays } from '../../server/use-studio';
import { clock, dayName, isoDay, relativeDay, weekdayName } from '../../words/days';
import { count, minutes } from '../../words/figures';
import { InHandCard } from './in-hand-card';
import { NextLoad } from './next-load';
import { RunStrip } from './run-strip';

/** Today: the step in hand, what comes next, and how far the runs on the bench are. */
export function BenchPlace() {
  const { bench } = useBench();
  const { ways } = useWays();
  const runs = useRuns().filter((r) => r.run.state === 'ON_BENCH');
  if (runs.length === 0) {
    return (
      <Place title={ways.name}>
        <Empty
          title="The bench is clear"
          step={
            <Link to="/runs" className="font-semibold text-verdigris underline">
              Put a run on the bench
            </Link>
          }
        >
          Here stands what your hands do next, what the oven does meanwhile, and how far each run is.
        </Empty>
      </Place>
    );
  }
  return (
    <Place title={ways.name} about={`${weekdayName(bench.now)}, ${dayName(isoDay(bench.now)).slice(4)}`}>
      <Pair
        ledger={
          <>
            {bench.hand ? <InHandCard /> : <p className="text-soft">No step is in hand. Take one from the list.</p>}
            <NextSteps />
          </>
        }
        drawing={
          <>
            {runs.map((r) => (
              <RunStrip key={r.id} run={r} now={bench.now} />
            ))}
            <NextLoad />
          </>
        }
      />
    </Place>
  );
}

function NextSteps() {
  const { bench } = useBench();
  const { take } = useBenchActs();
  const next = bench.next.filter(
    (t) => !(t.runId === bench.hand?.runId && t.pieceId === bench.hand.pieceId && t.step === bench.hand.step),
  );
  return (
    <section className="flex min-h-0 flex-col">
      <h2 className="mb-1 text-figure">Next for the hands</h2>
      {next.length === 0 && <p className="text-soft">No other step is left.</p>}
      <ol className="min-h-0 overflow-y-auto rounded-card border border-line bg-paper">
        {next.map((task) => {
          const from = task.slots[0]?.from;
          return (
            <li
              key={`${task.runId}-${task.pieceId}-${task.step}`}
              className="flex min-h-12 items-center gap-3 border-t border-line px-3 py-1 first:border-t-0"
            >
              <span className="w-28 figure text-soft">{from && `${relativeDay(from, bench.now)} ${clock(from)}`}</span>
              <span className="min-w-0 flex-1 leading-tight">
                <span className="block font-semibold">{task.name}</span>
                <span className="block truncate text-note text-soft">
                  {task.pieceName}, {count(task.pieces, 'piece')}
                </span>
              </span>
              <span className="figure">{minutes(task.minutesMin)}</span>
              <Button onClick={() => take.mutate({ runId: task.runId, pieceId: task.pieceId, step: task.step })}>
                Take in hand
              </Button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
