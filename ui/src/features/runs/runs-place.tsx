import { Link, useNavigate } from 'react-router';
import { Button } from '../../controls/button';
import { Empty } from '../../controls/empty';
import { Place } from '../../controls/place';
import { useBench } from '../../server/use-bench';
import { usePieces, useRuns } from '../../server/use-studio';
import { dayName, isoDay, plusDays } from '../../words/days';
import { count } from '../../words/figures';
import { stateWords } from './states';
import { useRunActs } from './use-run';

const order = { ON_BENCH: 0, PLANNED: 1, FINISHED: 2 };

/** All runs: on the bench, planned, finished. */
export function RunsPlace() {
  const runs = useRuns();
  const pieces = usePieces();
  const { now } = useBench().bench;
  const { add } = useRunActs();
  const go = useNavigate();
  const first = pieces[0];
  const begin = first ? (
    <Button
      kind="main"
      onClick={() =>
        add.mutate(
          {
            name: 'New run',
            state: 'PLANNED',
            beginsOn: isoDay(now),
            dueOn: plusDays(now, 14),
            lines: [{ pieceId: first.id, quantity: 12 }],
          },
          { onSuccess: ({ id }) => void go(`/runs/${id}`) },
        )
      }
    >
      New run
    </Button>
  ) : (
    <Link to="/pieces" className="font-semibold text-verdigris underline">
      Draw a piece first
    </Link>
  );
  const sorted = [...runs].sort(
    (a, b) => order[a.run.state] - order[b.run.state] || a.run.dueOn.localeCompare(b.run.dueOn),
  );
  return (
    <Place title="Runs" about={runs.length > 0 && count(runs.length, 'run')} actions={runs.length > 0 && begin}>
      {runs.length === 0 ? (
        <Empty title="Nothing is planned yet" step={begin}>
          A run is so many of your pieces by a day. From it come the clay to open and buy, every portion, the foil, the
          oven loads, your hours, and the day it is done.
        </Empty>
      ) : (
        <ul className="flex flex-col gap-2">
          {sorted.map(({ id, run, pieceNames, thread }) => (
            <li key={id}>
              <Link
                to={`/runs/${id}`}
                className={`grid grid-cols-[minmax(0,1fr)_8rem_10rem_minmax(9rem,14rem)] items-center gap-4 rounded-card border bg-paper px-4 py-3 hover:border-verdigris ${run.state === 'ON_BENCH' ? 'border-verdigris' : 'border-line'}`}
              >
                <span className="min-w-0">
                  <span className="block font-head text-figure font-bold">{run.name}</span>
                  <span className="block truncate text-note text-soft">
                    {pieceNames.map((name, i) => `${run.lines[i]?.quantity ?? 0} ${name}`).join(', ')}
                  </span>
                </span>
                <span className={run.state === 'ON_BENCH' ? 'font-semibold text-verdigris' : 'text-soft'}>
                  {stateWords[run.state]}
                </span>
                <span>due {dayName(run.dueOn)}</span>
                <Through finished={thread.finished} total={thread.total} />
              </Link>
            </li>
          ))}
        </ul>
      )}
    </Place>
  );
}

function Through({ finished, total }: { finished: number; total: number }) {
  return (
    <span className="flex flex-col gap-1">
      <span className="figure text-note text-soft">
        {finished} of {total} through
      </span>
      <span className="block h-2 rounded-full bg-tile">
        <span
          className="block h-2 rounded-full bg-verdigris"
          style={{ width: `${total === 0 ? 0 : (100 * finished) / total}%` }}
        />
      </span>
    </span>
  );
}
