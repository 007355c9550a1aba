import { Button } from '../../controls/button';
import { AdviceList } from '../../controls/advice-list';
import { RefusedNote } from '../../controls/problem-note';
import type { Day, LoadItem, Moved, Score } from '../../server/types';
import { count, minutes, plain } from '../../words/figures';
import { itemWords } from '../../words/load-items';
import { useMoved, useConstraints, type Move } from './use-plan';

interface Props {
  day: Day;
  move: Move;
  /** With what is in the load it was moved into, or with nothing when it is left. */
  onDone: (into?: LoadItem[]) => void;
}

/** What a move would break or cost, before it is done. */
export function MovedPanel({ day, move, onDone }: Props) {
  const { data, error, isFetching } = useMoved(move);
  const constraints = useConstraints(day);
  const item = day.planned[move.from]?.items.find(
    (i) => i.batchId === move.item.batchId && i.designId === move.item.designId && i.stage === move.item.stage,
  );
  const where = move.to === undefined ? 'a new load' : `load ${move.to + 1}`;
  return (
    <section aria-label="A move" className="flex flex-col gap-2 rounded-card border-2 border-verdigris bg-paper p-4">
      <h2 className="text-figure">
        Move {item && itemWords({ ...item, count: move.item.count })} to {where}?
      </h2>
      {isFetching && <p role="status">Calculating the plan …</p>}
      <RefusedNote error={error} />
      {data && !isFetching && <Costs moved={data} />}
      <div className="flex gap-2">
        {data && !isFetching && (
          <Button
            kind="main"
            disabled={data.breaks.some((b) => b.rule === 'pin-broken')}
            onClick={() =>
              constraints.put.mutate(data.constraints, { onSuccess: () => onDone(data.constraints.pins.at(-1)?.items) })
            }
          >
            Move and pin both loads
          </Button>
        )}
        <Button onClick={() => onDone()}>Cancel</Button>
      </div>
    </section>
  );
}

function Costs({ moved }: { moved: Moved }) {
  return (
    <>
      <AdviceList advice={moved.breaks} />
      <ul className="flex flex-wrap gap-x-6">
        {moved.after.map((after) => {
          const before = moved.before.find((b) => b.objective === after.objective);
          return <li key={after.objective}>{before && differenceWords(before, after)}</li>;
        })}
      </ul>
    </>
  );
}

const names = { LATENESS: 'lateness', LOADS: 'loads', KWH: 'kWh', FINISH: 'finish' };

function differenceWords(before: Score, after: Score): string {
  const by = Math.round((after.value - before.value) * 100) / 100;
  const name = names[after.objective];
  if (by === 0) return `same ${name}`;
  const amount = after.objective === 'KWH' ? plain(Math.abs(by)) : minutes(Math.abs(by));
  if (after.objective === 'LOADS') return `${count(Math.abs(by), 'load')} ${by > 0 ? 'more' : 'fewer'}`;
  if (after.objective === 'FINISH') return `${name} ${amount} ${by > 0 ? 'later' : 'earlier'}`;
  return `${amount} ${by > 0 ? 'more' : 'less'} ${name}`;
}
