import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { Button } from '../../controls/button';
import { Caution } from '../../controls/caution';
import { AdviceList } from '../../controls/advice-list';
import { RefusedNote } from '../../controls/problem-note';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import { api, take } from '../../server/client';
import type { Day, LoadOutcome, LoggedLoad, PlannedLoad } from '../../server/types';
import { clock, minutesBetween, relativeDay } from '../../words/days';
import { minutes, plain, plainIn, u } from '../../words/figures';
import { LoadItems } from './load-items';
import { LoggedItems } from './logged-items';
import { RecordCard } from './record-card';
import { StartPanel } from './start-panel';
import { TakeOutPanel } from './take-out-panel';
import { TrayPlan } from './tray-plan';
import { useLoads } from './use-loads';
import { useConstraints, type Move } from './use-plan';

const DAY_MIN = 24 * 60;

interface PlannedProps {
  load: PlannedLoad;
  day: Day;
  /** Given where loads can be moved and held. */
  onMove?: (move: Move) => void;
  /** Whether it can be started: not where the load is of a preview. */
  startable?: boolean;
}

/** A load of the plan: what shares it and why, where each piece lies, and the start. */
export function PlannedLoadCard({ load, day, onMove, startable = true }: PlannedProps) {
  const { now } = day;
  const oven = day.ovens[load.oven];
  const busy = day.inOvens.some((l) => l.ovenId === oven?.id);
  const constraints = useConstraints(day);
  const [starting, setStarting] = useState(false);
  const why = load.items.length > 1 ? 'Why these share a load' : 'Why nothing else is in this load';
  return (
    <article className="flex flex-col gap-3 rounded-card border border-line bg-paper p-4">
      <CardHead
        title={`Load ${load.number}`}
        bake={load}
        times={
          <>
            {relativeDay(load.inAt, now)} {clock(load.inAt)} to {clock(load.outAt)}, preheat from {clock(load.heatFrom)}
            , cool by {clock(load.cooledAt)}
            <StartBy load={load} day={day} />
            {day.ovens.length > 1 && `, in ${oven?.name ?? ''}`}
            <DialSetting ovenId={oven?.id ?? 1} tempC={load.tempC} />
          </>
        }
      >
        {onMove && (
          <Button
            kind="quiet"
            aria-pressed={load.pinned}
            onClick={() => (load.pinned ? constraints.unpin(load) : constraints.pin(load))}
          >
            {load.pinned ? '⚲ Unpin this load' : 'Pin this load'}
          </Button>
        )}
        <Button kind="heat" disabled={busy || !startable} aria-expanded={starting} onClick={() => setStarting(true)}>
          {busy ? 'Oven in use' : startable ? 'Start this load' : 'Preview only'}
        </Button>
      </CardHead>
      {starting && <StartPanel load={load} ovenId={oven?.id ?? 1} onDone={() => setStarting(false)} />}
      <Counting load={load} />
      <TrayPlan load={load} oven={oven} named={!onMove} />
      {onMove && <LoadItems load={load} index={load.number - 1} day={day} onMove={onMove} />}
      <AdviceList advice={load.why.filter((f) => f.grade !== 'TIP')} />
      <section aria-label={why}>
        <h3 className="text-body">{why}</h3>
        <ul className="list-disc pl-5">
          {load.why
            .filter((f) => f.grade === 'TIP')
            .map((advice) => (
              <li key={advice.message}>
                {advice.message} {advice.fix && <span className="text-soft">{advice.fix}</span>}
              </li>
            ))}
        </ul>
        <p className="text-note text-soft">{plain(Math.round(load.energyKwh * 100) / 100)} kWh with preheat.</p>
        {startable && (
          <ShowWorking of={`load ${load.number}`}>
            <LoadWorkings load={load} ovenId={oven?.id ?? 1} />
          </ShowWorking>
        )}
      </section>
      <Caution>
        Check the thermometer, air the room and stay with the oven. Never exceed the packet’s ceiling. Keep trays used
        for clay away from food.
      </Caution>
    </article>
  );
}

/** The latest moment that keeps everything in time, where that is within a day. */
function StartBy({ load, day }: { load: PlannedLoad; day: Day }) {
  const by = day.startBy.find((one) => one.number === load.number)?.at;
  if (!by || minutesBetween(load.inAt, by) > DAY_MIN) return null;
  return (
    <b className="text-straw">
      ; start by {relativeDay(by, day.now)} {clock(by)} to be in time
    </b>
  );
}

/** What will count of the load's minutes, in the part whose middle is hot last. */
function Counting({ load }: { load: PlannedLoad }) {
  if (!load.counting) return null;
  const { partName, designName, countingMin } = load.counting;
  return (
    <p className={countingMin < 1 ? 'text-madder' : 'text-soft'}>
      {minutes(countingMin)} of {minutes(load.bakingMin)} count: the minutes in which the middle of {partName} (
      {designName}) is hot enough too.
    </p>
  );
}

/** How the minutes, the energy and the setting of the dial come about; asked for when it is opened. */
function LoadWorkings({ load, ovenId }: { load: PlannedLoad; ovenId: number }) {
  const { data } = useQuery({
    queryKey: ['planned-workings', load.number],
    queryFn: () =>
      take(api.GET('/api/baking/planned/{number}/workings', { params: { path: { number: load.number } } })),
  });
  const dial = useDial(ovenId, load.tempC);
  return (
    <div className="flex flex-col gap-3">
      {data && <WorkingsList workings={data} />}
      {dial?.workings && <WorkingsList workings={dial.workings} />}
    </div>
  );
}

function useDial(ovenId: number, tempC: number) {
  const { data } = useQuery({
    queryKey: ['dial', ovenId, tempC],
    queryFn: () =>
      take(api.GET('/api/ovens/{id}/dial', { params: { path: { id: ovenId }, query: { wantedC: tempC } } })),
  });
  return data;
}

/** Where the dial goes so that the oven really has the temperature, by what a thermometer read. */
function DialSetting({ ovenId, tempC }: { ovenId: number; tempC: number }) {
  const data = useDial(ovenId, tempC);
  if (data?.dialC === undefined) return null;
  return (
    <span className="text-ember-deep">
      , dial at <b className="figure">{plain(Math.round(data.dialC))}</b>{' '}
      {data.beyond && <span className="text-straw"> ◦ an estimate: no reading is near</span>}
    </span>
  );
}

interface CardHeadProps {
  title: string;
  bake: { tempC: number; bakingMin: number };
  times: ReactNode;
  children: ReactNode;
}

/** What a load is and how it is baked at the left, what can be done with it at the right, and its times below. */
function CardHead({ title, bake, times, children }: CardHeadProps) {
  return (
    <header className="flex flex-wrap items-start gap-x-4">
      <div className="flex min-w-0 flex-1 flex-wrap items-baseline gap-x-4">
        <h2 className="text-large whitespace-nowrap">{title}</h2>
        <p className="figure text-figure font-semibold whitespace-nowrap text-ember-deep">
          {plainIn('°C', bake.tempC)} {u.c} · {minutes(bake.bakingMin)}
        </p>
      </div>
      <div className="flex gap-1">{children}</div>
      <p className="w-full text-soft">{times}</p>
    </header>
  );
}

/** A load that went in: what it held and when. */
export function LoggedLoadCard({ load, day }: { load: LoggedLoad; day: Day }) {
  const { now } = day;
  const { takeOut, takingOut } = useLoads();
  const how = takingOut.data;
  const choose = (outcome?: LoadOutcome) => {
    takingOut.reset();
    takeOut.mutate({ id: load.id, ...(outcome === undefined ? {} : { outcome }) });
  };
  return (
    <article className="flex flex-col gap-3 rounded-card border border-line bg-paper p-4">
      <CardHead
        title={load.outAt ? 'Past load' : 'In the oven now'}
        bake={load}
        times={
          <>
            in {relativeDay(load.inAt, now)} {clock(load.inAt)},{' '}
            {load.outAt ? `out ${clock(load.outAt)}` : `due out ${clock(load.dueOut)}`}
            {outcomes[load.outcome]}
          </>
        }
      >
        {!load.outAt && (
          <Button
            kind="heat"
            onClick={() => takingOut.mutate(load.id, { onSuccess: ({ timing }) => timing === 'IN_TIME' && choose() })}
          >
            Take out now
          </Button>
        )}
      </CardHead>
      {how && how.timing !== 'IN_TIME' && !load.outAt && (
        <TakeOutPanel how={how} onChoose={choose} onLeave={() => takingOut.reset()} />
      )}
      <RefusedNote error={takingOut.error ?? takeOut.error} />
      <LoggedItems load={load} planned={day.planned} />
      {load.notes.length > 0 && (
        <section aria-label="Asked and answered">
          <h3 className="text-body">Asked and answered</h3>
          <ul className="list-disc pl-5 text-soft">
            {load.notes.map((note) => (
              <li key={note}>{note}</li>
            ))}
          </ul>
        </section>
      )}
      <RecordCard key={load.id} load={load} />
      {!load.outAt && <Caution>Hot tray: wear gloves. Let pieces cool before you handle or glue them.</Caution>}
    </article>
  );
}

const outcomes: Record<LoadOutcome, string> = {
  BAKED: '',
  BAKE_AGAIN: '; to be baked again, so it does not count',
  MAKE_AGAIN: '; to be made again, so it does not count',
  LOST: '; counted as lost',
};
