import { useRecord } from '../server/use-record';
import { shortDegrees } from '../words/figures';

const WIDE = 60;
const HIGH = 16;

/** The live curve of a load that is in, small: what its probe read, and what it reads now. */
export function SpineLive({ id }: { id: number }) {
  const record = useRecord(id);
  const points = record?.points.filter((p) => p.atS >= 0) ?? [];
  const last = points.at(-1);
  if (!record || !last || record.lastC === undefined) return null;
  const low = Math.min(record.lowC - 15, ...points.map((p) => p.c));
  const high = Math.max(record.highC + 10, ...points.map((p) => p.c));
  const end = Math.max(last.atS, record.bakingMin * 60);
  const x = (s: number) => ((s / end) * WIDE).toFixed(1);
  const y = (c: number) => (HIGH - ((c - low) / (high - low)) * HIGH).toFixed(1);
  const alarm = record.alarms.some((a) => a.grade !== 'TIP');
  return (
    <span className="flex items-center gap-2">
      <span className="shrink-0 figure font-bold">
        {alarm ? '▲ ' : ''}
        {shortDegrees(record.lastC)}
      </span>
      <svg viewBox={`0 0 ${WIDE} ${HIGH}`} className="h-4 w-16" aria-hidden="true">
        <rect
          width={WIDE}
          y={y(record.highC)}
          height={Math.max(1, Number(y(record.lowC)) - Number(y(record.highC)))}
          fill="#fff"
          opacity="0.25"
        />
        <path
          d={points.map((p, i) => `${i === 0 ? 'M' : 'L'}${x(p.atS)} ${y(p.c)}`).join('')}
          fill="none"
          stroke="#fff"
          strokeWidth="1.5"
        />
      </svg>
    </span>
  );
}
