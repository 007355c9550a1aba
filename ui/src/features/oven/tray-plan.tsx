import { useTextSize } from '../../drawing/use-size';
import type { Day, PlannedLoad } from '../../server/types';
import { percent } from '../../words/figures';
import { inLoad, itemsOfBatch } from '../../words/load-items';
import { difference } from '../../words/units';

/** Quiet fills that say one lot on the tray from the next; each lot has its name beside it. */
export const lotFills = ['#c4d3cd', '#e0d7c2', '#cfd4de', '#dcc9c4', '#cdd8b9', '#d8cfdd'];

interface Props {
  load: PlannedLoad;
  oven: Day['ovens'][number] | undefined;
  /** Whether the lots are named below; else they are named elsewhere. */
  named?: boolean;
}

/** The trays from above with every piece where it goes; the taller, the darker. */
export function TrayPlan({ load, oven, named = true }: Props) {
  return oven ? <Trays load={load} oven={oven} named={named} /> : null;
}

function Trays({ load, oven, named }: Required<Props> & { oven: Day['ovens'][number] }) {
  const { trayWidthMm, trayDepthMm } = oven;
  const trays = [...new Set(load.places.map((p) => p.shelf))].sort((a, b) => a - b);

  const tallest = Math.max(1, ...load.places.map((p) => p.heightMm));
  const pad = 6;
  const [ref, fontSize] = useTextSize(trayWidthMm + 2 * pad, trayDepthMm + 2 * pad);
  return (
    <figure className="flex flex-col gap-2">
      <div className="flex gap-2">
        {trays.map((tray) => (
          <svg
            key={tray}
            ref={tray === 0 ? ref : undefined}
            viewBox={`${-pad} ${-pad} ${trayWidthMm + 2 * pad} ${trayDepthMm + 2 * pad}`}
            className="max-h-72 min-w-0 flex-1 rounded-card border border-line bg-tile"
            role="img"
          >
            <title>{`Tray ${oven.trays > 1 ? tray + 1 : ''} from above, ${percent(load.fillPercent)} per cent used: ${inLoad(load.items)}`}</title>
            <rect width={trayWidthMm} height={trayDepthMm} rx="3" fill="#fbfcfb" stroke="#50605a" strokeWidth="1" />
            {load.places
              .filter((place) => place.shelf === tray)
              .map((place, i) => (
                <Item key={i} place={place} tone={place.heightMm / tallest} />
              ))}
            {oven.spots.map((spot, i) => (
              <Spot key={i} spot={spot} fontSize={fontSize} />
            ))}
            <text
              x={trayWidthMm / 2}
              y={trayDepthMm - fontSize / 3}
              textAnchor="middle"
              fontSize={fontSize}
              className="fill-ink"
            >
              {oven.trays > 1 ? `tray ${tray + 1}, door` : 'door'}
            </text>
          </svg>
        ))}
      </div>
      <figcaption className="flex flex-wrap gap-x-4 gap-y-1 text-note">
        {named &&
          load.items.map((item, i) => (
            <span key={`${item.name} ${item.batchName}`} className="inline-flex items-center gap-1.5">
              <span className="size-3.5 border border-ink" style={{ background: lotFills[i % lotFills.length] }} />
              {itemsOfBatch(item)}
            </span>
          ))}
        <span className="text-soft">Darker means taller. {percent(load.fillPercent)} % of the tray is used.</span>
      </figcaption>
    </figure>
  );
}

/** A place of the tray that is warmer or cooler than its middle. */
function Spot({ spot, fontSize }: { spot: Day['ovens'][number]['spots'][number]; fontSize: number }) {
  const words = `${spot.warmerC > 0 ? '+' : '−'}${difference(Math.abs(spot.warmerC))}`;
  return (
    <g>
      <circle
        cx={spot.leftMm}
        cy={spot.backMm}
        r="18"
        className={spot.warmerC > 0 ? 'fill-ember' : 'fill-soft'}
        fillOpacity="0.18"
      />
      <text
        x={spot.leftMm}
        y={spot.backMm + fontSize / 3}
        textAnchor="middle"
        fontSize={fontSize}
        className="fill-ember-deep font-bold"
      >
        {words}
      </text>
    </g>
  );
}

function Item({ place, tone }: { place: PlannedLoad['places'][number]; tone: number }) {
  const box = {
    x: place.leftMm,
    y: place.backMm,
    width: place.widthMm,
    height: place.depthMm,
    rx: Math.min(2, place.widthMm / 6),
  };
  return (
    <g>
      <rect {...box} fill={lotFills[place.item % lotFills.length]} stroke="#16201d" strokeWidth="0.5" />
      <rect {...box} fill="#16201d" opacity={0.2 * tone} />
    </g>
  );
}
