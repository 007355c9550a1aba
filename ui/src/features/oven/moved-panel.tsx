import { Button } from '../../controls/button';
import { Findings } from '../../controls/findings';
import { Problem } from '../../server/client';
import type { Day, LoadItem, Moved, Score } from '../../server/types';
import { count, minutes, plain } from '../../words/figures';
import { things } from '../../words/load-items';
import { useMoved, useWishes, type Move } from './use-plan';

interface Props {
  day: Day;
  move: Move;
  /** With what is in the load it was moved into, or with nothing when it is left. */
  onDone: (into?: LoadItem[]) => void;
}

/** What a move would break or cost, before it is done. */
export function MovedPanel({ day, move, onDone }: Props) {
  const { data, error, isFetching } = useMoved(move);
  const wishes = useWishes(day);
  const item = day.planned[move.from]?.items.find(
    (i) => i.runId === move.item.runId && i.pieceId === move.item.pieceId && i.stage === move.item.stage,
  );
  const where = move.to === undefined ? 'a load of their own' : `load ${move.to + 1}`;
  return (
    <section aria-label="A move" className="flex flex-col gap-2 rounded-card border-2 border-verdigris bg-paper p-4">
      <h2 className="text-figure">
        {item && things({ ...item, count: move.item.count })} into {where}?
      </h2>
      {isFetching && <p role="status">Planning around it …</p>}
      {error instanceof Problem && (
        <p role="alert" className="text-madder">
          {error.wrongs.map((w) => `Found ${w.found}; allowed is ${w.allowed}. ${w.mend}`).join(' ') || error.message}
        </p>
      )}
      {data && !isFetching && <Costs moved={data} />}
      <div className="flex gap-2">
        {data && !isFetching && (
          <Button
            kind="main"
            disabled={data.breaks.some((b) => b.rule === 'pin-broken')}
            onClick={() => wishes.put.mutate(data.wishes, { onSuccess: () => onDone(data.wishes.pins.at(-1)?.items) })}
          >
            Move and hold both loads so
          </Button>
        )}
        <Button onClick={() => onDone()}>Leave it</Button>
      </div>
    </section>
  );
}

function Costs({ moved }: { moved: Moved }) {
  return (
    <>
      <Findings findings={moved.breaks} />
      <ul className="flex flex-wrap gap-x-6">
        {moved.after.map((after) => {
          const before = moved.before.find((b) => b.objective === after.objective);
          return <li key={after.objective}>{before && differenceWords(before, after)}</li>;
        })}
      </ul>
    </>
  );
}

const names = { LATENESS: 'lateness', LOADS: 'loads', KWH: 'kWh', FINISH: 'the end' };

function differenceWords(before: Score, after: Score): string {
  const by = Math.round((after.value - before.value) * 100) / 100;
  const name = names[after.objective];
  if (by === 0) return `${name} as before`;
  const amount = after.objective === 'KWH' ? plain(Math.abs(by)) : minutes(Math.abs(by));
  if (after.objective === 'LOADS') return `${count(Math.abs(by), 'load')} ${by > 0 ? 'more' : 'fewer'}`;
  if (after.objective === 'FINISH') return `${name} ${amount} ${by > 0 ? 'later' : 'earlier'}`;
  return `${amount} ${by > 0 ? 'more' : 'less'} ${name}`;
}
