import type { TrialView } from '../../server/types';

const HIGH = 96;

/** What was tried, side by side as it looked, the chosen one marked. */
export function TrialStrip({ trial }: { trial: TrialView }) {
  const seen = trial.trial.rows.filter((row) => /^#[0-9a-f]{6}$/i.test(row.hex ?? ''));
  if (seen.length === 0) {
    return (
      <p className="rounded-card border border-line bg-paper p-4 text-soft">
        Add a colour to each variant to compare them here side by side.
      </p>
    );
  }
  return (
    <figure className="rounded-card border border-line bg-paper p-4">
      <div className="flex overflow-hidden rounded-small border border-soft">
        {seen.map((row, i) => (
          <svg key={i} viewBox={`0 0 100 ${HIGH}`} preserveAspectRatio="none" className="h-24 flex-1" role="img">
            <title>{`${row.name}: ${row.hex ?? ''}${row.chosen ? ', chosen' : ''}`}</title>
            <rect width="100" height={HIGH} fill={row.hex} />
          </svg>
        ))}
      </div>
      <figcaption className="flex">
        {seen.map((row, i) => (
          <span
            key={i}
            className={`flex-1 px-1 pt-1 text-note ${row.chosen ? 'font-semibold text-verdigris' : 'text-soft'}`}
          >
            {row.chosen && '✓ '}
            {row.name}
          </span>
        ))}
      </figcaption>
    </figure>
  );
}
