import { useSize } from '../../drawing/use-size';
import { dayName, minutesBetween } from '../../words/days';
import { minutes } from '../../words/figures';
import { lasted } from './line-words';
import type { DaybookDay } from './use-daybook';

const LEFT = 92;
const ROW = 34;
const RIGHT = 88;
const SHOWN = 14;

/** The minutes of a day: hands, rework, oven. */
interface Minutes {
  day: string;
  hands: number;
  rework: number;
  oven: number;
}

function ofDay({ day, entries }: DaybookDay): Minutes {
  const all: Minutes = { day, hands: 0, rework: 0, oven: 0 };
  for (const entry of entries) {
    if ('bake' in entry) all.oven += entry.bake.outAt ? minutesBetween(entry.bake.inAt, entry.bake.outAt) : 0;
    else if (entry.line.line.kind === 'REWORK') all.rework += lasted(entry.line);
    else if (entry.line.line.kind === 'TIME') all.hands += lasted(entry.line);
  }
  return all;
}

/** How long hands and oven were at work on each day of the daybook, rework apart. */
export function BenchDays({ days }: { days: DaybookDay[] }) {
  const [ref, size] = useSize();
  const rows = days
    .map(ofDay)
    .filter((day) => day.hands + day.rework + day.oven > 0)
    .slice(0, SHOWN);
  const most = Math.max(60, ...rows.map((row) => Math.max(row.hands + row.rework, row.oven)));
  const long = (min: number) => (Math.max(0, size.width - LEFT - RIGHT) * min) / most;
  return (
    <div className="flex flex-col rounded-card border border-line bg-paper p-4">
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="text-figure">Hours by day</h2>
        <p className="flex gap-4 text-note text-soft">
          <Legend look="bg-verdigris" words="hands" />
          <Legend look="border border-straw bg-straw-tint" words="rework" />
          <Legend look="bg-ember" words="oven" />
        </p>
      </div>
      <div ref={ref} style={{ height: rows.length * ROW + 8 }}>
        {size.width > 0 && rows.length > 0 && (
          <svg width={size.width} height={rows.length * ROW + 8} role="img">
            <title>
              {rows
                .map(
                  (row) =>
                    `${dayName(row.day)}: hands ${minutes(row.hands)}, rework ${minutes(row.rework)}, oven ${minutes(row.oven)}`,
                )
                .join('; ')}
            </title>
            {rows.map((row, i) => (
              <g key={row.day} transform={`translate(0 ${i * ROW + 6})`}>
                <text x={0} y={16} className="fill-soft text-note">
                  {dayName(row.day)}
                </text>
                <rect x={LEFT} y={0} width={long(row.hands)} height={14} fill="#0c5f50" />
                <rect
                  x={LEFT + long(row.hands)}
                  y={0.5}
                  width={long(row.rework)}
                  height={13}
                  fill="var(--color-straw-tint)"
                  stroke="var(--color-straw)"
                />
                <rect x={LEFT} y={17} width={long(row.oven)} height={7} fill="var(--color-ember)" />
                {row.hands + row.rework > 0 && (
                  <text x={LEFT + long(row.hands + row.rework) + 6} y={12} className="figure text-note">
                    {minutes(row.hands + row.rework)}
                  </text>
                )}
              </g>
            ))}
          </svg>
        )}
      </div>
      {rows.length === 0 && <p className="text-soft">No times logged yet.</p>}
    </div>
  );
}

function Legend({ look, words }: { look: string; words: string }) {
  return (
    <span className="inline-flex items-center gap-1.5">
      <span className={`h-3 w-5 ${look}`} /> {words}
    </span>
  );
}
