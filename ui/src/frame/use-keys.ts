import { useEffect, useEffectEvent } from 'react';

const typing = 'input, textarea, select, [contenteditable], [role=listbox], [role=dialog], [role=menu]';
const floating = '[role=menu], [role=listbox], [role=dialog]';
const pressing = 'button, a, [role=checkbox], [role=switch], summary';

/** Space belongs to a control that has the focus, and to a part of the page that it scrolls. */
function takesSpace(target: Element | null): boolean {
  if (!target) return false;
  if (target.closest(pressing)) return true;
  const { overflowY } = getComputedStyle(target);
  return target.scrollHeight > target.clientHeight && (overflowY === 'auto' || overflowY === 'scroll');
}

/** Single keys, when nothing is being typed and nothing floats over the page; a held key counts once. */
export function useKeys(onKey: (key: string) => boolean) {
  const handle = useEffectEvent((event: KeyboardEvent) => {
    if (event.ctrlKey || event.metaKey || event.altKey || event.repeat || event.defaultPrevented) return;
    if (document.querySelector(floating)) return;
    const target = event.target instanceof Element ? event.target : null;
    if (target?.closest(typing) || (event.key === ' ' && takesSpace(target))) return;
    if (onKey(event.key)) event.preventDefault();
  });
  useEffect(() => {
    const listen = (event: KeyboardEvent) => handle(event);
    window.addEventListener('keydown', listen);
    return () => window.removeEventListener('keydown', listen);
  }, []);
}
