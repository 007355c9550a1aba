import type { MeasuredDesign, Part } from '../../server/types';
import { FrontCopies } from './front-copies';
import { extentOf, fit } from './section-geometry';

interface Props {
  design: MeasuredDesign;
  parts: Part[];
  width: number;
  height: number;
}

/** A design from the front, as large as fits. It stands beside the design's name. */
export function DesignThumb({ design, parts, width, height }: Props) {
  const view = fit(extentOf(design), 4, 4, width - 8, height - 8);
  return (
    <svg width={width} height={height} aria-hidden="true">
      <FrontCopies design={design} parts={parts} view={view} />
    </svg>
  );
}
