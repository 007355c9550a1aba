import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { Empty } from '../../controls/empty';
import { Pair, Place } from '../../controls/place';
import { PlaceTabs } from '../../controls/place-tabs';
import type { Day, LoadItem, LoggedLoad } from '../../server/types';
import { useDay } from '../../server/use-bench';
import { useOvens } from '../../server/use-studio';
import { clock, relativeDay } from '../../words/days';
import { minutes, percent, plainIn, u } from '../../words/figures';
import { inLoad, loggedItems } from '../../words/load-items';
import { OvenCard } from '../settings/oven-fields';
import { LanesDrawing } from './lanes-drawing';
import { LoggedLoadCard, PlannedLoadCard } from './load-card';
import { MovedPanel } from './moved-panel';
import { PlanNews } from './plan-news';
import { PlanScores } from './plan-scores';
import { useFollowed } from './use-followed';
import { contentOf, itemsOf, type Move } from './use-plan';

const tabs = [
  { path: 'loads', label: 'Loads', to: '/oven' },
  { path: 'lanes', label: 'Days', to: '/oven/lanes' },
  { path: 'ovens', label: 'Ovens', to: '/oven/ovens' },
];

/** The oven: loads planned for all batches, the ones that are in, and those that were. */
export function OvenPlace() {
  const { day } = useDay();
  const { kind, id } = useParams();
  const chosen = chosenLoad(day, kind, Number(id));
  const room = kind === 'lanes' || kind === 'ovens' ? kind : 'loads';
  const about = <PlaceTabs label="Oven" chosen={room} tabs={tabs} />;
  if (room === 'ovens') {
    return (
      <Place title="Oven" about={about}>
        <OvenCards />
      </Place>
    );
  }
  if (!chosen) {
    return (
      <Place title="Oven" about={about}>
        <Empty
          title={day.onBench > 0 ? 'Everything on the bench is baked' : 'Nothing to bake'}
          step={
            <Link to="/batches" className="font-semibold text-verdigris underline">
              {day.onBench > 0 ? 'Show the batches' : 'Put a batch on the bench'}
            </Link>
          }
        >
          The loads of all batches are planned here: which pieces share a load, its temperature and baking time, where
          each piece lies on the tray, and why.
        </Empty>
      </Place>
    );
  }
  return (
    <Place
      title="Oven"
      name={kind === undefined ? 'Oven' : `Oven, ${kind}${id === undefined ? '' : ` ${id}`}`}
      about={about}
      actions={
        <a href="/api/baking/calendar.ics" className="text-verdigris underline underline-offset-4">
          Save calendar file
        </a>
      }
    >
      {room === 'lanes' ? (
        <>
          <PlanScores day={day} />
          <LanesDrawing day={day} />
        </>
      ) : (
        <LoadsPair day={day} chosen={chosen} />
      )}
    </Place>
  );
}

/** The ovens' own measures, dials, places and probes; they stand in Settings too. */
function OvenCards() {
  const ovens = useOvens();
  return (
    <div className="grid min-h-0 flex-1 grid-cols-1 content-start items-start gap-4 overflow-y-auto md:grid-cols-2">
      {ovens.map((oven) => (
        <OvenCard key={oven.id} saved={oven} only={ovens.length === 1} />
      ))}
    </div>
  );
}

type Chosen = { planned: number } | { logged: LoggedLoad };

/** The load of the address, or else the one that matters most now. */
function chosenLoad(day: Day, kind: string | undefined, id: number): Chosen | null {
  const logged = [...day.inOvens, ...day.logged];
  const past = kind === 'logged' ? logged.find((l) => l.id === id) : undefined;
  if (past) return { logged: past };
  if (kind === 'planned' && day.planned[id - 1]) return { planned: id - 1 };
  const first = day.inOvens[0];
  if (first) return { logged: first };
  if (day.planned.length > 0) return { planned: 0 };
  return day.logged[0] ? { logged: day.logged[0] } : null;
}

function LoadsPair({ day, chosen }: { day: Day; chosen: Chosen }) {
  const [move, setMove] = useState<Move | null>(null);
  const planned = 'planned' in chosen ? day.planned[chosen.planned] : undefined;
  const follow = useFollowed(day, useParams().kind === 'planned' && 'planned' in chosen ? chosen.planned : undefined);
  const moved = (into?: LoadItem[]) => {
    setMove(null);
    if (into) follow(into);
  };
  return (
    <Pair
      ledger={
        <>
          <PlanScores day={day} />
          <PlanNews day={day} />
          {move && <MovedPanel day={day} move={move} onDone={moved} />}
          <LoadsList
            day={day}
            chosen={'planned' in chosen ? `p${chosen.planned}` : `l${chosen.logged.id}`}
            onDrop={setMove}
          />
        </>
      }
      drawing={
        'planned' in chosen ? (
          planned && <PlannedLoadCard key={contentOf(itemsOf(planned))} load={planned} day={day} onMove={setMove} />
        ) : (
          <LoggedLoadCard load={chosen.logged} day={day} />
        )
      }
    />
  );
}

interface RowProps {
  href: string;
  on: boolean;
  when: string;
  tempC: number;
  bakingMin: number;
  what: string;
  end: string;
  /** Takes what is dragged onto it. */
  onDrop?: (dragged: Move) => void;
}

function LoadRow({ href, on, when, tempC, bakingMin, what, end, onDrop }: RowProps) {
  const drop = onDrop && {
    onDragOver: (e: React.DragEvent) => e.preventDefault(),
    onDrop: (e: React.DragEvent) => {
      e.preventDefault();
      onDrop(JSON.parse(e.dataTransfer.getData('application/json')) as Move);
    },
  };
  return (
    <li className="border-t border-line first:border-t-0" {...drop}>
      <Link
        to={href}
        aria-current={on ? 'true' : undefined}
        className="grid min-h-11 grid-cols-[7rem_9.5rem_1fr_auto] items-center gap-2 px-3 py-1.5 hover:bg-verdigris-tint aria-[current]:bg-verdigris-tint max-sm:grid-cols-[minmax(0,1fr)_auto]"
      >
        <span className="figure">{when}</span>
        <span className="figure font-semibold whitespace-nowrap text-ember-deep">
          {plainIn('°C', tempC)} {u.c} · {minutes(bakingMin)}
        </span>
        <span className="min-w-0">{what}</span>
        <span className="text-note text-soft">{end}</span>
      </Link>
    </li>
  );
}

interface ListProps {
  day: Day;
  chosen: string;
  onDrop: (move: Move) => void;
}

function LoadsList({ day, chosen, onDrop }: ListProps) {
  const logged = (l: Day['logged'][number]) => (
    <LoadRow
      key={l.id}
      href={`/oven/logged/${l.id}`}
      on={chosen === `l${l.id}`}
      when={`${relativeDay(l.inAt, day.now)} ${clock(l.inAt)}`}
      tempC={l.tempC}
      bakingMin={l.bakingMin}
      what={inLoad(loggedItems(l.items))}
      end={l.outAt ? `out ${clock(l.outAt)}` : `due ${clock(l.dueOut)}`}
    />
  );
  return (
    <>
      {day.inOvens.length > 0 && (
        <section aria-label="In the oven" className="rounded-card border-2 border-ember bg-paper">
          <ul>{day.inOvens.map(logged)}</ul>
        </section>
      )}
      <section>
        <h2 className="mb-1 text-figure">Planned loads</h2>
        {day.planned.length === 0 && <p className="text-soft">No batch has anything left to bake.</p>}
        <ul className="rounded-card border border-line bg-paper">
          {day.planned.map((l, i) => (
            <LoadRow
              key={`${l.oven} ${l.inAt}`}
              href={`/oven/planned/${i + 1}`}
              on={chosen === `p${i}`}
              when={`${relativeDay(l.inAt, day.now)} ${clock(l.inAt)}`}
              tempC={l.tempC}
              bakingMin={l.bakingMin}
              what={inLoad(l.items)}
              end={`${l.pinned ? '⚲ pinned, ' : ''}${percent(l.fillPercent)} % full`}
              onDrop={(dragged) => dragged.from !== i && onDrop({ ...dragged, to: i })}
            />
          ))}
        </ul>
      </section>
      {day.logged.length > 0 && (
        <section>
          <h2 className="mb-1 text-figure">Past loads</h2>
          <ul className="rounded-card border border-line bg-paper">{day.logged.map(logged)}</ul>
        </section>
      )}
    </>
  );
}
