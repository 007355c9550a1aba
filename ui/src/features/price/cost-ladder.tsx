import { useSize } from '../../drawing/use-size';
import type { Cost } from '../../server/types';

/** Tone and pattern of each rung, light enough under dark words: no two neighbours differ by tone alone. */
export const rungLooks: Record<string, { ink: string; pattern: 'plain' | 'stripes' | 'grid' | 'slant' }> = {
  clay: { ink: '#b9c7c1', pattern: 'plain' },
  foil: { ink: '#f4f6f5', pattern: 'slant' },
  findings: { ink: '#8fa39b', pattern: 'grid' },
  supplies: { ink: '#cfdcea', pattern: 'slant' },
  oven: { ink: '#e9a283', pattern: 'plain' },
  work: { ink: '#dfe7e3', pattern: 'stripes' },
  wear: { ink: '#c9d3a6', pattern: 'plain' },
  losses: { ink: '#f2efe2', pattern: 'grid' },
};

const strokes: Record<string, string> = {
  stripes: 'M0 6h8',
  grid: 'M0 7h8M7 0v8',
  slant: 'M-2 2l4-4M0 8l8-8M6 10l4-4',
};

/** The patterns that rungs are filled with, by name of the rung. */
export function RungPatterns() {
  return (
    <defs>
      {Object.entries(rungLooks).map(([name, look]) => (
        <pattern key={name} id={`rung-${name}`} width="8" height="8" patternUnits="userSpaceOnUse">
          <rect width="8" height="8" fill={look.ink} />
          {look.pattern !== 'plain' && (
            <path d={strokes[look.pattern]} fill="none" stroke="#16201d" strokeOpacity="0.55" strokeWidth="1" />
          )}
        </pattern>
      ))}
    </defs>
  );
}

interface Props {
  name: string;
  costs: Cost[];
  money: (minor: number) => string;
}

/** The same design in several batches: each rung as tall as its cost, from clay up to the price. */
export function CostLadder({ name, costs, money }: Props) {
  const [ref, size] = useSize();
  const top = Math.max(1, ...costs.map((c) => Math.max(c.priceMinor, c.costMinor)));
  const height = Math.max(0, size.height - 64);
  const step = size.width / Math.max(1, costs.length);
  const wide = Math.min(120, step * 0.7);
  const y = (minor: number) => 28 + height * (1 - minor / top);
  return (
    <div ref={ref} className="relative min-h-80 flex-1">
      {size.width > 0 && (
        <svg width={size.width} height={size.height} className="absolute inset-0" role="img">
          <title>{`Cost and price of ${name}: ${costs.map((c) => `one of ${c.quantity} costs ${money(c.costMinor)} and sells for ${money(c.priceMinor)}`).join('; ')}`}</title>
          <RungPatterns />
          {costs.map((cost, i) => (
            <Ladder key={cost.quantity} cost={cost} x={i * step + (step - wide) / 2} wide={wide} y={y} money={money} />
          ))}
          <line x1="0" x2={size.width} y1={y(0)} y2={y(0)} stroke="#16201d" />
        </svg>
      )}
    </div>
  );
}

interface LadderProps {
  cost: Cost;
  x: number;
  wide: number;
  y: (minor: number) => number;
  money: (minor: number) => string;
}

function Ladder({ cost, x, wide, y, money }: LadderProps) {
  const feet = cost.rungs.map((_, i) => cost.rungs.slice(0, i).reduce((sum, r) => sum + r.costMinor, 0));
  return (
    <g>
      {cost.rungs.map((rung, i) => {
        const foot = feet[i] ?? 0;
        const tall = y(foot) - y(foot + rung.costMinor);
        return (
          <g key={rung.name}>
            <rect
              x={x}
              width={wide}
              y={y(foot + rung.costMinor)}
              height={Math.max(0, tall)}
              fill={`url(#rung-${rung.name})`}
              stroke="#16201d"
              strokeWidth="0.75"
            />
            {tall > 17 && (
              <RungLabel
                x={x + wide / 2}
                middle={y(foot) - tall / 2}
                lines={tall > 34 ? [rung.name, money(rung.costMinor)] : [rung.name]}
                ink={rungLooks[rung.name]?.ink}
              />
            )}
          </g>
        );
      })}
      <line
        x1={x - 8}
        x2={x + wide + 8}
        y1={y(cost.costMinor)}
        y2={y(cost.costMinor)}
        stroke="#16201d"
        strokeWidth="2"
      />
      <text x={x + wide / 2} y={y(cost.costMinor) - 6} textAnchor="middle" className="figure text-note font-semibold">
        {money(cost.costMinor)}
      </text>
      {cost.profitMinor > 0 && (
        <rect
          x={x}
          width={wide}
          y={y(cost.priceMinor)}
          height={y(cost.costMinor) - y(cost.priceMinor)}
          fill="none"
          stroke="#0c5f50"
          strokeDasharray="4 3"
        />
      )}
      <line
        x1={x - 8}
        x2={x + wide + 8}
        y1={y(cost.priceMinor)}
        y2={y(cost.priceMinor)}
        stroke="#0c5f50"
        strokeWidth="3"
      />
      <text
        x={x + wide / 2}
        y={y(cost.priceMinor) - 8}
        textAnchor="middle"
        className="fill-verdigris figure text-figure font-bold"
      >
        {money(cost.priceMinor)}
      </text>
      <text x={x + wide / 2} y={y(0) + 22} textAnchor="middle" className="font-semibold">
        batch of {cost.quantity}
      </text>
    </g>
  );
}

interface RungLabelProps {
  x: number;
  middle: number;
  lines: string[];
  ink: string | undefined;
}

function RungLabel({ x, middle, lines, ink }: RungLabelProps) {
  return lines.map((line, i) => (
    <text
      key={line}
      x={x}
      y={middle + 4.5 + 15 * (i - (lines.length - 1) / 2)}
      textAnchor="middle"
      className="text-note"
      paintOrder="stroke"
      stroke={ink}
      strokeWidth="5"
    >
      {line}
    </text>
  ));
}
