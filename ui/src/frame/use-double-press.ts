import { useEffect } from 'react';

const TWICE_MS = 600;
const SAME_PLACE_PX = 12;

/** What a button says, but for its counts. */
function saysOf(target: EventTarget | null): string | null {
  const button = target instanceof Element ? target.closest('button, a') : null;
  return button ? (button.getAttribute('aria-label') ?? button.textContent).replace(/\d+/g, '') : null;
}

/**
 * The second press of a double press does nothing when another button has taken the place of the one that was pressed: whoever
 * presses "Put on the bench" twice does not finish the batch.
 */
export function useDoublePress() {
  useEffect(() => {
    let last = { at: -TWICE_MS, x: 0, y: 0, keys: false, says: '' };
    const guard = (event: MouseEvent) => {
      const says = saysOf(event.target);
      if (says === null) return;
      const now = { at: performance.now(), x: event.clientX, y: event.clientY, keys: event.detail === 0, says };
      const near = Math.hypot(now.x - last.x, now.y - last.y) <= SAME_PLACE_PX;
      const twice = now.at - last.at < TWICE_MS && now.keys === last.keys && (now.keys || near);
      if (twice && now.says !== last.says) {
        event.preventDefault();
        event.stopPropagation();
        return;
      }
      last = now;
    };
    document.addEventListener('click', guard, true);
    return () => document.removeEventListener('click', guard, true);
  }, []);
}
