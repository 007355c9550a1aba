import { Link, useParams } from 'react-router';
import { Empty } from '../../controls/empty';
import { Pair, Place } from '../../controls/place';
import type { Day } from '../../server/types';
import { useDay } from '../../server/use-bench';
import { clock, relativeDay } from '../../words/days';
import { count, minutes, percent, plain } from '../../words/figures';
import { LoggedLoadCard, PlannedLoadCard } from './load-card';

/** The oven: loads planned for the runs on the bench, the one that is in, and those that were. */
export function OvenPlace() {
  const { day } = useDay();
  const { kind, id } = useParams();
  const number = Number(id);
  const logged = [...(day.inOven ? [day.inOven] : []), ...day.logged];
  const chosenLogged = kind === 'logged' ? logged.find((l) => l.id === number) : undefined;
  const chosenPlanned = kind === 'planned' ? day.planned[number - 1] : undefined;
  const fallback = (chosenLogged ?? chosenPlanned) ? null : (day.inOven ?? day.planned[0] ?? day.logged[0]);
  if (!chosenLogged && !chosenPlanned && !fallback) {
    return (
      <Place title="Oven">
        <Empty
          title="Nothing to bake"
          step={
            <Link to="/runs" className="font-semibold text-verdigris underline">
              Put a run on the bench
            </Link>
          }
        >
          Here the loads of all runs on the bench are planned: which pieces share one, at what temperature, for how
          long, where each lies, and why.
        </Empty>
      </Place>
    );
  }
  const planned = chosenPlanned ?? (fallback && 'heatFrom' in fallback ? fallback : undefined);
  const past = chosenLogged ?? (fallback && 'dueOut' in fallback ? fallback : undefined);
  return (
    <Place title="Oven" about={`${count(day.planned.length, 'load')} to come`}>
      <Pair
        ledger={<LoadsList day={day} chosen={planned ? `p${day.planned.indexOf(planned)}` : `l${past?.id}`} />}
        drawing={
          planned ? (
            <PlannedLoadCard
              key={planned.inAt}
              load={planned}
              number={day.planned.indexOf(planned) + 1}
              now={day.now}
              busy={day.inOven !== undefined}
            />
          ) : (
            past && <LoggedLoadCard load={past} now={day.now} />
          )
        }
      />
    </Place>
  );
}

interface RowProps {
  href: string;
  on: boolean;
  when: string;
  tempC: number;
  holdMin: number;
  what: string;
  end: string;
}

function LoadRow({ href, on, when, tempC, holdMin, what, end }: RowProps) {
  return (
    <li className="border-t border-line first:border-t-0">
      <Link
        to={href}
        aria-current={on ? 'true' : undefined}
        className="grid min-h-11 grid-cols-[7rem_9.5rem_1fr_auto] items-center gap-2 px-3 py-1.5 hover:bg-verdigris-tint aria-[current]:bg-verdigris-tint"
      >
        <span className="figure">{when}</span>
        <span className="figure font-semibold whitespace-nowrap text-ember-deep">
          {plain(tempC)} °C · {minutes(holdMin)}
        </span>
        <span className="min-w-0">{what}</span>
        <span className="text-note text-soft">{end}</span>
      </Link>
    </li>
  );
}

function LoadsList({ day, chosen }: { day: Day; chosen: string }) {
  const words = (items: { name: string; count: number }[]) => items.map((i) => `${i.count} ${i.name}`).join('; ');
  const logged = (l: Day['logged'][number]) => (
    <LoadRow
      key={l.id}
      href={`/oven/logged/${l.id}`}
      on={chosen === `l${l.id}`}
      when={`${relativeDay(l.inAt, day.now)} ${clock(l.inAt)}`}
      tempC={l.tempC}
      holdMin={l.holdMin}
      what={words(l.items.map((i) => ({ name: i.name, count: i.item.count })))}
      end={l.outAt ? `out ${clock(l.outAt)}` : `due ${clock(l.dueOut)}`}
    />
  );
  return (
    <>
      {day.inOven && (
        <section aria-label="In the oven" className="rounded-card border-2 border-ember bg-paper">
          <ul>{logged(day.inOven)}</ul>
        </section>
      )}
      <section>
        <h2 className="mb-1 text-figure">To come</h2>
        {day.planned.length === 0 && <p className="text-soft">No run on the bench has anything left to bake.</p>}
        <ul className="rounded-card border border-line bg-paper">
          {day.planned.map((l, i) => (
            <LoadRow
              key={l.inAt}
              href={`/oven/planned/${i + 1}`}
              on={chosen === `p${i}`}
              when={`${relativeDay(l.inAt, day.now)} ${clock(l.inAt)}`}
              tempC={l.tempC}
              holdMin={l.holdMin}
              what={words(l.items)}
              end={`${percent(l.fillPercent)} % full`}
            />
          ))}
        </ul>
      </section>
      {day.logged.length > 0 && (
        <section>
          <h2 className="mb-1 text-figure">Been in</h2>
          <ul className="rounded-card border border-line bg-paper">{day.logged.map(logged)}</ul>
        </section>
      )}
    </>
  );
}
