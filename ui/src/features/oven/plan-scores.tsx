import { Button } from '../../controls/button';
import { AdviceList } from '../../controls/advice-list';
import type { Day, Score } from '../../server/types';
import { clock, plusMinutes, relativeDay } from '../../words/days';
import { count, minutes, plain } from '../../words/figures';
import { useConstraints, usePlanLook } from './use-plan';

/** What one objective of the plan comes to, in words. */
function scoreWords(score: Score, day: Day): string {
  if (score.objective === 'LATENESS') return score.value === 0 ? 'nothing late' : `${minutes(score.value)} late in all`;
  if (score.objective === 'LOADS') return count(score.value, 'load');
  if (score.objective === 'KWH') return `${plain(Math.round(score.value * 100) / 100)} kWh`;
  const last = lastOut(day, score.value);
  return `last load out ${relativeDay(last, day.now)} ${clock(last)}`;
}

/** When the last load is out in a plan that ends a number of minutes from its zero. */
function lastOut(day: Day, finishMin: number): string {
  const shown = day.planned.reduce((at, l) => (l.outAt > at ? l.outAt : at), '');
  const shownMin = day.scores.find((s) => s.objective === 'FINISH')?.value ?? finishMin;
  return plusMinutes(shown, finishMin - shownMin);
}

function boundWords(score: Score): string {
  if (score.proven) return 'proven best';
  const known = 'no such plan is known';
  if (score.objective === 'FINISH')
    return `could be up to ${minutes(score.value - score.bound)} earlier at best; ${known}`;
  if (score.objective === 'LATENESS') return `could be as little as ${minutes(score.bound)}; ${known}`;
  const least = plain(Math.round(score.bound * 100) / 100);
  return score.objective === 'LOADS'
    ? `could be as few as ${least}; ${known}`
    : `could be as little as ${least}; ${known}`;
}

/** How good the plan is and how far from the best it may be, with the search for a better one. */
export function PlanScores({ day }: { day: Day }) {
  const { look, begin, stop } = usePlanLook();
  const constraints = useConstraints(day);
  const waiting = look?.state === 'WAITING';
  const looking = look?.state === 'LOOKING' || waiting;
  const scores = looking && look.scores.length > 0 ? look.scores : day.scores;
  const { pins, apart } = day.constraints.form;
  const fixed = [
    ...(pins.length > 0 ? [count(pins.length, 'pin')] : []),
    ...(apart.length > 0 ? [count(apart.length, 'pair kept apart', 'pairs kept apart')] : []),
  ];
  if (day.planned.length === 0) return <AdviceList advice={day.advice} />;
  return (
    <section aria-label="Plan" className="flex flex-col gap-2">
      <dl className="flex flex-wrap gap-x-6 gap-y-1">
        {scores.map((score) => (
          <div key={score.objective}>
            <dt className="font-semibold">{scoreWords(score, day)}</dt>
            <dd className="text-note text-soft">{boundWords(score)}</dd>
          </div>
        ))}
      </dl>
      <div className="flex flex-wrap items-center gap-3">
        {looking ? (
          <>
            <span role="status" className="inline-flex items-center gap-2 text-soft">
              <progress aria-label="Searching for a better plan" className="h-2 w-28 accent-verdigris" />
              {waiting
                ? 'Two other searches are running. This one starts when one of them ends.'
                : `${Math.round(look.seconds)} s, ${count(look.found, 'plan')} so far`}
            </span>
            <Button onClick={() => stop.mutate()}>Stop and use the best plan</Button>
          </>
        ) : (
          <Button onClick={() => begin.mutate()}>Search for a better plan</Button>
        )}
        {day.renewing && !looking && (
          <span role="status" className="text-note text-soft">
            Searching for a better plan …
          </span>
        )}
        {look?.state === 'DONE' && (
          <span role="status" className="text-note text-soft">
            Searched for {plain(Math.round(look.seconds * 10) / 10)} s.
          </span>
        )}
        {look?.state === 'FAILED' && (
          <span role="alert" className="text-madder">
            The search failed; the plan is unchanged.
          </span>
        )}
        {fixed.length > 0 && (
          <Button kind="quiet" onClick={constraints.clear}>
            Clear {fixed.join(' and ')}
          </Button>
        )}
      </div>
      <AdviceList advice={day.advice} />
    </section>
  );
}
