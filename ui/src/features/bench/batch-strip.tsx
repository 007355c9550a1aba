import { Link } from 'react-router';
import type { components } from '../../server/schema';
import { dayName, minutesBetween } from '../../words/days';
import { count } from '../../words/figures';

type Row = components['schemas']['BatchRowView'];

/** A batch on the bench: how many pieces are at each station, as a column of its own height. */
export function BatchStrip({ batch: { id, batch, thread }, now }: { batch: Row; now: string }) {
  const most = Math.max(1, ...thread.stations.map((s) => s.standing));
  const days = Math.ceil(minutesBetween(now, `${batch.dueOn}T00:00:00`) / 1440);
  return (
    <section aria-label={batch.name} className="rounded-card border border-line bg-paper p-4">
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="text-figure">
          <Link to={`/batches/${id}`} className="underline decoration-dotted underline-offset-4">
            {batch.name}
          </Link>
        </h2>
        <p className="text-soft">
          due {dayName(batch.dueOn)}, {days >= 0 ? `in ${count(days, 'day')}` : `${count(-days, 'day')} ago`}
        </p>
      </div>
      <ol className="mt-4 flex items-end gap-1.5 max-sm:grid max-sm:grid-cols-5 max-sm:gap-y-3">
        {thread.stations.map((s) => (
          <li key={s.station} className="flex-1">
            <Link to={`/batches/${id}/${s.station.toLowerCase()}`} className="flex flex-col items-center gap-1">
              <span className="figure font-semibold">{s.standing}</span>
              <span
                aria-hidden="true"
                className={`block w-full ${s.station === 'OVEN' ? 'bg-ember' : 'bg-verdigris'}`}
                style={{ height: 2 + (84 * s.standing) / most }}
              />
              <span className="text-note text-soft">{s.label}</span>
            </Link>
          </li>
        ))}
      </ol>
      <p className="mt-2 text-note text-soft">
        Pieces at each station; {thread.finished} of {thread.total} finished.
      </p>
    </section>
  );
}
