import { Link } from 'react-router';
import { Button } from '../controls/button';
import { useBench, useBenchActs, useUndo } from '../server/use-bench';
import { useSeconds } from '../server/use-now';
import { minutes, stopwatch } from '../words/figures';

/** The foot: the current job, its timer and counts, and undo. */
export function BenchBar() {
  const { job } = useBench().bench;
  return (
    <footer
      aria-label="Bench bar"
      className="flex min-h-bar flex-wrap items-center gap-x-4 gap-y-1 border-t border-line bg-paper px-5 py-1 whitespace-nowrap max-lg:gap-x-2 max-lg:px-3 lg:flex-nowrap"
    >
      {job ? (
        <CurrentJob />
      ) : (
        <p className="text-soft">
          No current job. Start one on the <Link to="/bench">Bench</Link>.
        </p>
      )}
      <Undo />
    </footer>
  );
}

function CurrentJob() {
  const { bench, ahead } = useBench();
  const { job } = bench;
  const acts = useBenchActs();
  const running = useSeconds(job?.startedAt, ahead);
  if (!job) return null;
  const left = job.wanted - job.done;
  return (
    <>
      <output
        aria-label="Time on this job"
        className={`figure text-large font-bold ${job.startedAt ? 'text-verdigris' : ''}`}
      >
        {stopwatch(job.loggedSec + running)}
      </output>
      <p className="min-w-24 flex-1 basis-40 truncate">
        <span className="font-semibold">{job.name}</span>, {job.designName}
        <span className="text-soft"> of {minutes(job.plannedMin)}</span>
      </p>
      <Button
        kind={job.startedAt ? 'plain' : 'main'}
        act="timer"
        disabled={job.forgotten}
        onClick={() => acts.timer.mutate({ running: !job.startedAt })}
      >
        {job.startedAt ? 'Stop timer' : 'Start timer'}
      </Button>
      <Button act="count" disabled={left <= 0} onClick={() => acts.count.mutate(1)}>
        Done{' '}
        <span className="figure">
          {job.done}/{job.wanted}
        </span>
      </Button>
      <Button act="lose" onClick={() => acts.lose.mutate(undefined)}>
        Lost <span className="figure">{job.lost + job.again}</span>
      </Button>
    </>
  );
}

function Undo() {
  const { last, undo, redo } = useUndo();
  return (
    <div className="ml-auto flex min-w-0 items-center gap-1">
      {last.undo && (
        <span className="max-w-72 truncate text-note text-soft max-xl:max-w-44 max-lg:hidden">{last.undo}</span>
      )}
      <Button kind="quiet" act="undo" disabled={last.undoStep === undefined} onClick={undo}>
        Undo
      </Button>
      {last.redo && (
        <Button kind="quiet" act="redo" title={last.redo} onClick={redo}>
          Redo
        </Button>
      )}
    </div>
  );
}
