import { useState } from 'react';
import { NavLink } from 'react-router';
import { useSize } from '../drawing/use-size';
import type { Day } from '../server/types';
import { useDay } from '../server/use-bench';
import { useNow } from '../server/use-now';
import { clock, dayName, hourName, isoDay, relativeDay, timeName } from '../words/days';
import { minutes, percent, plainIn, shortDegrees, stopwatch, u } from '../words/figures';
import { inLoad, itemWords } from '../words/load-items';
import { SpineLive } from './spine-live';
import { firstDay, loadsOn, minuteOf, neighbourDay, spineLoads, type SpineLoad } from './spine-loads';
import { stretchesOf, stripScale, type Strip } from './strip-scale';

const LOAD_LEAST = 64;
const looks = {
  done: 'border-spine-line bg-transparent text-spine-soft',
  in: 'glow relative border-ember bg-ember text-paper',
  planned: 'border-spine-block bg-spine-block text-spine-ink',
};

/** The oven's day as a strip of time: loads done, in and planned, the gaps between, and now. */
export function Spine({ open, onToggle }: { open: boolean; onToggle: () => void }) {
  const { day, asked } = useDay();
  const now = useNow(day.now, asked, day.clockSpeed);
  const loads = spineLoads(day);
  const [chosen, setChosen] = useState<string | null>(null);
  const shown = chosen ?? firstDay(day, loads);
  const today = loadsOn(loads, shown);
  const before = neighbourDay(loads, shown, -1);
  const after = neighbourDay(loads, shown, 1);
  return (
    <aside
      aria-label="Oven"
      className={`flex h-full flex-col bg-spine text-spine-ink ${open ? 'w-spine max-w-[16.6vw] max-sm:fixed max-sm:inset-y-0 max-sm:right-0 max-sm:z-40 max-sm:max-w-none' : 'w-11 max-sm:w-8'} shrink-0`}
    >
      <div className="flex h-rail items-center gap-1 pr-1 pl-3">
        {open && (
          <h2 className="mr-auto text-body font-semibold">
            Oven, <span className="font-text">{relativeDay(shown, day.now)}</span>
          </h2>
        )}
        {open && <DayStep label="Earlier loads" sign="‹" to={before} onStep={setChosen} />}
        {open && <DayStep label="Later loads" sign="›" to={after} onStep={setChosen} />}
        <button
          type="button"
          aria-expanded={open}
          aria-label={open ? 'Hide the oven strip' : 'Show the oven strip'}
          className="size-8 rounded-small text-spine-soft hover:text-spine-ink max-lg:h-11"
          onClick={onToggle}
        >
          {open ? '»' : '«'}
        </button>
      </div>
      {open && today.length === 0 ? (
        <NextLoads day={day} shown={shown} loads={loads} now={now} />
      ) : (
        <DayStrip
          key={shown}
          open={open}
          loads={today}
          opens={minuteOf(`${shown}T${day.opens}`, shown)}
          closes={minuteOf(`${shown}T${day.closes}`, shown)}
          day={shown}
          now={now}
        />
      )}
    </aside>
  );
}

interface NextProps {
  day: Day;
  shown: string;
  loads: SpineLoad[];
  now: Date;
}

/** A day without loads: the planned loads that come after it, by day. */
function NextLoads({ day, shown, loads, now }: NextProps) {
  const later = loads.filter((load) => load.kind === 'planned' && isoDay(load.from) > shown);
  const days = [...new Set(later.map((load) => isoDay(load.from)))];
  return (
    <div
      role="group"
      aria-label="Loads to come"
      tabIndex={0}
      className="flex min-h-0 flex-1 flex-col gap-2 overflow-y-auto px-3 py-3 text-note"
    >
      <p className="text-spine-soft">{nothingOn(day, shown)}</p>
      {days.map((next) => (
        <section key={next} aria-label={`Loads ${relativeDay(next, day.now)}`}>
          <h3 className="pb-1 font-semibold">{relativeDay(next, day.now)}</h3>
          <ol className="flex flex-col gap-1.5">
            {loadsOn(later, next).map((load) => (
              <li key={load.id}>
                <span className="figure text-spine-soft">{clock(load.from)}</span>
                <LoadBlock load={load} open now={now} />
              </li>
            ))}
          </ol>
        </section>
      ))}
    </div>
  );
}

/** Why a day's strip is empty. */
function nothingOn(day: Day, shown: string): string {
  const when = relativeDay(shown, day.now) === 'today' ? 'today' : `on ${dayName(shown)}`;
  if (day.planned.length > 0) return `No loads ${when}.`;
  return `No loads ${when}. ${day.onBench > 0 ? 'Everything on the bench is baked.' : 'Put a batch on the bench to fill the oven.'}`;
}

interface StepProps {
  label: string;
  sign: string;
  to: string | undefined;
  onStep: (day: string) => void;
}

function DayStep({ label, sign, to, onStep }: StepProps) {
  return (
    <button
      type="button"
      aria-label={label}
      disabled={!to}
      onClick={() => to && onStep(to)}
      className="size-8 rounded-small text-large leading-none text-spine-soft hover:text-spine-ink disabled:opacity-30 max-lg:size-11"
    >
      {sign}
    </button>
  );
}

interface StripProps {
  open: boolean;
  loads: SpineLoad[];
  opens: number;
  closes: number;
  day: string;
  now: Date;
}

function DayStrip({ open, loads, opens, closes, day, now }: StripProps) {
  const [ref, size] = useSize();
  const spans = loads.map((load) => ({ from: minuteOf(load.from, day), to: minuteOf(load.to, day) }));
  const strip = stripScale(stretchesOf(opens, closes, spans), size.height, open ? LOAD_LEAST : 24);
  const nowMinute = (now.getTime() - new Date(`${day}T00:00:00`).getTime()) / 60000;
  const first = Math.min(opens, ...spans.map((s) => s.from));
  const last = Math.max(closes, ...spans.map((s) => s.to));
  const nowIn = nowMinute >= first && nowMinute <= last;
  return (
    <div ref={ref} className="relative mx-2 my-3 min-h-0 flex-1">
      {open && <Hours strip={strip} from={first} to={last} now={nowIn ? strip.at(nowMinute) : null} />}
      <ol className="contents">
        {loads.map((load, i) => {
          const top = strip.at(spans[i]?.from ?? 0);
          return (
            <li
              key={load.id}
              className={`absolute right-0 ${open ? 'left-12' : 'left-0'}`}
              style={{ top, height: strip.at((spans[i]?.to ?? 0) - 0.001) - top }}
            >
              <LoadBlock load={load} open={open} now={now} />
            </li>
          );
        })}
      </ol>
      {nowIn && (
        <div
          className={`pointer-events-none absolute left-0 ${open ? 'w-12' : 'right-0 border-t-2 border-spine-ink'}`}
          style={{ top: strip.at(nowMinute) }}
        >
          {open && (
            <span className="absolute -top-3.5 left-0 w-12 border-b-2 border-spine-ink bg-spine figure text-note leading-none font-bold whitespace-nowrap">
              {timeName(now.toTimeString())}
            </span>
          )}
        </div>
      )}
    </div>
  );
}

function Hours({ strip, from, to, now }: { strip: Strip; from: number; to: number; now: number | null }) {
  const hours: { hour: number; top: number }[] = [];
  for (let hour = Math.ceil(from / 60); hour <= Math.floor(to / 60); hour++) {
    const top = strip.at(hour * 60);
    const before = hours.at(-1);
    const clear = now === null || top < now - 30 || top > now + 8;
    if (clear && (!before || top - before.top > 26)) hours.push({ hour, top });
  }
  return (
    <div aria-hidden="true">
      {hours.map(({ hour, top }) => (
        <div key={hour} className="absolute left-0 w-10 border-t border-spine-line" style={{ top }}>
          <span className="figure text-note whitespace-nowrap text-spine-soft">{hourName(hour)}</span>
        </div>
      ))}
    </div>
  );
}

function LoadBlock({ load, open, now }: { load: SpineLoad; open: boolean; now: Date }) {
  const left = (new Date(load.to).getTime() - now.getTime()) / 1000;
  const over = load.kind === 'in' && left < 0;
  return (
    <NavLink
      to={load.href}
      {...(open
        ? {}
        : {
            'aria-label': `${plainIn('°C', load.tempC)} ${u.c}, ${minutes(load.bakingMin)}, ${inLoad(load.items)}, ${clock(load.from)} to ${clock(load.to)}`,
          })}
      className={`flex h-full min-h-6 flex-col overflow-hidden rounded-small border px-2 py-1 text-note leading-tight outline-offset-0 aria-[current=page]:outline-2 aria-[current=page]:outline-spine-ink ${looks[load.kind]}`}
    >
      {open && (
        <>
          <span className="whitespace-nowrap">
            <span className="figure text-body font-bold">{shortDegrees(load.tempC)}</span> {minutes(load.bakingMin)}
            {load.fillPercent !== undefined && <span className="float-right">{percent(load.fillPercent)} %</span>}
          </span>
          {load.kind === 'in' && (
            <span className="figure font-bold">{over ? `${stopwatch(-left)} over` : `${stopwatch(left)} to go`}</span>
          )}
          {load.kind === 'in' && <SpineLive id={Number(load.id.replace('logged-', ''))} />}
          {load.kind !== 'in' &&
            load.items.map((item) => (
              <span key={`${item.name} ${item.batchName}`} className="truncate">
                {itemWords(item)}
                <span className="text-spine-soft"> · {item.batchName}</span>
              </span>
            ))}
          {load.kind !== 'done' && (
            <span className="sr-only">
              , {clock(load.from)} to {clock(load.to)}
            </span>
          )}
          {load.kind === 'done' && isoDay(load.to) && <span>out {clock(load.to)}</span>}
        </>
      )}
    </NavLink>
  );
}
