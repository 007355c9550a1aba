import { useMutation } from '@tanstack/react-query';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { Empty } from '../../controls/empty';
import { Place } from '../../controls/place';
import { Segments } from '../../controls/segments';
import { api, take } from '../../server/client';
import type { Finding, Piece, PieceView } from '../../server/types';
import { choicesOf, useLimits } from '../../server/use-limits';
import { useMixes, usePieces } from '../../server/use-studio';
import { count, grams, mm, plain, whole } from '../../words/figures';
import { PieceThumb } from './piece-thumb';
import { SideBySide } from './side-by-side';
import { usePieceActs } from './use-piece-acts';

const ALL = 'all';

/** The pieces of the studio, each by its own drawing; or side by side at one scale. */
export function PiecesPlace() {
  const pieces = usePieces();
  const mixes = useMixes();
  const [view, setView] = useState<'cards' | 'scale'>('cards');
  const [collection, setCollection] = useState(ALL);
  const collections = [...new Set(pieces.map((p) => p.piece.collection ?? '').filter((c) => c !== ''))].sort();
  const shown = pieces.filter((p) => collection === ALL || p.piece.collection === collection);
  const first = mixes.find((m) => !m.mix.retired);
  const begin = first ? (
    <NewPiece mixId={first.id} />
  ) : (
    <Link to="/mixes" className="font-semibold text-verdigris underline">
      Make a mix first
    </Link>
  );
  return (
    <Place
      title="Pieces"
      about={pieces.length > 0 && count(shown.length, 'piece')}
      actions={
        pieces.length > 0 && (
          <>
            {collections.length > 0 && (
              <Choice
                label="Collection"
                value={collection}
                options={[
                  { value: ALL, label: 'all collections' },
                  ...collections.map((c) => ({ value: c, label: c })),
                ]}
                onChange={setCollection}
              />
            )}
            <Segments
              label="How they are shown"
              value={view}
              options={[
                { value: 'cards', label: 'One by one' },
                { value: 'scale', label: 'Side by side at one scale' },
              ]}
              onChange={setView}
            />
            {begin}
          </>
        )
      }
    >
      {pieces.length === 0 && (
        <Empty title="Nothing is drawn yet" step={begin}>
          A piece is a list of parts at their true size. From it come the grams and the ball to roll for each part, the
          foil core, the weight, and the minutes in the oven.
        </Empty>
      )}
      {pieces.length > 0 && view === 'cards' && (
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(11.5rem,1fr))] gap-4 overflow-y-auto pb-2">
          {shown.map((piece) => (
            <PieceCard key={piece.id} piece={piece} />
          ))}
        </ul>
      )}
      {pieces.length > 0 && view === 'scale' && (
        <div className="flex min-h-0 flex-1 flex-col rounded-card border border-line bg-paper p-3">
          <SideBySide pieces={shown.map((p) => ({ id: p.id, name: p.piece.name, measured: p.measured }))} />
        </div>
      )}
    </Place>
  );
}

/** Begins a piece of a kind from a sensible one. */
function NewPiece({ mixId }: { mixId: number }) {
  const kinds = choicesOf(useLimits(), 'pieceKind');
  const go = useNavigate();
  const { add } = usePieceActs();
  const template = useMutation({
    mutationFn: (kind: string) =>
      take(
        api.GET('/api/pieces/templates/{kind}', {
          params: { path: { kind: kind as Piece['kind'] }, query: { mixId } },
        }),
      ),
    onSuccess: (piece) => add.mutate(piece, { onSuccess: ({ id }) => void go(`/pieces/${id}`) }),
  });
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>
        <Button kind="main" aria-label="New piece">
          New piece ▾
        </Button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align="end"
          sideOffset={4}
          className="z-50 rounded-card border border-line bg-paper p-1 shadow-float"
        >
          {kinds.map((kind) => (
            <DropdownMenu.Item
              key={kind.value}
              onSelect={() => template.mutate(kind.value)}
              className="flex min-h-9 cursor-pointer items-center rounded-small px-3 outline-none data-[highlighted]:bg-verdigris-tint"
            >
              {kind.label}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

function PieceCard({ piece: { id, piece, measured } }: { piece: PieceView }) {
  const kind = choicesOf(useLimits(), 'pieceKind').find((k) => k.value === piece.kind)?.label;
  const last = measured.stages.at(-1);
  const of = (verdict: Finding['verdict']) => measured.findings.filter((f) => f.verdict === verdict).length;
  const stops = of('BREAKS');
  const flaws = of('WARNS');
  return (
    <li>
      <Link
        to={`/pieces/${id}`}
        className="flex h-full flex-col rounded-card border border-line bg-paper p-4 hover:border-verdigris"
      >
        <span className="flex h-40 items-end justify-center">
          <PieceThumb piece={measured} width={150} height={156} />
        </span>
        <span className="mt-3 font-head text-figure font-bold">{piece.name}</span>
        <span className="text-note text-soft">
          {kind}, {mm(measured.box.heightMm)} mm tall, {count(piece.parts.length, 'part')}
        </span>
        {piece.collection && <span className="text-note text-soft">{piece.collection}</span>}
        <span className="mt-1 figure text-figure font-semibold">{grams(measured.weightG)} g</span>
        {last && (
          <span className="figure text-note whitespace-nowrap text-ember-deep">
            {whole(last.holdMin)} min at {plain(last.lowC)} °C
          </span>
        )}
        {stops > 0 && <span className="mt-1 text-note font-semibold text-madder">✕ {count(stops, 'stop')}</span>}
        {flaws > 0 && <span className="mt-1 text-note font-semibold text-straw">◦ {count(flaws, 'caution')}</span>}
      </Link>
    </li>
  );
}
