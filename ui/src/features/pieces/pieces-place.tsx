import { Link, useNavigate } from 'react-router';
import { Button } from '../../controls/button';
import { Empty } from '../../controls/empty';
import { Place } from '../../controls/place';
import type { PieceView } from '../../server/types';
import { choicesOf, useLimits } from '../../server/use-limits';
import { useMixes, usePieces } from '../../server/use-studio';
import { count, grams, mm, plain, whole } from '../../words/figures';
import { newPiece } from './new-piece';
import { PieceThumb } from './piece-thumb';
import { usePieceActs } from './use-piece-acts';

/** The pieces of the studio, each by its own drawing. */
export function PiecesPlace() {
  const pieces = usePieces();
  const mixes = useMixes();
  const go = useNavigate();
  const { add } = usePieceActs();
  const first = mixes[0];
  const begin = first ? (
    <Button
      kind="main"
      onClick={() => add.mutate(newPiece(first.id), { onSuccess: ({ id }) => void go(`/pieces/${id}`) })}
    >
      New piece
    </Button>
  ) : (
    <Link to="/mixes" className="font-semibold text-verdigris underline">
      Make a mix first
    </Link>
  );
  return (
    <Place
      title="Pieces"
      about={pieces.length > 0 && count(pieces.length, 'piece')}
      actions={pieces.length > 0 && begin}
    >
      {pieces.length === 0 ? (
        <Empty title="Nothing is drawn yet" step={begin}>
          A piece is a list of parts at their true size. From it come the grams and the ball to roll for each part, the
          foil core, the weight, and the minutes in the oven.
        </Empty>
      ) : (
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(11.5rem,1fr))] gap-4">
          {pieces.map((piece) => (
            <PieceCard key={piece.id} piece={piece} />
          ))}
        </ul>
      )}
    </Place>
  );
}

function PieceCard({ piece: { id, piece, measured } }: { piece: PieceView }) {
  const kind = choicesOf(useLimits(), 'pieceKind').find((k) => k.value === piece.kind)?.label;
  const last = measured.stages.at(-1);
  const flaws = measured.findings.filter((f) => f.verdict !== 'KEEPS').length;
  return (
    <li>
      <Link
        to={`/pieces/${id}`}
        className="flex h-full flex-col rounded-card border border-line bg-paper p-4 hover:border-verdigris"
      >
        <span className="flex h-40 items-end justify-center">
          <PieceThumb piece={measured} width={162} height={156} />
        </span>
        <span className="mt-3 font-head text-figure font-bold">{piece.name}</span>
        <span className="text-note text-soft">
          {kind}, {mm(measured.box.heightMm)} mm tall, {count(piece.parts.length, 'part')}
        </span>
        <span className="mt-1 figure text-figure font-semibold">{grams(measured.weightG)} g</span>
        {last && (
          <span className="figure text-note whitespace-nowrap text-ember-deep">
            {whole(last.holdMin)} min at {plain(last.lowC)} °C
          </span>
        )}
        {flaws > 0 && <span className="mt-1 text-note font-semibold text-straw">◦ {count(flaws, 'caution')}</span>}
      </Link>
    </li>
  );
}
