import { useSize } from '../../drawing/use-size';
import type { MeasuredDesign, Design } from '../../server/types';
import { degrees, mm, u } from '../../words/figures';
import { NonClayShapes } from './non-clay-shapes';
import { copiesOf, extentOf, fit, pathOf, type View } from './section-geometry';

interface Props {
  name: string;
  design: MeasuredDesign;
  pin: NonNullable<Design['pin']> | null;
}

const FOOT_PX = 150;

/** The design from the front with its centre of mass; under it, from above, what it stands on. */
export function BalanceDrawing({ name, design, pin }: Props) {
  const [ref, size] = useSize();
  const { balance } = design;
  const { standing, centre } = balance;
  const foot = standing ? FOOT_PX : 0;
  const extent = extentOf(design);
  if (pin) extent.top = Math.max(extent.top, pin.upMm + 2);
  const view = fit(extent, 24, 24, size.width - 48, size.height - 56 - foot);
  const x = view.x(centre.acrossMm);
  const y = view.y(centre.upMm);
  return (
    <div ref={ref} className="relative min-h-64 flex-1">
      {size.width > 0 && (
        <svg width={size.width} height={size.height} className="absolute inset-0" role="img">
          <title>{`${name}: balance, centre of mass ${mm(standing?.aboveMm ?? centre.upMm)} ${u.mm} up`}</title>
          <NonClayShapes design={design} view={view} />
          {copiesOf(design).map((copy) => (
            <path
              key={copy.key}
              d={pathOf(copy.outlines, copy.spot, view)}
              fill={copy.part.curedHex}
              fillRule="evenodd"
              fillOpacity="0.55"
              stroke="#5c6864"
              strokeWidth="0.8"
            />
          ))}
          {standing && (
            <path
              d={`M${x} ${y}V${view.y(extent.bottom)}M8 ${view.y(extent.bottom)}H${size.width - 8}`}
              stroke="#16201d"
              strokeDasharray="5 3"
              fill="none"
            />
          )}
          {pin && (
            <g>
              <path
                d={`M${view.x(pin.acrossMm)} ${view.y(pin.upMm)}L${x} ${y}`}
                stroke="#16201d"
                strokeDasharray="5 3"
                fill="none"
              />
              <circle
                cx={view.x(pin.acrossMm)}
                cy={view.y(pin.upMm)}
                r="5"
                fill="#fff"
                stroke="#16201d"
                strokeWidth="2"
              />
              <text x={view.x(pin.acrossMm) + 10} y={view.y(pin.upMm) + 4} className="fill-ink text-note font-semibold">
                {`eye${hangWords(balance.hangTiltDeg)}`}
              </text>
            </g>
          )}
          <Centre x={x} y={y} />
          <text
            x={x < size.width / 2 ? x + 12 : x - 12}
            y={y + 4}
            textAnchor={x < size.width / 2 ? 'start' : 'end'}
            className="fill-ink text-note font-semibold"
            paintOrder="stroke"
            stroke="#fff"
            strokeWidth="3"
          >
            centre of mass, {mm(standing?.aboveMm ?? centre.upMm)} {u.mm} up
          </text>
          {standing && (
            <Foot
              corners={standing.footprint}
              view={view}
              centre={centre}
              inside={standing.insideMm}
              top={size.height - foot}
              height={foot}
              width={size.width}
            />
          )}
        </svg>
      )}
    </div>
  );
}

/** ", hangs straight", ", hangs 4.2° tilted"; nothing when it does not hang. */
function hangWords(tilt: number | undefined): string {
  if (tilt === undefined) return '';
  return Math.abs(tilt) < 0.05 ? ', hangs straight' : `, hangs tilted by ${degrees(Math.abs(tilt))}`;
}

function Centre({ x, y }: { x: number; y: number }) {
  return (
    <g>
      <circle cx={x} cy={y} r="7" fill="#fff" stroke="#16201d" strokeWidth="1.5" />
      <path
        d={`M${x} ${y}V${y - 7}A7 7 0 0 1 ${x + 7} ${y}ZM${x} ${y}V${y + 7}A7 7 0 0 1 ${x - 7} ${y}Z`}
        fill="#16201d"
      />
    </g>
  );
}

interface FootProps {
  corners: number[];
  view: View;
  centre: { acrossMm: number; frontMm: number };
  inside: number;
  top: number;
  height: number;
  width: number;
}

/** What it stands on, from above, its front at the bottom; and where the centre of mass comes down. */
function Foot({ corners, view, centre, inside, top, height, width }: FootProps) {
  const across = corners.filter((_, i) => i % 2 === 0);
  const front = corners.filter((_, i) => i % 2 === 1);
  const all = [...front, centre.frontMm];
  const wide = [...across, centre.acrossMm];
  const span = Math.max(...all) - Math.min(...all) + 1;
  const reach = Math.max(...wide) - Math.min(...wide) + 1;
  const scale = Math.min(view.scale, (height - 40) / span, (width - 32) / reach);
  const middle = (Math.max(...all) + Math.min(...all)) / 2;
  const middleAcross = (Math.max(...wide) + Math.min(...wide)) / 2;
  const px = (a: number) => width / 2 + (a - middleAcross) * scale;
  const py = (f: number) => top + 20 + (height - 40) / 2 + (f - middle) * scale;
  const path = across.map((a, i) => `${px(a).toFixed(1)} ${py(front[i] ?? 0).toFixed(1)}`).join('L');
  return (
    <g>
      <text x={8} y={top + 14} className="fill-soft text-note">
        The base from above; {mm(inside)} {u.mm} from centre of mass to edge
      </text>
      <path d={`M${path}Z`} fill="#d5dad8" stroke="#16201d" />
      <Centre x={px(centre.acrossMm)} y={py(centre.frontMm)} />
      <text x={width / 2} y={top + height - 5} textAnchor="middle" className="fill-soft text-note">
        front
      </text>
    </g>
  );
}
