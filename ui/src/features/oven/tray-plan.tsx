import type { PlannedLoad } from '../../server/types';
import { percent } from '../../words/figures';

/** Quiet fills that tell one lot on the tray from the next; each lot has its name beside it. */
export const lotFills = ['#c4d3cd', '#e0d7c2', '#cfd4de', '#dcc9c4', '#cdd8b9', '#d8cfdd'];

interface Props {
  load: PlannedLoad;
  trayWidthMm: number;
  trayDepthMm: number;
}

/** The tray from above with every piece where it goes; the taller, the darker. */
export function TrayPlan({ load, trayWidthMm, trayDepthMm }: Props) {
  const tallest = Math.max(1, ...load.places.map((p) => p.heightMm));
  const pad = 6;
  return (
    <figure className="flex flex-col gap-2">
      <svg
        viewBox={`${-pad} ${-pad} ${trayWidthMm + 2 * pad} ${trayDepthMm + 2 * pad}`}
        className="max-h-72 w-full rounded-card border border-line bg-tile"
        role="img"
      >
        <title>{`Tray from above, ${percent(load.fillPercent)} per cent covered: ${load.items.map((i) => `${i.count} ${i.name}`).join(', ')}`}</title>
        <rect width={trayWidthMm} height={trayDepthMm} rx="3" fill="#fbfcfb" stroke="#50605a" strokeWidth="1" />
        {load.places.map((place, i) => (
          <g key={i}>
            <rect
              x={place.leftMm}
              y={place.backMm}
              width={place.widthMm}
              height={place.depthMm}
              rx={Math.min(2, place.widthMm / 6)}
              fill={lotFills[place.item % lotFills.length]}
              stroke="#16201d"
              strokeWidth="0.5"
            />
            <rect
              x={place.leftMm}
              y={place.backMm}
              width={place.widthMm}
              height={place.depthMm}
              rx={Math.min(2, place.widthMm / 6)}
              fill="#16201d"
              opacity={0.2 * (place.heightMm / tallest)}
            />
          </g>
        ))}
        <text x={trayWidthMm / 2} y={trayDepthMm - 3} textAnchor="middle" fontSize="8" className="fill-soft">
          door
        </text>
      </svg>
      <figcaption className="flex flex-wrap gap-x-4 gap-y-1 text-note">
        {load.items.map((item, i) => (
          <span key={item.name} className="inline-flex items-center gap-1.5">
            <span className="size-3.5 border border-ink" style={{ background: lotFills[i % lotFills.length] }} />
            {item.count} {item.name}
          </span>
        ))}
        <span className="text-soft">the taller, the darker; {percent(load.fillPercent)} % of the tray covered</span>
      </figcaption>
    </figure>
  );
}
