import { useMutation } from '@tanstack/react-query';
import { Button } from '../../controls/button';
import { reread } from '../../server/changes';
import { api, take } from '../../server/client';
import type { Day } from '../../server/types';
import { clock, isoDay, relativeDay } from '../../words/days';
import { minutes } from '../../words/figures';

/** Working minutes that are few: half a day. */
const TIGHT_MIN = 240;
const SHOWN = 3;

/** What is at risk, and what moved in the plan since the last thing that happened. Nothing when all is well. */
export function PlanNews({ day }: { day: Day }) {
  return (
    <>
      <Outlooks day={day} />
      <Moved day={day} />
    </>
  );
}

function Outlooks({ day }: { day: Day }) {
  const risky = day.outlooks.filter((outlook) => outlook.late || outlook.spareMin < TIGHT_MIN);
  if (risky.length === 0) return null;
  return (
    <ul aria-label="In time" className="rounded-card border border-line bg-paper px-3 py-1">
      {risky.map(({ batchId, name, late, spareMin, finishAt, dueAt }) => (
        <li key={batchId} className={`py-1 ${late && !day.renewing ? 'text-madder' : 'text-straw'}`}>
          <b>{name}</b>{' '}
          {late
            ? day.renewing
              ? 'may be late, a better plan is being looked for'
              : 'will be late'
            : `has ${minutes(spareMin)} to spare`}
          : finished {relativeDay(finishAt, day.now)} {clock(finishAt)}, due {relativeDay(dueAt, day.now)}{' '}
          {clock(dueAt)}.{late && !day.renewing && ' Make fewer, work longer hours, or change the date.'}
        </li>
      ))}
    </ul>
  );
}

function Moved({ day }: { day: Day }) {
  const seen = useMutation({
    mutationFn: () => take(api.DELETE('/api/baking/moved')),
    onSuccess: () => reread(['plan']),
  });
  if (day.moved.length === 0) return null;
  const when = (at: string) => `${relativeDay(at, day.now)} ${clock(at)}`;
  const line = ({ names, from, to, because }: Day['moved'][number]) => (
    <li key={`${from} ${to} ${names.join()}`} className="py-0.5">
      <b>{names.join(', ')}</b> moved from {when(from)} to {isoDay(from) === isoDay(to) ? clock(to) : when(to)}, because{' '}
      {because}.
    </li>
  );
  return (
    <section aria-label="What moved" className="rounded-card border border-line bg-paper px-3 py-2">
      <div className="flex items-center justify-between gap-3">
        <h2 className="text-body font-semibold">What moved</h2>
        <Button kind="quiet" onClick={() => seen.mutate()}>
          Clear this list
        </Button>
      </div>
      <ul>{day.moved.slice(0, SHOWN).map(line)}</ul>
      {day.moved.length > SHOWN && (
        <details>
          <summary className="cursor-pointer text-verdigris underline underline-offset-4">
            {day.moved.length - SHOWN} more
          </summary>
          <ul>{day.moved.slice(SHOWN).map(line)}</ul>
        </details>
      )}
    </section>
  );
}
