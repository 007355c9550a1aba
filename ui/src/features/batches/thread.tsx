import { NavLink } from 'react-router';
import type { Thread as ThreadOf } from '../../server/types';

interface Props {
  batchId: number;
  thread: ThreadOf;
}

/** A batch through its stations in the order of work, with the pieces at each. It is how one moves in a batch. */
export function Thread({ batchId, thread }: Props) {
  const stops = [
    { path: '', label: 'Order', standing: null },
    ...thread.stations.map((s) => ({
      path: `/${s.station.toLowerCase().replace('_', '-')}`,
      label: s.label,
      standing: s.standing,
    })),
  ];
  return (
    <nav aria-label="Stations of this batch" className="relative shrink-0">
      <div aria-hidden="true" className="absolute top-[0.9rem] right-6 left-6 border-t-2 border-line max-md:hidden" />
      <ol className="relative flex justify-between max-md:grid max-md:grid-cols-5 max-md:gap-y-2">
        {stops.map((stop) => (
          <li key={stop.label}>
            <NavLink
              end
              to={`/batches/${batchId}${stop.path}`}
              className="group flex min-w-16 flex-col items-center max-md:min-w-0"
            >
              <span
                aria-hidden={stop.standing === null}
                className={`flex h-7 min-w-9 items-center justify-center rounded-full border-2 px-1.5 figure font-bold group-aria-[current=page]:border-verdigris group-aria-[current=page]:bg-verdigris group-aria-[current=page]:text-paper ${stop.standing ? 'border-ink bg-paper' : 'border-line bg-tile text-soft'}`}
              >
                {stop.standing ?? '≡'}
              </span>
              {stop.standing !== null && <span className="sr-only"> pieces at </span>}
              <span className="mt-0.5 text-note group-aria-[current=page]:font-bold group-aria-[current=page]:text-verdigris">
                {stop.label}
              </span>
            </NavLink>
          </li>
        ))}
      </ol>
    </nav>
  );
}
