import { Link } from 'react-router';
import { Button } from '../../controls/button';
import { Empty } from '../../controls/empty';
import { Pair, Place } from '../../controls/place';
import { RefusedNote } from '../../controls/problem-note';
import { Segments } from '../../controls/segments';
import { useMaker } from '../../server/maker';
import type { Hand } from '../../server/types';
import { useBench, useBenchActs, useDay } from '../../server/use-bench';
import { useBatches, useSettings } from '../../server/use-studio';
import { clock, dayName, isoDay, relativeDay } from '../../words/days';
import { count, minutes } from '../../words/figures';
import { PlanNews } from '../oven/plan-news';
import { CurrentJobCard } from './current-job-card';
import { NextLoad } from './next-load';
import { BatchStrip } from './batch-strip';

/** Today: the current job, what comes next, and how far the batches on the bench are. */
export function BenchPlace() {
  const { day } = useDay();
  const { bench } = useBench();
  const { settings } = useSettings();
  const all = useBatches();
  const batches = all.filter((r) => r.batch.state === 'ON_BENCH');
  if (batches.length === 0) {
    return (
      <Place title={settings.name} name="Bench">
        <Empty
          title="The bench is clear"
          step={
            <Link to={all.length === 0 ? '/begin' : '/batches'} className="font-semibold text-verdigris underline">
              {all.length === 0 ? 'Make a first plan' : 'Put a batch on the bench'}
            </Link>
          }
        >
          Your next jobs, the oven’s loads and the progress of each batch appear here.
        </Empty>
      </Place>
    );
  }
  return (
    <Place
      title={settings.name}
      name="Bench"
      about={dayName(isoDay(bench.now))}
      actions={bench.makers > 1 && <WhoWorks />}
    >
      <Pair
        ledger={
          <>
            {bench.job ? <CurrentJobCard /> : <p className="text-soft">No job is started. Choose one from the list.</p>}
            {bench.othersJob && <OthersJob job={bench.othersJob} />}
            <NextSteps />
          </>
        }
        drawing={
          <>
            <PlanNews day={day} />
            {batches.map((r) => (
              <BatchStrip key={r.id} batch={r} now={bench.now} />
            ))}
            <NextLoad />
          </>
        }
      />
    </Place>
  );
}

/** Which of two makers works in this browser: each has a job and a timer of their own. */
function WhoWorks() {
  const [maker, setMaker] = useMaker();
  return (
    <Segments
      label="Who works here"
      value={String(maker)}
      options={[
        { value: '1', label: 'Maker 1' },
        { value: '2', label: 'Maker 2' },
      ]}
      onChange={(next) => setMaker(Number(next))}
    />
  );
}

function OthersJob({ job }: { job: Hand }) {
  return (
    <p className="rounded-card border border-line bg-paper px-3 py-2 text-note text-soft">
      The other maker: <b className="text-ink">{job.name}</b>, {job.designName}, {job.done} of {job.wanted} done
      {job.startedAt && `, timer running since ${clock(job.startedAt)}`}.
    </p>
  );
}

function NextSteps() {
  const { bench } = useBench();
  const { take } = useBenchActs();
  const next = bench.next.filter(
    (t) => !(t.batchId === bench.job?.batchId && t.designId === bench.job.designId && t.step === bench.job.step),
  );
  return (
    <section className="flex min-h-0 flex-col">
      <h2 className="mb-1 text-figure">Next jobs</h2>
      <RefusedNote error={take.error} />
      {next.length === 0 && <p className="text-soft">No other jobs are left.</p>}
      <ol className="min-h-0 overflow-y-auto rounded-card border border-line bg-paper">
        {next.map((task) => {
          const from = task.slots[0]?.from;
          return (
            <li
              key={`${task.batchId}-${task.designId}-${task.step}-${String(task.first)}`}
              className="flex min-h-12 items-center gap-x-3 border-t border-line px-3 py-1 first:border-t-0 max-sm:flex-wrap"
            >
              <span className="w-36 figure whitespace-nowrap text-soft max-sm:basis-full">
                {from && `${relativeDay(from, bench.now)} ${clock(from)}`}
              </span>
              <span className="min-w-0 flex-1 leading-tight">
                <span className="block font-semibold">{task.name}</span>
                <span className="block truncate text-note text-soft">
                  {task.designName}, {task.first ? 'the first one alone' : count(task.pieces, 'piece')}
                </span>
              </span>
              <span className="figure">{minutes(task.minutesMin)}</span>
              <Button onClick={() => take.mutate({ batchId: task.batchId, designId: task.designId, step: task.step })}>
                Start this job
              </Button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
