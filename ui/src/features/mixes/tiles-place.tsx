import { useKeptChoice } from '../../controls/use-kept-choice';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import { Link } from 'react-router';
import { Button } from '../../controls/button';
import { Empty } from '../../controls/empty';
import { Figure, FigureStrip } from '../../controls/figure';
import { Pair, Place } from '../../controls/place';
import type { Tile, Tiles } from '../../server/types';
import { useBench } from '../../server/use-bench';
import { useShelf } from '../../server/use-studio';
import { isoDay } from '../../words/days';
import { count, plain } from '../../words/figures';
import { MixesTabs } from './mixes-tabs';
import { TileCard } from './tile-card';
import { TileTable } from './tile-table';
import { useTileActs, useTiles } from './use-tiles';

const one = (value: number) => plain(Math.round(value * 10) / 10);

/** The trial tiles and what they teach: the log at the left, the one that is open at the right. */
export function TilesPlace() {
  const tiles = useTiles();
  const { clays } = useShelf();
  const { now } = useBench().bench;
  const { add } = useTileActs();
  const [openId, setOpenId] = useKeptChoice<number | undefined>('open', undefined);
  const open = tiles.tiles.find((t) => t.id === openId) ?? tiles.tiles[0];
  const make = (parts: Tile['parts']) =>
    add.mutate(
      {
        name: parts.map((p) => clays.find((c) => c.id === p.clayId)?.clay.name ?? '').join(' and '),
        madeOn: isoDay(now),
        parts,
        measured: false,
        note: '',
      },
      { onSuccess: (added) => setOpenId(added.id) },
    );
  const [first, second] = clays;
  const begin = first && (
    <Button kind="main" onClick={() => make([first, second].flatMap((c) => (c ? [{ clayId: c.id, parts: 1 }] : [])))}>
      Log a tile
    </Button>
  );
  return (
    <Place title="Mixes" name="Tiles" about={<MixesTabs chosen="tiles" />} actions={tiles.tiles.length > 0 && begin}>
      {open ? (
        <Pair
          ledger={
            <>
              <Lesson tiles={tiles} onMake={make} />
              <TileTable tiles={tiles} openId={open.id} onOpen={setOpenId} />
              <Learned tiles={tiles} />
            </>
          }
          drawing={<TileCard key={open.id} saved={open} />}
        />
      ) : (
        <Empty
          title="No tiles yet"
          step={
            begin ?? (
              <Link to="/shelf" className="font-semibold text-verdigris underline">
                Add a clay to the shelf first
              </Link>
            )
          }
        >
          A trial tile is a small thick piece of a known mix. Log its colour, raw or cured, and every prediction
          improves. Mixing white with each clay is a good start.
        </Empty>
      )}
    </Place>
  );
}

/** What the tiles taught of each clay that is in one. */
function Learned({ tiles }: { tiles: Tiles }) {
  return (
    <section className="rounded-card border border-line bg-paper px-3 py-2">
      <h2 className="text-figure">Strength of each clay, learned from tiles</h2>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(15rem,1fr))] gap-x-5">
        {tiles.clays
          .filter((c) => c.tiles > 0)
          .map((c) => (
            <li key={c.clayId} className="flex justify-between gap-2 border-t border-line py-0.5 text-note">
              <span>{c.name}</span>
              <span className="text-soft">
                <b className="figure text-ink">{plain(Math.round(c.strengthTimes * 100) / 100)}</b> times,{' '}
                {count(c.tiles, 'tile')}
              </span>
            </li>
          ))}
      </ul>
      <p className="pt-1 text-note text-soft">Compared with the packet; 1 means exactly as expected.</p>
      <ShowWorking of="strength of each clay">
        <div className="flex flex-col gap-3">
          {tiles.clays
            .filter((c) => c.tiles > 0)
            .map((c) => (
              <div key={c.clayId}>
                <h3 className="text-note">{c.name}</h3>
                <WorkingsList workings={c.workings} />
              </div>
            ))}
        </div>
      </ShowWorking>
    </section>
  );
}

/** How far off predictions were and are, and which tile to make next. */
function Lesson({ tiles, onMake }: { tiles: Tiles; onMake: (parts: Tile['parts']) => void }) {
  const { clays } = useShelf();
  const { next } = tiles;
  const said = next?.parts
    .map((p) => `${p.parts} ${clays.find((c) => c.id === p.clayId)?.clay.name ?? ''}`)
    .join(' : ');
  return (
    <>
      <FigureStrip>
        <Figure value={String(tiles.tiles.length)}>tiles logged</Figure>
        <Figure value={tiles.differenceBefore === undefined ? '–' : one(tiles.differenceBefore)}>
          average error from the swatches alone
        </Figure>
        <Figure value={tiles.differenceNow === undefined ? '–' : one(tiles.differenceNow)}>
          average error after learning from tiles
        </Figure>
        <Figure value={count(tiles.clays.filter((c) => c.tiles > 0).length, 'clay')}>
          of {tiles.clays.length} have a tile
        </Figure>
      </FigureStrip>
      {next && (
        <div className="flex flex-wrap items-center gap-3 rounded-card border border-line bg-paper px-3 py-2">
          <p className="flex-1">
            <span className="text-soft">Most useful next tile: </span>
            <b>{said}</b>
            <span className="text-soft"> (prediction uncertain by </span>
            <span className="figure">{one(next.uncertainty)}</span>
            <span className="text-soft">)</span>
          </p>
          <Button onClick={() => onMake(next.parts)}>Log this tile</Button>
        </div>
      )}
    </>
  );
}
