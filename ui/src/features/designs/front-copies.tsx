import { Fragment } from 'react';
import type { MeasuredDesign, Part } from '../../server/types';
import { useKeptCanes } from '../sheets/use-kept-canes';
import { NonClayShapes } from './non-clay-shapes';
import { copiesOf, pathOf, type View } from './section-geometry';
import { caneOf, SliceFace } from './slice-face';

interface Props {
  design: MeasuredDesign;
  parts: Part[];
  view: View;
}

/** All of a design from the front, in its cured colours; the face of a slice shows its cane. */
export function FrontCopies({ design, parts, view }: Props) {
  const canes = useKeptCanes(parts.map((part) => part.mixId));
  return (
    <>
      <NonClayShapes design={design} view={view} only="far" />
      {copiesOf(design).map((copy) => {
        const cane = caneOf(canes, parts[copy.index], copy, 'front');
        return (
          <Fragment key={copy.key}>
            <path
              d={pathOf(copy.outlines, copy.spot, view)}
              fillRule="evenodd"
              fill={copy.part.curedHex}
              stroke="#16201d"
              strokeWidth="0.8"
              strokeLinejoin="round"
            />
            {cane && <SliceFace copy={copy} cane={cane} view={view} />}
          </Fragment>
        );
      })}
      <NonClayShapes design={design} view={view} only="near" />
    </>
  );
}
