import { useLayoutEffect } from 'react';
import { NavigationType, useLocation, useNavigationType } from 'react-router';

/** How far each part of each page in the history was scrolled, by the page's key and where the part stands in it. */
const kept = new Map<string, Map<string, number>>();
const PATIENCE_MS = 2000;
const givesUp = ['wheel', 'touchstart', 'pointerdown', 'keydown'] as const;

/** Where a part stands in the page: which child of which child it is. */
function wayTo(part: Element, page: Element): string {
  const way = [];
  for (let at = part; at !== page && at.parentElement; at = at.parentElement) {
    way.unshift([...at.parentElement.children].indexOf(at));
  }
  return way.join(' ');
}

function partAt(way: string, page: Element): Element | undefined {
  let at: Element | undefined = page;
  for (const index of way === '' ? [] : way.split(' ')) at = at?.children[Number(index)];
  return at;
}

/** Scrolls parts to where they were as soon as they are long enough; gives up when the maker does something, or after a while. */
function scrollBack(page: Element, wanted: Map<string, number>): () => void {
  const until = performance.now() + PATIENCE_MS;
  let frame = 0;
  const stop = () => cancelAnimationFrame(frame);
  const step = () => {
    for (const [way, top] of wanted) {
      const part = partAt(way, page);
      if (!part || part.scrollHeight - part.clientHeight < top - 1) continue;
      part.scrollTop = top;
      wanted.delete(way);
    }
    if (wanted.size > 0 && performance.now() < until) frame = requestAnimationFrame(step);
  };
  step();
  givesUp.forEach((act) => window.addEventListener(act, stop, { once: true, passive: true }));
  return () => {
    stop();
    givesUp.forEach((act) => window.removeEventListener(act, stop));
  };
}

/** What a path is a page of: tabs and chosen lines of a place are the same page; a design and a batch are pages of their own. */
function pageOf(path: string): string {
  const [, place = '', item = ''] = path.split('/');
  return place === 'designs' || place === 'batches' ? `${place}/${item}` : place;
}

let last = '';

/** A new page begins at its top; going back or forward brings a page back to where it was. */
export function useKeptScroll() {
  const { key, pathname } = useLocation();
  const kind = useNavigationType();
  useLayoutEffect(() => {
    const page = document.getElementById('page');
    if (!page) return undefined;
    if (kind !== NavigationType.Pop && pageOf(pathname) !== last) page.scrollTop = 0;
    last = pageOf(pathname);
    const parts = kept.get(key) ?? new Map<string, number>();
    kept.set(key, parts);
    const stop = kind === NavigationType.Pop ? scrollBack(page, new Map(parts)) : undefined;
    const remember = ({ target }: Event) => {
      if (target instanceof Element) parts.set(wayTo(target, page), target.scrollTop);
    };
    page.addEventListener('scroll', remember, { capture: true, passive: true });
    return () => {
      stop?.();
      page.removeEventListener('scroll', remember, { capture: true });
    };
  }, [key, kind, pathname]);
}
