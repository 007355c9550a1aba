import { useSize } from '../../drawing/use-size';
import type { Cost } from '../../server/types';

/** Ink of each rung, light enough under dark words; its name stands on or beside it. */
export const rungInks: Record<string, string> = {
  clay: '#b9c7c1',
  foil: '#dfe4e2',
  findings: '#6d857b',
  oven: '#e9a283',
  hands: '#8fa39b',
};

interface Props {
  name: string;
  costs: Cost[];
  money: (minor: number) => string;
}

/** The same piece in several batches: each rung as tall as its cost, from clay up to the price. */
export function CostLadder({ name, costs, money }: Props) {
  const [ref, size] = useSize();
  const top = Math.max(1, ...costs.map((c) => Math.max(c.priceMinor, c.costMinor)));
  const height = Math.max(0, size.height - 64);
  const step = size.width / Math.max(1, costs.length);
  const wide = Math.min(120, step * 0.62);
  const y = (minor: number) => 28 + height * (1 - minor / top);
  return (
    <div ref={ref} className="relative min-h-80 flex-1">
      {size.width > 0 && (
        <svg width={size.width} height={size.height} className="absolute inset-0" role="img">
          <title>{`Cost ladder of ${name}: ${costs.map((c) => `one of ${c.quantity} costs ${money(c.costMinor)} and sells for ${money(c.priceMinor)}`).join('; ')}`}</title>
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
              fill={rungInks[rung.name]}
            />
            {tall > 17 && (
              <text
                x={x + wide / 2}
                y={y(foot) - tall / 2 + 4.5}
                textAnchor="middle"
                className="fill-ink figure text-note"
              >
                {money(rung.costMinor)}
              </text>
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
      {cost.keptMinor > 0 && (
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
        one of {cost.quantity}
      </text>
    </g>
  );
}
