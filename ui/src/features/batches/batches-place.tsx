import { Link, useNavigate } from 'react-router';
import { Button } from '../../controls/button';
import { Empty } from '../../controls/empty';
import { Place } from '../../controls/place';
import { useSome } from '../../controls/use-some';
import { useBench } from '../../server/use-bench';
import { useDesigns, useBatches } from '../../server/use-studio';
import { dayName, isoDay, plusDays } from '../../words/days';
import { count } from '../../words/figures';
import { stateWords } from './states';
import { useBatchActs } from './use-batch';

const order = { ON_BENCH: 0, PLANNED: 1, FINISHED: 2 };

/** All batches: on the bench, planned, and those finished last. */
export function BatchesPlace() {
  const batches = useBatches();
  const designs = useDesigns();
  const { now } = useBench().bench;
  const { add } = useBatchActs();
  const go = useNavigate();
  const first = designs[0];
  const begin = first ? (
    <Button
      kind="main"
      onClick={() =>
        add.mutate(
          {
            name: 'New batch',
            state: 'PLANNED',
            beginsOn: isoDay(now),
            dueOn: plusDays(now, 14),
            lines: [{ designId: first.id, quantity: 12 }],
          },
          { onSuccess: ({ id }) => void go(`/batches/${id}`) },
        )
      }
    >
      New batch
    </Button>
  ) : (
    <Link to="/begin" className="font-semibold text-verdigris underline">
      Make a first plan
    </Link>
  );
  const sorted = batches
    .filter(({ batch }) => batch.state !== 'FINISHED')
    .sort((a, b) => order[a.batch.state] - order[b.batch.state] || a.batch.dueOn.localeCompare(b.batch.dueOn));
  const finished = batches
    .filter(({ batch }) => batch.state === 'FINISHED')
    .sort((a, b) => b.batch.dueOn.localeCompare(a.batch.dueOn));
  const { shown, more } = useSome(finished, 20, 'finished batches');
  return (
    <Place
      title="Batches"
      about={batches.length > 0 && count(batches.length, 'batch')}
      actions={batches.length > 0 && begin}
    >
      {batches.length === 0 ? (
        <Empty title="No batches yet" step={begin}>
          A batch is how many of each design you want ready by a date. Fair Ember works out the clay to open and buy,
          every lump to weigh out, the foil, the oven loads, your hours and the finish date.
        </Empty>
      ) : (
        <>
          <ul className="flex flex-col gap-2">
            {[...sorted, ...shown].map(({ id, batch, designNames, thread }) => (
              <li key={id} className="row-lazy [--row:4.5rem]">
                <Link
                  to={`/batches/${id}`}
                  className={`grid grid-cols-[minmax(0,1fr)_8rem_10rem_minmax(9rem,14rem)] items-center gap-4 rounded-card border bg-paper px-4 py-3 hover:border-verdigris max-md:grid-cols-[minmax(0,1fr)_auto] max-md:gap-y-1 ${batch.state === 'ON_BENCH' ? 'border-verdigris' : 'border-line'}`}
                >
                  <span className="min-w-0">
                    <span className="block font-head text-figure font-bold">{batch.name}</span>
                    <span className="block truncate text-note text-soft">
                      {designNames.map((name, i) => `${batch.lines[i]?.quantity ?? 0} ${name}`).join(', ')}
                    </span>
                  </span>
                  <span className={batch.state === 'ON_BENCH' ? 'font-semibold text-verdigris' : 'text-soft'}>
                    {stateWords[batch.state]}
                  </span>
                  <span>due {dayName(batch.dueOn)}</span>
                  <Through finished={thread.finished} total={thread.total} />
                </Link>
              </li>
            ))}
          </ul>
          {more}
        </>
      )}
    </Place>
  );
}

function Through({ finished, total }: { finished: number; total: number }) {
  return (
    <span className="flex flex-col gap-1">
      <span className="figure text-note text-soft">
        {finished} of {total} finished
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
