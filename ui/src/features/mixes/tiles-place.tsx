import { useState } from 'react';
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
  const [openId, setOpenId] = useState<number>();
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
    <Place title="Mixes" about={<MixesTabs chosen="tiles" />} actions={tiles.tiles.length > 0 && begin}>
      {open ? (
        <Pair
          ledger={
            <>
              <Lesson tiles={tiles} onMake={make} />
              <TileTable tiles={tiles} openId={open.id} onOpen={setOpenId} />
              <Taught tiles={tiles} />
            </>
          }
          drawing={<TileCard key={open.id} held={open} />}
        />
      ) : (
        <Empty
          title="No tile is logged yet"
          step={
            begin ?? (
              <Link to="/shelf" className="font-semibold text-verdigris underline">
                Put a clay on the shelf first
              </Link>
            )
          }
        >
          A trial tile is a small thick piece of a known mix. Log its colour, raw or cured, and every prediction learns
          from it. White with each clay first is a good start.
        </Empty>
      )}
    </Place>
  );
}

/** What the tiles taught of each clay that is in one. */
function Taught({ tiles }: { tiles: Tiles }) {
  return (
    <section className="rounded-card border border-line bg-paper px-3 py-2">
      <h2 className="text-figure">How strong they found each clay</h2>
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
      <p className="pt-1 text-note text-soft">Beside what its packet and its class say; 1 is as they say.</p>
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
        <Figure value={tiles.offBefore === undefined ? '–' : one(tiles.offBefore)}>
          off by the swatches alone, mean
        </Figure>
        <Figure value={tiles.offNow === undefined ? '–' : one(tiles.offNow)}>off with what the tiles taught</Figure>
        <Figure value={count(tiles.clays.filter((c) => c.tiles > 0).length, 'clay')}>
          of {tiles.clays.length} in a tile
        </Figure>
      </FigureStrip>
      {next && (
        <div className="flex flex-wrap items-center gap-3 rounded-card border border-line bg-paper px-3 py-2">
          <p className="flex-1">
            <span className="text-soft">The tile that would teach most: </span>
            <b>{said}</b>
            <span className="text-soft">, now sure only to </span>
            <span className="figure">{one(next.unsure)}</span>
          </p>
          <Button onClick={() => onMake(next.parts)}>Log it</Button>
        </div>
      )}
    </>
  );
}
