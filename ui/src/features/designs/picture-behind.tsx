import type { Underlay } from '../../server/types';
import type { Extent, View } from './section-geometry';

/** What a picture takes up. */
export function extentOfPicture({ acrossMm, upMm, widthMm, heightMm }: Underlay): Extent {
  return { left: acrossMm - widthMm / 2, right: acrossMm + widthMm / 2, bottom: upMm, top: upMm + heightMm };
}

/** The picture that a view is drawn against. */
export function PictureBehind({ of, view }: { of: Underlay; view: View }) {
  return (
    <image
      href={`/api/pictures/${of.pictureId}`}
      x={view.x(of.acrossMm - of.widthMm / 2)}
      y={view.y(of.upMm + of.heightMm)}
      width={of.widthMm * view.scale}
      height={of.heightMm * view.scale}
      opacity={(of.strengthPercent ?? 50) / 100}
      preserveAspectRatio="none"
    />
  );
}
