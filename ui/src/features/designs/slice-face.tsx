import { useId } from 'react';
import type { Part } from '../../server/types';
import { Pressed } from '../sheets/cane-sections';
import type { CaneLook } from '../sheets/use-kept-canes';
import { pathOf, placed, type Aspect, type Copy, type View } from './section-geometry';

/** The cane that a part is a slice of, when its face is seen. */
export function caneOf(canes: Map<number, CaneLook>, part: Part | undefined, copy: Copy, aspect: Aspect) {
  const { widthMm, depthMm, heightMm } = copy.part.box;
  const seen = aspect === 'front' || (aspect === 'cut' && copy.meets !== 'cut');
  return part && seen && depthMm < Math.min(widthMm, heightMm) / 2 ? canes.get(part.mixId) : undefined;
}

/** The picture of a cane on the face of its slice. */
export function SliceFace({ copy, cane, view }: { copy: Copy; cane: CaneLook; view: View }) {
  const clip = useId();
  const { widthMm, heightMm } = copy.part.box;
  const [across, up] = placed(copy.spot, 0, heightMm / 2);
  const wide = Math.max(widthMm, heightMm) * view.scale;
  return (
    <g className="pointer-events-none">
      <clipPath id={clip}>
        <path d={pathOf(copy.outlines, copy.spot, view)} />
      </clipPath>
      <g clipPath={`url(#${clip})`}>
        <g transform={`translate(${view.x(across)} ${view.y(up)})`}>
          <Pressed sum={cane.sum} across={wide} square={cane.square} face="curedHex" />
        </g>
      </g>
    </g>
  );
}
