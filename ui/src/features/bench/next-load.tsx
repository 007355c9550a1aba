import { Link } from 'react-router';
import { useDay } from '../../server/use-bench';
import { clock, relativeDay } from '../../words/days';
import { minutes, plainIn, u } from '../../words/figures';
import { TrayPlan } from '../oven/tray-plan';

/** The load that goes in next: when, how hot, how long, and its tray. */
export function NextLoad() {
  const { day } = useDay();
  const load = day.planned[0];
  if (!load) return null;
  return (
    <section aria-label="Next load" className="flex flex-col gap-2 rounded-card border border-line bg-paper p-4">
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="text-figure">
          <Link to="/oven/planned/1" className="underline decoration-dotted underline-offset-4">
            Next load
          </Link>
        </h2>
        <p className="text-soft">
          {relativeDay(load.inAt, day.now)} {clock(load.inAt)}{' '}
          <b className="figure text-ember-deep">
            {plainIn('°C', load.tempC)} {u.c} · {minutes(load.bakingMin)}
          </b>
        </p>
      </div>
      <TrayPlan load={load} oven={day.ovens[load.oven]} />
    </section>
  );
}
