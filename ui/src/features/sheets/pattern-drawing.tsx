import type { CoverSum } from '../../server/types';
import { plain, plainIn, u } from '../../words/figures';

type Piece = CoverSum['pieces'][number];

const GAP = 6;

interface Placed {
  piece: Piece;
  path: string;
  x: number;
  wide: number;
  high: number;
}

/** The pieces side by side, each moved to stand on the same line; mm. */
function placed(pieces: Piece[]): Placed[] {
  let x = GAP;
  return pieces.map((piece) => {
    const across = piece.corners.filter((_, i) => i % 2 === 0);
    const up = piece.corners.filter((_, i) => i % 2 === 1);
    const left = Math.min(...across);
    const top = Math.max(...up);
    const wide = Math.max(...across) - left;
    const path = `${across.map((a, i) => `${i === 0 ? 'M' : 'L'}${(a - left).toFixed(2)} ${(top - (up[i] ?? 0)).toFixed(2)}`).join('')}Z`;
    const at = { piece, path, x, wide, high: top - Math.min(...up) };
    x += wide + GAP;
    return at;
  });
}

/** Pattern pieces to cut from the sheet, drawn to one scale; saved as a file they are true to size. */
export function PatternDrawing({ pieces }: { pieces: Piece[] }) {
  if (pieces.length === 0) {
    return (
      <p className="text-note text-soft">
        No pattern for this form: drape the sheet over it, and press the folds together or cut them out.
      </p>
    );
  }
  const all = placed(pieces);
  const wide = all.reduce((sum, p) => sum + p.wide + GAP, GAP);
  const high = Math.max(...all.map((p) => p.high)) + 2 * GAP;
  const stretched = Math.max(...pieces.map((p) => p.stretchPercent));
  const file = `<svg xmlns="http://www.w3.org/2000/svg" width="${wide}mm" height="${high}mm" viewBox="0 0 ${wide} ${high}">${all
    .map(
      (p) => `<path transform="translate(${p.x} ${GAP})" d="${p.path}" fill="none" stroke="#000" stroke-width="0.2"/>`,
    )
    .join('')}</svg>`;
  return (
    <figure className="flex flex-col gap-2">
      <svg viewBox={`0 0 ${wide} ${high}`} className="max-h-64 w-full" role="img" aria-label="Pattern pieces">
        {all.map((p) => (
          <path
            key={p.x}
            transform={`translate(${p.x} ${GAP})`}
            d={p.path}
            className="fill-verdigris-tint stroke-verdigris"
            strokeWidth={wide / 400}
          />
        ))}
      </svg>
      <figcaption>
        <ul aria-label="Pieces to cut">
          {all.map((p) => (
            <li key={p.x}>
              Cut {p.piece.count} × {p.piece.name}, {plainIn('mm', Math.round(p.wide * 10) / 10)} ×{' '}
              {plainIn('mm', Math.round(p.high * 10) / 10)} {u.mm}
            </li>
          ))}
        </ul>
        <p className="text-note text-soft">
          {stretched > 0.05
            ? `The edges of a gore are ${plain(Math.round(stretched * 10) / 10)} % longer than the form under them: press them together. More gores fit better.`
            : 'These pieces unroll exactly.'}
        </p>
        <a
          download="pattern.svg"
          href={`data:image/svg+xml;charset=utf-8,${encodeURIComponent(file)}`}
          className="font-semibold text-verdigris underline"
        >
          Save the pattern at true size
        </a>
      </figcaption>
    </figure>
  );
}
