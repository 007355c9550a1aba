import type { MeasuredPiece } from '../../server/types';
import { copiesOf, extentOf, fit, pathOf } from './section-geometry';

interface Props {
  piece: MeasuredPiece;
  width: number;
  height: number;
}

/** A piece from the front, as large as fits. It stands beside the piece's name. */
export function PieceThumb({ piece, width, height }: Props) {
  const view = fit(extentOf(piece), 4, 4, width - 8, height - 8);
  return (
    <svg width={width} height={height} aria-hidden="true">
      {copiesOf(piece).map((copy) => (
        <path
          key={copy.key}
          d={pathOf(copy.outlines, copy.spot, view)}
          fillRule="evenodd"
          fill={copy.part.curedHex}
          stroke="#16201d"
          strokeWidth="0.8"
          strokeLinejoin="round"
        />
      ))}
    </svg>
  );
}
