import type { MeasuredDesign } from '../../server/types';
import { nonClayOf, pathOf, type Aspect, type View } from './section-geometry';

interface Props {
  design: MeasuredDesign;
  view: View;
  aspect?: Aspect;
  /** Small parts of clay before the middle, which are drawn over the parts; or all else. */
  only?: 'near' | 'far';
}

/** What is not clay in a drawing: its outline in dashes, without a colour of its own unless it is made of a design. */
export function NonClayShapes({ design, view, aspect = 'front', only }: Props) {
  const isNear = ({ part, near }: ReturnType<typeof nonClayOf>[number]) => part.hex !== undefined && near > 0;
  const shown = nonClayOf(design, aspect).filter((copy) => only === undefined || isNear(copy) === (only === 'near'));
  return (
    <>
      {shown.map(({ key, part, outlines, spot }) => (
        <path
          key={key}
          d={pathOf(outlines, spot, view)}
          fill={part.hex ?? '#e4e8e6'}
          fillOpacity={part.hex ? 1 : 0.8}
          stroke="#5c6864"
          strokeWidth="1.2"
          strokeDasharray="6 3"
          strokeLinejoin="round"
        >
          <title>{part.name}</title>
        </path>
      ))}
    </>
  );
}
