import { Button } from '../../controls/button';
import { useBench, useBenchActs } from '../../server/use-bench';
import { useSeconds } from '../../server/use-now';
import { minutes, stopwatch } from '../../words/figures';

/** The step in hand, large enough for clay on the fingers. */
export function InHandCard() {
  const { bench, ahead } = useBench();
  const { hand } = bench;
  const acts = useBenchActs();
  const running = useSeconds(hand?.startedAt, ahead);
  if (!hand) return null;
  const share = hand.wanted === 0 ? 0 : Math.min(1, hand.done / hand.wanted);
  return (
    <section aria-label="Step in hand" className="rounded-card border border-verdigris bg-paper p-4">
      <div className="flex items-start justify-between gap-4">
        <div>
          <h2 className="text-large first-letter:uppercase">{hand.name}</h2>
          <p className="text-soft">
            {hand.pieceName}, {hand.runName}
          </p>
        </div>
        <p className="text-right">
          <span className={`figure text-title font-bold ${hand.startedAt ? 'text-verdigris' : ''}`}>
            {stopwatch(hand.loggedSec + running)}
          </span>
          <span className="block text-note text-soft">of {minutes(hand.plannedMin)} planned</span>
        </p>
      </div>
      <div className="my-3 h-3 rounded-full bg-tile">
        <div className="h-3 rounded-full bg-verdigris" style={{ width: `${100 * share}%` }} />
      </div>
      <div className="flex flex-wrap gap-2">
        <Button
          kind={hand.startedAt ? 'plain' : 'main'}
          className="min-h-12 flex-1 justify-center"
          keyCap="Space"
          onClick={() => acts.timer.mutate(!hand.startedAt)}
        >
          {hand.startedAt ? 'Stop' : 'Start'}
        </Button>
        <Button
          className="min-h-12 flex-1 justify-center"
          keyCap="."
          disabled={hand.done >= hand.wanted}
          onClick={() => acts.count.mutate({ done: 1, lost: 0 })}
        >
          Done {hand.done} of {hand.wanted}
        </Button>
        <Button
          className="min-h-12 flex-1 justify-center"
          keyCap="x"
          onClick={() => acts.count.mutate({ done: 0, lost: 1 })}
        >
          Lost {hand.lost}
        </Button>
        <Button kind="quiet" className="min-h-12" onClick={() => acts.putDown.mutate(undefined)}>
          Put down
        </Button>
      </div>
    </section>
  );
}
