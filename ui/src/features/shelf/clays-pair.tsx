import { Link, useNavigate, useParams } from 'react-router';
import { Button } from '../../controls/button';
import { Empty } from '../../controls/empty';
import { Pair } from '../../controls/place';
import { Swatch } from '../../controls/swatch';
import type { Shelf } from '../../server/types';
import { useShelf } from '../../server/use-studio';
import { grams, plainIn, u } from '../../words/figures';
import { ClayCard } from './clay-card';
import { newClay } from './new-clay';
import { useShelfActs } from './use-shelf-acts';

/** The clays as the list shows them: by range. */
function inOrder(shelf: Shelf) {
  return shelf.ranges.flatMap((range) => shelf.clays.filter((c) => c.clay.rangeId === range.id));
}

/** The clays at the left, by range; the chosen one at the right. */
export function ClaysPair() {
  const shelf = useShelf();
  const { id } = useParams();
  const go = useNavigate();
  const { addClay, removeClay } = useShelfActs();
  const firstRange = shelf.ranges[0];
  const chosen = shelf.clays.find((c) => c.id === Number(id)) ?? inOrder(shelf)[0];
  const add = firstRange && (
    <Button
      kind="main"
      onClick={() =>
        addClay.mutate(newClay(chosen?.clay.rangeId ?? firstRange.id), {
          onSuccess: (added) => void go(`/shelf/clays/${added.id}`),
        })
      }
    >
      New clay
    </Button>
  );
  if (!firstRange || !chosen) {
    return (
      <Empty
        title="The shelf is empty"
        step={
          add ?? (
            <Link to="/shelf/ranges" className="font-semibold text-verdigris underline">
              Start with a clay range and its packet
            </Link>
          )
        }
      >
        With your clays here, mixes know their colour, batches know what to open and buy, and designs know their cost.
      </Empty>
    );
  }
  return (
    <Pair
      ledger={
        <>
          <div className="min-h-0 overflow-y-auto rounded-card border border-line bg-paper">
            {shelf.ranges.map((range) => (
              <RangeClays key={range.id} range={range} clays={shelf.clays} chosen={chosen.id} />
            ))}
          </div>
          <div>{add}</div>
        </>
      }
      drawing={
        <ClayCard
          key={chosen.id}
          saved={chosen}
          ranges={shelf.ranges}
          onRemove={() => removeClay.mutate(chosen, { onSuccess: () => void go('/shelf/clays') })}
        />
      }
    />
  );
}

interface RangeProps {
  range: Shelf['ranges'][number];
  clays: Shelf['clays'];
  chosen: number;
}

function RangeClays({ range, clays, chosen }: RangeProps) {
  const own = clays.filter((c) => c.clay.rangeId === range.id);
  if (own.length === 0) return null;
  return (
    <section aria-label={range.range.name}>
      <h2 className="sticky top-0 bg-tile px-3 py-1 text-body">{range.range.name}</h2>
      <ul>
        {own.map(({ id, clay, onShelfG }) => (
          <li key={id} className="border-t border-line">
            <Link
              to={`/shelf/clays/${id}`}
              aria-current={id === chosen ? 'true' : undefined}
              className="grid min-h-11 grid-cols-[1.75rem_1fr_auto_5.5rem] items-center gap-2 px-3 hover:bg-verdigris-tint aria-[current]:bg-verdigris-tint"
            >
              <Swatch raw={clay.rawHex} cured={clay.curedHex} size={26} />
              <span className="font-semibold">{clay.name}</span>
              <span className="text-note text-soft">
                {plainIn('g', clay.openG)} {u.g} open
                {clay.blocks
                  .filter((b) => b.onShelf > 0)
                  .map((b) => `, ${b.onShelf} × ${plainIn('g', b.massG)} ${u.g}`)
                  .join('')}
              </span>
              <span className="text-right figure text-figure">
                {grams(onShelfG)}
                <span className="ml-0.5 text-note text-soft">{u.g}</span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}
