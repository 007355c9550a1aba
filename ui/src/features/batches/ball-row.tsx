import { useSize } from '../../drawing/use-size';
import type { BatchPlan } from '../../server/types';
import { grams, mm, u } from '../../words/figures';

type Portion = BatchPlan['needs']['portions'][number];

const LABEL_PX = 62;
const LETTER_PX = 7.2;

interface Laid {
  portion: Portion;
  x: number;
  y: number;
  r: number;
}

function titleOf(portion: Portion): string {
  return `${portion.count} ${portion.partName}`;
}

/** Balls in rows, largest first within each design, each as wide as its share of the largest. */
function lay(portions: Portion[], width: number, scale: number): { balls: Laid[]; height: number } {
  const balls: Laid[] = [];
  let x = 0;
  let top = 8;
  let row: Laid[] = [];
  const close = () => {
    const tallest = Math.max(0, ...row.map((b) => b.r * 2));
    row.forEach((b) => (b.y = top + tallest - b.r));
    top += tallest + LABEL_PX;
    row = [];
    x = 0;
  };
  for (const portion of [...portions].sort((a, b) => b.ballMm - a.ballMm)) {
    const r = (portion.ballMm * scale) / 2;
    const wide = Math.max(titleOf(portion).length * LETTER_PX + 10, 70, 2 * r + 12);
    if (x > 0 && x + wide > width) close();
    const ball = { portion, x: x + wide / 2, y: 0, r };
    row.push(ball);
    balls.push(ball);
    x += wide;
  }
  close();
  return { balls, height: top };
}

/** The portions of a batch as balls true to each other, largest first, filled with their mix. */
export function BallRow({ portions }: { portions: Portion[] }) {
  const [ref, size] = useSize();
  const largest = Math.max(1, ...portions.map((p) => p.ballMm));
  let scale = 96 / 25.4;
  let laid = lay(portions, size.width, scale);
  while (laid.height > size.height && scale * largest > 34) {
    scale *= 0.94;
    laid = lay(portions, size.width, scale);
  }
  return (
    <div className="flex min-h-80 flex-1 flex-col rounded-card border border-line bg-paper p-3">
      <h2 className="text-figure">
        Balls to roll{' '}
        <span className="font-text text-note font-normal text-soft">
          {' '}
          to one scale, {(scale / (96 / 25.4)).toFixed(2)} of true size{' '}
        </span>
      </h2>
      <div ref={ref} tabIndex={0} role="group" aria-label="Balls" className="relative min-h-0 flex-1 overflow-y-auto">
        {size.width > 0 && (
          <svg width={size.width} height={laid.height} className="absolute inset-0" role="img">
            <title>Balls to roll for each part; the table beside the drawing has the same figures.</title>
            {laid.balls.map(({ portion, x, y, r }) => (
              <g key={`${portion.designId}-${portion.partName}`}>
                <circle cx={x} cy={y} r={Math.max(1, r)} fill={portion.rawHex} stroke="#16201d" />
                <text x={x} y={y + r + 14} textAnchor="middle" className="text-note font-semibold">
                  {titleOf(portion)}
                </text>
                <text x={x} y={y + r + 30} textAnchor="middle" className="fill-soft figure text-note">
                  {grams(portion.massG)} {u.g}
                </text>
                <text x={x} y={y + r + 45} textAnchor="middle" className="fill-soft figure text-note">
                  Ø{mm(portion.ballMm)} {u.mm}
                </text>
              </g>
            ))}
          </svg>
        )}
      </div>
    </div>
  );
}
