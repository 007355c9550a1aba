import { Button } from '../controls/button';
import { lastLoss, useLastLoss, type LastLoss } from '../server/last-loss';
import { useBenchActs, type LossReason } from '../server/use-bench';
import { choicesOf, useLimits } from '../server/use-limits';

type Reasons = ReturnType<typeof choicesOf>;
type Because = (because: LastLoss & { reason: LossReason }) => void;

/** What a key says of the piece that was just lost; false when it says nothing. Reasons are counted from 1. */
export function answerLoss(loss: LastLoss, reasons: Reasons, key: string, because: Because): boolean {
  const reason = reasons[Number(key) - 1];
  if (reason) say(loss, reason.value as LossReason, because);
  else if (key === 'a') lastLoss({ ...loss, again: !loss.again });
  else if (key === 'Escape') lastLoss(null);
  else return false;
  return true;
}

function say(loss: LastLoss, reason: LossReason, because: Because) {
  because({ ...loss, reason });
  lastLoss(null);
}

/** After a piece was counted as lost: why, and whether it is made again. It waits until it is answered or the work goes on. */
export function LossStrip() {
  const loss = useLastLoss();
  const { because } = useBenchActs();
  const reasons = choicesOf(useLimits(), 'lossReason');
  if (!loss) return null;
  return (
    <section
      aria-label="One lost"
      className="flex flex-wrap items-center gap-x-2 gap-y-1 border-t border-straw bg-straw-tint px-5 py-1.5"
    >
      <h2 className="text-body font-semibold">One lost. Why?</h2>
      {reasons.map((reason, i) => (
        <Button
          key={reason.value}
          keyCap={String(i + 1)}
          onClick={() => say(loss, reason.value as LossReason, because.mutate)}
        >
          {reason.label}
        </Button>
      ))}
      <Button
        kind="quiet"
        keyCap="a"
        aria-pressed={loss.again}
        className="border-line aria-pressed:border-verdigris aria-pressed:bg-verdigris-tint"
        onClick={() => lastLoss({ ...loss, again: !loss.again })}
      >
        {loss.again ? '✓ make it again' : 'make it again'}
      </Button>
      <Button kind="quiet" onClick={() => lastLoss(null)}>
        Not now
      </Button>
    </section>
  );
}
