import { useEffect } from 'react';

const TWICE_MS = 500;
const SAME_PLACE_PX = 24;

/** What was pressed: what it says but for its counts, and where; the middle of it when a key pressed it. */
function pressed(event: MouseEvent) {
  const button = event.target instanceof Element ? event.target.closest('button, a') : null;
  if (!button) return null;
  const message = (button.getAttribute('aria-label') ?? button.textContent).replace(/\d+/g, '');
  const box = button.getBoundingClientRect();
  const byKey = event.detail === 0;
  return {
    button,
    // When the hand pressed, not when a busy page came to it.
    at: event.timeStamp,
    x: byKey ? box.x + box.width / 2 : event.clientX,
    y: byKey ? box.y + box.height / 2 : event.clientY,
    byKey,
    message,
  };
}

/**
 * The second press of a double press does nothing when another button has taken the place of the one that was pressed: whoever
 * presses "Put on the bench" twice does not finish the batch. A link only leads somewhere and is let through.
 */
export function useDoublePress() {
  useEffect(() => {
    let last: NonNullable<ReturnType<typeof pressed>> | null = null;
    const guard = (event: MouseEvent) => {
      const now = pressed(event);
      if (!now) return;
      const soon = last && now.at - last.at < TWICE_MS ? last : null;
      // A key presses what has the focus, wherever that has moved to; a hand presses where it is.
      const held = now.byKey && now.button === soon?.button;
      const same = soon && (held || Math.hypot(now.x - soon.x, now.y - soon.y) <= SAME_PLACE_PX);
      if (same && now.message !== soon.message && now.button.tagName === 'BUTTON') {
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
