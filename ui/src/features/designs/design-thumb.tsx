import type { MeasuredDesign } from '../../server/types';
import { NonClayShapes } from './non-clay-shapes';
import { copiesOf, extentOf, fit, pathOf } from './section-geometry';

interface Props {
  design: MeasuredDesign;
  width: number;
  height: number;
}

/** A design from the front, as large as fits. It stands beside the design's name. */
export function DesignThumb({ design, width, height }: Props) {
  const view = fit(extentOf(design), 4, 4, width - 8, height - 8);
  return (
    <svg width={width} height={height} aria-hidden="true">
      <NonClayShapes design={design} view={view} />
      {copiesOf(design).map((copy) => (
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
