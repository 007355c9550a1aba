import { useSize } from '../../drawing/use-size';
import type { BatchPlan } from '../../server/types';
import { dayName, hourName } from '../../words/days';
import { count } from '../../words/figures';
import { dayExtent, dayLanes, type Bar, type DayLane } from './days-geometry';

const LEFT = 84;
const TOP = 22;

/** The days of a batch: what hands do above, what the oven does below, hour by hour. */
export function DaysDrawing({ plan, dueOn }: { plan: BatchPlan; dueOn: string }) {
  const [ref, size] = useSize();
  const lanes = dayLanes(plan);
  const extent = dayExtent(lanes);
  const row = Math.min(140, Math.max(30, (size.height - TOP - 30) / Math.max(1, lanes.length)));
  const x = (minute: number) => LEFT + ((size.width - LEFT - 12) * (minute - extent.from)) / (extent.to - extent.from);
  const hours = Array.from({ length: (extent.to - extent.from) / 60 + 1 }, (_, i) => extent.from + i * 60);
  const late = lanes.some((l) => l.day > dueOn);
  return (
    <div className="flex min-h-80 flex-1 flex-col rounded-card border border-line bg-paper p-4">
      <div className="flex items-baseline justify-between">
        <h2 className="text-figure">Days</h2>
        <p className="flex gap-4 text-note text-soft">
          <Legend fill="#0c5f50" words="hands" />
          <Legend fill="var(--color-ember)" words="oven" />
        </p>
      </div>
      <div ref={ref} className="relative min-h-0 flex-1">
        {size.width > 0 && lanes.length > 0 && (
          <svg
            width={size.width}
            height={Math.max(size.height, TOP + row * lanes.length + 24)}
            className="absolute inset-0"
            role="img"
          >
            <title>{describe(lanes, dueOn)}</title>
            {hours.map((minute) => (
              <g key={minute}>
                <line x1={x(minute)} x2={x(minute)} y1={TOP - 4} y2={TOP + row * lanes.length} stroke="#e0e6e3" />
                <text x={x(minute)} y={TOP - 8} textAnchor="middle" className="fill-soft figure text-note">
                  {hourName(minute / 60)}
                </text>
              </g>
            ))}
            {lanes.map((lane, i) => (
              <Lane key={lane.day} lane={lane} top={TOP + i * row} row={row} x={x} due={lane.day === dueOn} />
            ))}
            <text x={0} y={TOP + row * lanes.length + 16} className="fill-soft text-note">
              {late
                ? `The days after ${dayName(dueOn)} are too late.`
                : `Due ${dayName(dueOn)}, ${count(plan.daysSpare, 'day')} to spare.`}
            </text>
          </svg>
        )}
        {lanes.length === 0 && <p className="pt-6 text-soft">Nothing is left to do.</p>}
      </div>
    </div>
  );
}

function Legend({ fill, words }: { fill: string; words: string }) {
  return (
    <span className="inline-flex items-center gap-1.5">
      <span className="h-3 w-5" style={{ background: fill }} /> {words}
    </span>
  );
}

function describe(lanes: DayLane[], dueOn: string): string {
  const sum = (bars: Bar[]) => Math.round(bars.reduce((s, b) => s + b.to - b.from, 0));
  const days = lanes.map((l) => `${dayName(l.day)}: hands ${sum(l.hands)} min, oven ${l.oven.length} loads`);
  return `${days.join('; ')}. Due ${dayName(dueOn)}.`;
}

interface LaneProps {
  lane: DayLane;
  top: number;
  row: number;
  x: (minute: number) => number;
  due: boolean;
}

function Lane({ lane, top, row, x, due }: LaneProps) {
  const half = (row - 8) / 2;
  const bar = (b: Bar, y: number, fill: string) => (
    <rect
      key={`${b.label}${b.from}`}
      x={x(b.from)}
      width={Math.max(1.5, x(b.to) - x(b.from) - 1)}
      y={y}
      height={half}
      fill={fill}
    >
      <title>{b.label}</title>
    </rect>
  );
  return (
    <g>
      <line x1="0" x2={x(24 * 60)} y1={top} y2={top} stroke="#c8d1cd" />
      <text x={0} y={top + row / 2 + 5} className={due ? 'fill-madder font-semibold' : 'fill-ink'}>
        {dayName(lane.day)}
      </text>
      {lane.hands.map((b) => bar(b, top + 4, '#0c5f50'))}
      {lane.oven.map((b) => bar(b, top + 4 + half, 'var(--color-ember)'))}
    </g>
  );
}
