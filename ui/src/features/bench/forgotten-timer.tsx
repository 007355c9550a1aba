import { useState } from 'react';
import { Button } from '../../controls/button';
import { RefusedNote } from '../../controls/problem-note';
import { WhenField } from '../../controls/when-field';
import { useBench, useBenchActs } from '../../server/use-bench';
import { dateOf, isoDay, isoTime, minutesBetween, plusDays } from '../../words/days';
import { minutes } from '../../words/figures';

/** A timer that nobody stopped: when did the work end? */
export function ForgottenTimer({ startedAt }: { startedAt: string }) {
  const { bench } = useBench();
  const { timer } = useBenchActs();
  const [time, setTime] = useState(isoTime(startedAt));
  const end = ending(startedAt, time);
  return (
    <div
      role="group"
      aria-label="Forgotten timer"
      className="my-2 rounded-card border border-straw bg-straw-tint px-3 py-2"
    >
      <p className="font-semibold text-straw">
        ◦ This timer has run for {minutes(minutesBetween(startedAt, bench.now))}. When did you stop?
      </p>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <WhenField label="Stopped at" type="time" value={time} onChange={setTime} onSettle={() => undefined} />
        <Button onClick={() => timer.mutate({ running: false, stoppedAt: end })}>
          Log {minutes(minutesBetween(startedAt, end))}
        </Button>
        <Button kind="quiet" onClick={() => timer.mutate({ running: false, discard: true })}>
          Log nothing
        </Button>
      </div>
      <RefusedNote error={timer.error} />
    </div>
  );
}

/** The first such time of day that is not before the start. */
function ending(startedAt: string, time: string): string {
  const sameDay = dateOf(`${isoDay(startedAt)}T${time}:00`);
  const start = dateOf(startedAt);
  start.setSeconds(0, 0);
  const end = sameDay < start ? dateOf(`${plusDays(startedAt, 1)}T${time}:00`) : sameDay;
  return (end < dateOf(startedAt) ? dateOf(startedAt) : end).toISOString();
}
