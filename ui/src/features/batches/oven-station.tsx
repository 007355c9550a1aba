import { useKeptChoice } from '../../controls/use-kept-choice';
import { AdviceList } from '../../controls/advice-list';
import { Pair } from '../../controls/place';
import type { BatchPlan } from '../../server/types';
import { useDay } from '../../server/use-bench';
import { clock, relativeDay } from '../../words/days';
import { minutes, percent, plainIn, u } from '../../words/figures';
import { inLoad } from '../../words/load-items';
import { PlannedLoadCard } from '../oven/load-card';

/** The loads this batch is in: which bakes share, at what heat, how long, and why. */
export function OvenStation({ plan }: { plan: BatchPlan }) {
  const { day } = useDay();
  const [chosen, setChosen] = useKeptChoice('load', 0);
  const load = plan.loads[Math.min(chosen, plan.loads.length - 1)];
  return (
    <Pair
      ledger={
        <>
          <h2 className="text-figure">Loads of this batch</h2>
          {plan.loads.length === 0 && <p className="text-soft">Everything that can be baked is baked.</p>}
          <ul className="rounded-card border border-line bg-paper">
            {plan.loads.map((l, i) => (
              <li key={l.number} className="border-t border-line first:border-t-0">
                <button
                  type="button"
                  aria-pressed={l === load}
                  onClick={() => setChosen(i)}
                  className="grid min-h-12 w-full grid-cols-[1.5rem_9.5rem_1fr_6.5rem] items-center gap-2 px-3 py-1.5 text-left hover:bg-verdigris-tint aria-pressed:bg-verdigris-tint max-sm:grid-cols-[1.5rem_minmax(0,1fr)_6.5rem] max-sm:[&>:nth-child(3)]:col-span-2 max-sm:[&>:nth-child(3)]:col-start-2 max-sm:[&>:nth-child(3)]:row-start-2"
                >
                  <span className="figure text-large text-soft">{l.number}</span>
                  <span className="figure font-semibold whitespace-nowrap text-ember-deep">
                    {plainIn('°C', l.tempC)} {u.c} · {minutes(l.bakingMin)}
                  </span>
                  <span>{inLoad(l.items)}</span>
                  <span className="text-right text-note text-soft">
                    {relativeDay(l.inAt, day.now)} {clock(l.inAt)}
                    <br />
                    {percent(l.fillPercent)} % full
                  </span>
                </button>
              </li>
            ))}
          </ul>
          <AdviceList advice={plan.advice.filter((f) => f.grade === 'STOP')} />
        </>
      }
      drawing={load && <PlannedLoadCard key={chosen} load={load} day={day} startable={plan.joint} />}
    />
  );
}
