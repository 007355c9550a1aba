import { Button } from '../../controls/button';
import type { Hand } from '../../server/types';
import { ForgottenTimer } from './forgotten-timer';
import { Caution } from '../../controls/caution';
import { Check } from '../../controls/check';
import { clock, dayName } from '../../words/days';
import { JobLumps } from './job-lumps';
import { useBatchActs } from '../batches/use-batch';
import { HotAirCaution } from '../../controls/hot-air-caution';
import { useBench, useBenchActs } from '../../server/use-bench';
import { useSeconds } from '../../server/use-now';
import { count, minutes, stopwatch } from '../../words/figures';

/** The current job, large enough for clay on the fingers. */
export function CurrentJobCard() {
  const { bench, ahead } = useBench();
  const { job } = bench;
  const acts = useBenchActs();
  const { tick } = useBatchActs();
  const running = useSeconds(job?.startedAt, ahead);
  if (!job) return null;
  const share = job.wanted === 0 ? 0 : Math.min(1, job.done / job.wanted);
  return (
    <section aria-label="Current job" className="rounded-card border border-verdigris bg-paper p-4">
      <div className="flex items-start justify-between gap-4">
        <div>
          <h2 className="text-large first-letter:uppercase">{job.name}</h2>
          <p className="text-soft">
            {job.designName}, {job.batchName}
          </p>
        </div>
        <p className="text-right">
          <span className={`figure text-title font-bold ${job.startedAt ? 'text-verdigris' : ''}`}>
            {stopwatch(job.loggedSec + running)}
          </span>
          <PlannedMinutes job={job} />
        </p>
      </div>
      {job.first && (
        <p className="text-note font-semibold">◦ The first one, alone: the others wait until it is through.</p>
      )}
      {job.jig !== undefined && <p className="text-note">Make first: {job.jig}</p>}
      {job.tools && <p className="text-note text-soft">Lay ready: {job.tools}</p>}
      {job.hotAir && <HotAirCaution />}
      {job.caution && <Caution>{job.caution}</Caution>}
      {job.interruptedAt && (
        <p role="status" className="text-note text-straw">
          ‖ Interrupted at {clock(job.interruptedAt)}. Start the timer to go on.
        </p>
      )}
      {job.forgotten && job.startedAt && <ForgottenTimer startedAt={job.startedAt} />}
      {job.checks.length > 0 && (
        <div role="group" aria-label="Check first" className="mt-2 border-y border-line py-1">
          <p className="text-note font-semibold text-straw">◦ Check first</p>
          {job.checks.map((line) => (
            <Check
              key={line.check}
              label={line.slipped === undefined ? line.words : `${line.words} – slipped on ${dayName(line.slipped)}`}
              on={line.ticked >= job.wanted}
              onChange={(ticked) => tick.mutate({ id: job.batchId, designId: job.designId, check: line.check, ticked })}
            />
          ))}
        </div>
      )}
      <div className="my-3 h-3 rounded-full bg-tile">
        <div aria-hidden="true" className="h-3 rounded-full bg-verdigris" style={{ width: `${100 * share}%` }} />
      </div>
      <div className="flex flex-wrap gap-2">
        <Button
          kind={job.startedAt ? 'plain' : 'main'}
          className="min-h-12 flex-1 justify-center"
          act="timer"
          disabled={job.forgotten}
          onClick={() => acts.timer.mutate({ running: !job.startedAt })}
        >
          {job.startedAt ? 'Stop timer' : 'Start timer'}
        </Button>
        <Button
          className="min-h-12 flex-1 justify-center"
          act="count"
          disabled={job.done >= job.wanted}
          onClick={() => acts.count.mutate(1)}
        >
          Done {job.done} of {job.wanted}
        </Button>
        <Button className="min-h-12 flex-1 justify-center" act="lose" onClick={() => acts.lose.mutate(undefined)}>
          Lost {job.lost + job.again}
        </Button>
      </div>
      <div className="mt-2 flex justify-end gap-2">
        {job.startedAt && (
          <Button
            kind="quiet"
            act="interrupt"
            disabled={job.forgotten}
            onClick={() => acts.interrupt.mutate(undefined)}
          >
            Interrupted
          </Button>
        )}
        {!job.startedAt && (
          <Button kind="quiet" onClick={() => acts.timer.mutate({ running: true, rework: true })}>
            Time it as rework
          </Button>
        )}
        <Button kind="quiet" onClick={() => acts.putDown.mutate(undefined)}>
          Set aside
        </Button>
      </div>
      <JobLumps job={job} />
    </section>
  );
}

/** The minutes planned for all pieces, and from how many batches they are known. */
function PlannedMinutes({ job }: { job: Hand }) {
  return (
    <span className="block text-note text-soft">
      {job.rework ? 'rework, beside ' : 'of '}
      {minutes(job.plannedMin)} planned
      {job.learnedFrom > 0 && (
        <span className="block">
          {minutes(job.plannedLowMin)} to {minutes(job.plannedHighMin)}, learned from {count(job.learnedFrom, 'log')}
        </span>
      )}
    </span>
  );
}
