import { useTextSize } from '../../drawing/use-size';
import type { LoadRecord } from '../../server/types';
import { minutes, shortDegrees, u, wholeIn } from '../../words/figures';

const WIDE = 560;
const HIGH = 190;
const LEFT = 46;
const FOOT = 18;

/** Seconds that are given below the curve: its beginning, the end of its baking time, its end, as far as there is room for them. */
function marks(first: number, bakingTime: number, end: number): number[] {
  const apart = (end - first) / 9;
  const given = [Math.min(0, first)];
  if (bakingTime - first > apart) given.push(bakingTime);
  if (end - Math.max(...given) > apart) given.push(end);
  return given;
}

/** The oven and the middle of the slowest design against the window, with the minutes that count filled in. */
export function RecordCurve({ record }: { record: LoadRecord }) {
  const [ref, fontSize] = useTextSize(WIDE, HIGH);
  const { points, centre, lowC, highC, bakingMin, slowest } = record;
  const first = Math.min(0, ...points.map((p) => p.atS));
  const end = Math.max(bakingMin * 60, record.nowS, ...points.map((p) => p.atS));
  const top = Math.max(highC + 12, ...points.map((p) => p.c + 4));
  const bottom = 20;
  const x = (s: number) => LEFT + ((s - first) / (end - first)) * (WIDE - LEFT - 4);
  const y = (c: number) => 4 + ((top - Math.max(bottom, c)) / (top - bottom)) * (HIGH - FOOT - 6);
  const line = (of: LoadRecord['points']) =>
    of.map((p, i) => `${i === 0 ? 'M' : 'L'}${x(p.atS).toFixed(1)} ${y(p.c).toFixed(1)}`).join('');
  const counted = centre.filter((p) => p.c >= lowC - 5 && p.c <= highC + 5);
  const from = counted[0];
  const to = counted.at(-1);
  return (
    <svg ref={ref} viewBox={`0 0 ${WIDE} ${HIGH}`} className="h-auto w-full" role="img" fontSize={fontSize}>
      <title>{`Oven ${wholeIn('°C', record.meanC ?? record.tempC)} ${u.c} on average, ${wholeIn('°C', record.hottestC ?? 0)} ${u.c} at most; the middle of ${slowest ?? 'the slowest piece'} is at ${wholeIn('°C', record.centreC ?? 0)} ${u.c}, ${minutes(record.countingMin)} count`}</title>
      <rect
        x={LEFT}
        y={y(highC)}
        width={WIDE - LEFT - 4}
        height={Math.max(1.5, y(lowC) - y(highC))}
        className="fill-ember"
        fillOpacity="0.12"
      />
      {from && to && (
        <path
          d={`M${x(from.atS)} ${y(bottom)}${counted.map((p) => `L${x(p.atS).toFixed(1)} ${y(p.c).toFixed(1)}`).join('')}L${x(to.atS)} ${y(bottom)}Z`}
          className="fill-ember"
          fillOpacity="0.25"
        />
      )}
      <path d={line(points)} fill="none" className="stroke-ember-deep" strokeWidth="1.2" />
      <path d={line(centre)} fill="none" className="stroke-ink" strokeWidth="2" />
      <line
        x1={x(bakingMin * 60)}
        x2={x(bakingMin * 60)}
        y1="4"
        y2={HIGH - FOOT}
        className="stroke-soft"
        strokeDasharray="3 3"
      />
      <path d={`M${LEFT} 4V${HIGH - FOOT}H${WIDE - 4}`} fill="none" className="stroke-line" />
      {(y(lowC) - y(highC) > fontSize ? [lowC, highC] : [highC]).map((c) => (
        <text key={c} x={LEFT - 3} y={y(c) + 4} textAnchor="end" className="fill-ember-deep">
          {shortDegrees(c)}
        </text>
      ))}
      {marks(first, bakingMin * 60, end).map((s) => (
        <text
          key={s}
          x={x(s)}
          y={HIGH - 3}
          textAnchor={s === Math.min(0, first) ? 'start' : x(s) > WIDE - 40 ? 'end' : 'middle'}
          className="fill-soft"
        >
          {s === 0 ? '0' : s < 0 ? `${Math.round(s / 60)} min` : minutes(Math.round(s / 60))}
        </text>
      ))}
    </svg>
  );
}
