import type { View } from './section-geometry';
import type { Marks } from './use-marks';

/** Takes the places that are marked, over all of the drawing. */
export function MarkPaper({
  marks,
  view,
  size,
}: {
  marks: Marks;
  view: View;
  size: { width: number; height: number };
}) {
  const [one, other] = marks.places;
  return (
    <g>
      <rect
        width={size.width}
        height={size.height}
        fill="transparent"
        className="cursor-crosshair"
        data-marks=""
        onPointerDown={(event) => {
          event.stopPropagation();
          const box = event.currentTarget.getBoundingClientRect();
          marks.add({
            across: (event.clientX - box.left - view.x(0)) / view.scale,
            up: (view.y(0) - (event.clientY - box.top)) / view.scale,
          });
        }}
      />
      {one && other && (
        <path
          d={`M${view.x(one.across)} ${view.y(one.up)}L${view.x(other.across)} ${view.y(other.up)}`}
          stroke="#0c5f50"
          strokeWidth="2"
        />
      )}
      {marks.places.map((mark, i) => (
        <circle
          key={i}
          cx={view.x(mark.across)}
          cy={view.y(mark.up)}
          r="5"
          fill="#fbfcfb"
          stroke="#0c5f50"
          strokeWidth="2"
        />
      ))}
    </g>
  );
}
