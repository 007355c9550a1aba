import type { Design, MeasuredDesign } from '../../server/types';
import { minutes, plainIn, u } from '../../words/figures';
import { buildOrder, type DrawnAssembly } from './build-order';

interface Props {
  design: Design;
  measured: MeasuredDesign;
}

const LANE = 58;
const COLUMN = 164;
const LEFT = 6;
const BAKE = 128;

const strokes: Record<string, { dash?: string; words: string }> = {
  RAW: { words: 'raw on raw' },
  CURED: { words: 'raw on cured' },
  COLD: { dash: '7 4', words: 'joined cold' },
  PACKED: { dash: '1.5 5', words: 'packed with it' },
};

/** Which assemblies are baked when, and where they are joined, from left to right. */
export function BuildOrderDrawing({ design, measured }: Props) {
  const order = buildOrder(design);
  const height = order.assemblies.length * LANE;
  const width = LEFT + Math.max(order.columns, 1) * COLUMN + 30;
  const x = (column: number) => LEFT + column * COLUMN;
  const y = (lane: number) => lane * LANE + 34;
  return (
    <figure className="rounded-card border border-line bg-paper p-4">
      <figcaption className="text-figure">Build order</figcaption>
      <svg
        viewBox={`0 0 ${width} ${height}`}
        style={{ maxWidth: width }}
        className="mt-2 w-full"
        role="img"
        aria-label={`Build order of ${design.name}`}
      >
        <desc>{order.assemblies.map((a) => laneWords(a, design)).join(' ')}</desc>
        {order.assemblies.map((a) => (
          <Lane key={a.lane} drawn={a} x={x} y={y} />
        ))}
        {order.bakes.map((b) => {
          const need = measured.stages[b.stage];
          const paint = design.stages[b.stage]?.kind === 'PAINT';
          return (
            <g key={b.stage} transform={`translate(${x(b.column) + 22} ${y(b.lane) - 15})`}>
              <rect width={BAKE} height={32} rx={3} className="fill-paper" />
              <rect
                width={BAKE}
                height={32}
                rx={3}
                fillOpacity={0.2}
                className={need?.driesMin === undefined ? 'fill-ember stroke-ember' : 'fill-paper stroke-ink'}
                strokeDasharray={paint ? '4 3' : undefined}
              />
              <text x={6} y={13} className="fill-ink text-note">
                {clipped(design.stages[b.stage]?.name ?? '')}
              </text>
              <text x={6} y={26} className="fill-ink figure text-note">
                {need && (need.driesMin === undefined ? bakeWords(need) : `dries ${minutes(need.driesMin)}`)}
              </text>
            </g>
          );
        })}
      </svg>
    </figure>
  );
}

const bakeWords = (need: MeasuredDesign['stages'][number]) =>
  `${minutes(need.bakingMin)}, ${plainIn('°C', need.lowC)} ${u.c}`;

const clipped = (name: string) => (name.length > 17 ? `${name.slice(0, 16)}…` : name);

function Lane({ drawn, x, y }: { drawn: DrawnAssembly; x: (c: number) => number; y: (l: number) => number }) {
  const { assembly, lane, joined } = drawn;
  const stroke = strokes[assembly.joint ?? 'CURED'];
  return (
    <g className="stroke-ink" fill="none" strokeWidth={1.5}>
      <line x1={x(drawn.from)} y1={y(lane)} x2={joined ? x(joined.column) : x(drawn.to) + 20} y2={y(lane)} />
      {joined && (
        <>
          <path
            d={`M${x(joined.column)} ${y(lane)} l10 10 V${y(joined.lane)}`}
            strokeDasharray={stroke?.dash}
            className={assembly.joint === 'PACKED' ? 'stroke-soft' : undefined}
          />
          <circle cx={x(joined.column) + 10} cy={y(joined.lane)} r={3.5} className="fill-ink" stroke="none" />
        </>
      )}
      <text x={x(drawn.from)} y={y(lane) - 20} stroke="none" className="fill-ink text-note font-semibold">
        {assembly.name}
        {joined && (
          <tspan className="fill-soft font-normal">{`  ${assembly.separate ? 'set, ' : ''}${stroke?.words ?? ''}`}</tspan>
        )}
      </text>
    </g>
  );
}

function laneWords({ assembly, joined }: DrawnAssembly, design: Design): string {
  if (!joined) return `${assembly.name} is the finished piece.`;
  const into = design.assemblies?.[assembly.into?.assembly ?? 0]?.name ?? '';
  return `${assembly.name}: ${strokes[assembly.joint ?? 'CURED']?.words ?? ''}, ${into}.`;
}
