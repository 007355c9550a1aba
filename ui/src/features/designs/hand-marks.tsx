import { mm, u } from '../../words/figures';
import type { View } from './section-geometry';
import type { Held } from './use-held';

interface Props {
  held: Held;
  view: View;
  size: { width: number; height: number };
}

const HANDLE_PX = 6;
const TOUCH_PX = 22;
const BESIDE_PX = 14;

/** What a hand sees while it moves a part: the lines it is put to and why, handles, and the size it would have. */
export function HandMarks({ held, view, size }: Props) {
  const { box, guides, sizing } = held;
  return (
    <g>
      {guides.map((guide) => (
        <g key={guide.words}>
          <path
            d={
              guide.up === undefined
                ? `M${view.x(guide.across ?? 0)} 0V${size.height}`
                : `M0 ${view.y(guide.up)}H${size.width}`
            }
            stroke="#0c5f50"
            strokeDasharray="5 3"
          />
          <text
            x={guide.up === undefined ? view.x(guide.across ?? 0) + 5 : 6}
            y={guide.up === undefined ? 12 : view.y(guide.up) - 4}
            className="fill-verdigris text-note font-semibold"
            stroke="#fbfcfb"
            strokeWidth="3"
            paintOrder="stroke"
          >
            {guide.words}
          </text>
        </g>
      ))}
      {sizing && (
        <g>
          <rect
            x={view.x(sizing.left)}
            y={view.y(sizing.top)}
            width={(sizing.right - sizing.left) * view.scale}
            height={(sizing.top - sizing.bottom) * view.scale}
            fill="none"
            stroke="#0c5f50"
            strokeDasharray="5 3"
          />
          <text x={view.x(sizing.left)} y={view.y(sizing.top) - 6} className="fill-verdigris text-note font-semibold">
            {mm(sizing.right - sizing.left)} × {mm(sizing.top - sizing.bottom)} {u.mm}
          </text>
        </g>
      )}
      {box &&
        held.handles.map((handle) => {
          // Beside the part, so that a small one can still be held in its middle.
          const x = handle === 'wide' ? view.x(box.right) + BESIDE_PX : view.x((box.left + box.right) / 2);
          const y = handle === 'wide' ? view.y((box.bottom + box.top) / 2) : view.y(box.top) - BESIDE_PX;
          return (
            <g
              key={handle}
              data-handle={handle}
              className={`touch-none ${handle === 'wide' ? 'cursor-ew-resize' : 'cursor-ns-resize'}`}
              onPointerDown={(event) => held.onGrabHandle(event, handle)}
            >
              <circle cx={x} cy={y} r={TOUCH_PX / 2} fill="transparent" />
              <rect
                x={x - HANDLE_PX}
                y={y - HANDLE_PX}
                width={2 * HANDLE_PX}
                height={2 * HANDLE_PX}
                rx="2"
                fill="#fbfcfb"
                stroke="#0c5f50"
                strokeWidth="2"
              />
            </g>
          );
        })}
    </g>
  );
}
