import { Button } from '../../controls/button';
import type { BatchPlan, Station } from '../../server/types';
import { useBench, useBenchActs } from '../../server/use-bench';
import { clock, relativeDay } from '../../words/days';
import { count, minutes } from '../../words/figures';

interface Props {
  plan: BatchPlan;
  station: Station;
  batchId: number;
}

/** The steps still to be done at a station, each ready to be taken in job. */
export function StepList({ plan, station, batchId }: Props) {
  const { bench } = useBench();
  const { take } = useBenchActs();
  const tasks = plan.tasks.filter((task) => task.station === station);
  if (tasks.length === 0) return <p className="text-soft">No jobs are left at this station.</p>;
  return (
    <ul className="rounded-card border border-line bg-paper">
      {tasks.map((task) => {
        const { job } = bench;
        const current = job?.batchId === batchId && job.designId === task.designId && job.step === task.step;
        const from = task.slots[0]?.from;
        return (
          <li
            key={`${task.designId}-${task.step}-${String(task.first)}`}
            className="flex min-h-12 items-center gap-3 border-t border-line px-3 py-1.5 first:border-t-0"
          >
            <span className="min-w-0 flex-1">
              <span className="block font-semibold">{task.name}</span>
              <span className="block text-note text-soft">
                {task.designName}, {task.first ? 'the first one alone' : count(task.pieces, 'piece')}
              </span>
            </span>
            <span className="figure">{minutes(task.minutesMin)}</span>
            <span className="w-24 text-note text-soft">{from && `${relativeDay(from, bench.now)} ${clock(from)}`}</span>
            {current ? (
              <span className="w-28 text-center font-semibold text-verdigris">current job</span>
            ) : (
              <Button
                className="w-28 justify-center"
                onClick={() => take.mutate({ batchId, designId: task.designId, step: task.step })}
              >
                Start this job
              </Button>
            )}
          </li>
        );
      })}
    </ul>
  );
}
