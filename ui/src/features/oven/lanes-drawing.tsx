import { useSize } from '../../drawing/use-size';
import type { Day } from '../../server/types';
import { dateOf, dayName, hourName } from '../../words/days';
import { dayRows, type DayRow, type Stretch } from './lanes-geometry';

const LEFT = 92;
const TOP = 24;
const lanes = [
  { kind: 'hands', fill: '#0c5f50', words: 'hands' },
  { kind: 'oven', fill: 'var(--color-ember)', words: 'oven, with preheat' },
  { kind: 'drying', fill: '#8a9a94', words: 'cooling and drying' },
] as const;

/** Hands, oven and cooling side by side, day by day, with the chain that keeps it all from ending earlier. */
export function LanesDrawing({ day }: { day: Day }) {
  const [ref, size] = useSize();
  const rows = dayRows(day);
  const all = rows.flatMap((r) => r.stretches).filter((s) => s.kind !== 'drying');
  const from = Math.floor(Math.min(9 * 60, ...all.map((s) => s.from)) / 60) * 60;
  const to = Math.ceil(Math.max(17 * 60, ...all.map((s) => s.to)) / 60) * 60;
  const row = Math.min(120, Math.max(40, (size.height - TOP - 8) / Math.max(1, rows.length)));
  const x = (minute: number) =>
    LEFT + ((size.width - LEFT - 12) * (Math.min(to, Math.max(from, minute)) - from)) / (to - from);
  const hours = Array.from({ length: (to - from) / 60 + 1 }, (_, i) => from + i * 60);
  return (
    <section aria-label="Days" className="flex min-h-80 flex-1 flex-col rounded-card border border-line bg-paper p-4">
      <p className="flex flex-wrap gap-x-5 text-note text-soft">
        {lanes.map((lane) => (
          <span key={lane.kind} className="inline-flex items-center gap-1.5">
            <span className="h-3 w-5" style={{ background: lane.fill }} /> {lane.words}
          </span>
        ))}
        <span className="inline-flex items-center gap-1.5">
          <span className="h-3 w-5 border-2 border-ink" /> critical chain: a delay here makes the batches finish later
        </span>
      </p>
      <div
        ref={ref}
        className="relative min-h-0 flex-1 overflow-y-auto"
        tabIndex={0}
        aria-label="The days, hour by hour"
      >
        {size.width > 0 && (
          <svg width={size.width} height={TOP + row * rows.length + 8} role="img">
            <title>{describe(rows)}</title>
            {hours.map((minute) => (
              <g key={minute}>
                <line x1={x(minute)} x2={x(minute)} y1={TOP - 4} y2={TOP + row * rows.length} stroke="#e0e6e3" />
                <text x={x(minute)} y={TOP - 8} textAnchor="middle" className="fill-soft figure text-note">
                  {hourName(minute / 60)}
                </text>
              </g>
            ))}
            {rows.map((r, i) => (
              <DayLanes key={r.day} row={r} top={TOP + i * row} height={row} x={x} right={size.width - 12} />
            ))}
          </svg>
        )}
      </div>
    </section>
  );
}

function describe(rows: DayRow[]): string {
  const part = (r: DayRow, kind: Stretch['kind']) =>
    r.stretches
      .filter((s) => s.kind === kind)
      .map((s) => `${s.label}${s.critical ? ' (critical)' : ''}`)
      .join(', ') || 'nothing';
  return rows
    .map((r) => `${dayName(r.day)}: hands ${part(r, 'hands')}; oven ${part(r, 'oven')}; cooling ${part(r, 'drying')}`)
    .join('. ');
}

interface RowProps {
  row: DayRow;
  top: number;
  height: number;
  x: (minute: number) => number;
  right: number;
}

function DayLanes({ row, top, height, x, right }: RowProps) {
  const third = (height - 8) / 3;
  const halved = (s: Stretch) => row.double && s.kind === 'hands';
  const weekend = [0, 6].includes(dateOf(row.day).getDay());
  return (
    <g>
      <line x1="0" x2={right} y1={top} y2={top} stroke="#c8d1cd" />
      <text x={0} y={top + height / 2 + 5} className={weekend ? 'fill-soft' : 'fill-ink'}>
        {dayName(row.day)}
      </text>
      {row.stretches.map((s, i) => {
        const lane = lanes.findIndex((l) => l.kind === s.kind);
        const width = x(s.to) - x(s.from);
        return width <= 0 ? null : (
          <rect
            key={i}
            x={x(s.from)}
            y={top + 4 + lane * third + (halved(s) ? (s.beside * third) / 2 : 0)}
            width={Math.max(1.5, width - 1)}
            height={(halved(s) ? third / 2 : third) - 1}
            fill={lanes[lane]?.fill}
            stroke={s.critical ? '#16201d' : 'none'}
            strokeWidth={s.critical ? 2 : 0}
          >
            <title>{s.label}</title>
          </rect>
        );
      })}
    </g>
  );
}
