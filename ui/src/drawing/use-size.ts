import { useCallback, useState } from 'react';

export interface Size {
  width: number;
  height: number;
}

/** The size in pixels of the element the ref is given to, as it changes. */
export function useSize(): [(element: Element | null) => (() => void) | undefined, Size] {
  const [size, setSize] = useState<Size>({ width: 0, height: 0 });
  const ref = useCallback((element: Element | null) => {
    if (!element) return undefined;
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setSize({ width: entry.contentRect.width, height: entry.contentRect.height });
    });
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  return [ref, size];
}

/**
 * For a drawing that is scaled to its place: a ref for it, and the size of text, in units of its view box, that stands on the
 * page as 12 pixels.
 */
export function useTextSize(
  viewWidth: number,
  viewHeight: number,
): [(element: Element | null) => (() => void) | undefined, number] {
  const [ref, { width, height }] = useSize();
  const scale = Math.min(width / viewWidth, height / viewHeight);
  return [ref, scale > 0 ? 12 / scale : 12];
}
