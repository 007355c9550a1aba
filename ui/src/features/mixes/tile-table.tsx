import type { Tiles } from '../../server/types';
import { dayName } from '../../words/days';
import { plain } from '../../words/figures';

interface Props {
  tiles: Tiles;
  openId: number;
  onOpen: (id: number) => void;
}

const one = (value: number | undefined) => (value === undefined ? '–' : plain(Math.round(value * 10) / 10));

/** All tiles side by side: what was seen, what is expected now, how far off. */
export function TileTable({ tiles, openId, onOpen }: Props) {
  return (
    <div className="relative overflow-x-auto rounded-card border border-line bg-paper">
      <table className="w-full">
        <thead className="text-left text-note text-soft">
          <tr>
            <th className="py-2 pl-3 font-semibold">Tile</th>
            <th className="font-semibold">Made</th>
            <th className="font-semibold">Raw</th>
            <th className="font-semibold">Cured</th>
            <th className="pr-3 text-right font-semibold">Difference, before → now</th>
          </tr>
        </thead>
        <tbody>
          {tiles.tiles.map((t) => (
            <tr key={t.id} className={`border-t border-line ${t.id === openId ? 'bg-verdigris-tint' : ''}`}>
              <td className="py-1 pl-1.5">
                <button
                  type="button"
                  aria-pressed={t.id === openId}
                  onClick={() => onOpen(t.id)}
                  className="min-h-9 px-1.5 text-left font-semibold"
                >
                  {t.tile.name}
                  {t.leftOut && <span className="block text-note text-straw">◦ not used: is it right?</span>}
                </button>
              </td>
              <td className="text-note text-soft">{dayName(t.tile.madeOn)}</td>
              <td>
                <Seen seen={t.raw} />
              </td>
              <td>
                <Seen seen={t.cured} />
              </td>
              <td className="pr-3 text-right figure">
                {one((t.cured ?? t.raw)?.differenceBefore)} → {one((t.cured ?? t.raw)?.difference)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="border-t border-line px-3 py-1.5 text-note text-soft">
        On the left the observed colour, on the right what the other tiles predict: a new mix would be predicted this
        closely. Difference compares the cured colours: 1 is barely visible, 5 is clearly another colour.
      </p>
    </div>
  );
}

/** Two squares beside each other, and their figures for those who do not see them. */
function Seen({ seen }: { seen: Tiles['tiles'][number]['raw'] }) {
  if (!seen) return <span className="text-note text-soft">not noted</span>;
  return (
    <svg width="64" height="24" viewBox="0 0 64 24" role="img">
      <title>{`observed ${seen.seenHex}, predicted ${seen.expectedHex}: ${seen.differs}`}</title>
      <rect width="32" height="24" fill={seen.seenHex} />
      <rect x="32" width="32" height="24" fill={seen.expectedHex} />
      <rect x="0.5" y="0.5" width="63" height="23" fill="none" stroke="#16201d" strokeOpacity="0.35" />
    </svg>
  );
}
