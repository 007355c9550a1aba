const PATIENCE_MS = 3000;
const fields = 'input, textarea, select, [role=combobox]';

/** Moves the focus to the first field that appears on the page in the next seconds, unless it has moved by itself. */
export function focusWhatIsAdded(from: Element) {
  const page = document.querySelector('main');
  if (!page) return;
  const before = new Set(page.querySelectorAll(fields));
  const watch = new MutationObserver(() => {
    const added = [...page.querySelectorAll<HTMLElement>(fields)].find((field) => !before.has(field));
    if (!added) return;
    stop();
    const at = document.activeElement;
    if (at === from || at === document.body || at === null) added.focus();
  });
  const stop = () => {
    watch.disconnect();
    clearTimeout(patience);
  };
  const patience = setTimeout(stop, PATIENCE_MS);
  watch.observe(page, { childList: true, subtree: true });
}
