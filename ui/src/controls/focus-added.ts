const PATIENCE_MS = 3000;
const fields = 'input, textarea, select, [role=combobox]';

const fieldsOf = (page: Element) => [...page.querySelectorAll<HTMLElement>(fields)];
const nameOf = (field: Element) => field.getAttribute('aria-label') ?? field.id;

/** Moves the focus to the first field with a new name that appears in the next seconds, until a hand or a key does something else. */
export function focusWhatIsAdded(from: Element) {
  const page = document.querySelector('main');
  if (!page) return;
  const before = new Set(fieldsOf(page).map(nameOf));
  const watch = new MutationObserver(() => {
    const at = document.activeElement;
    if (at !== null && at !== from && at !== document.body) return;
    fieldsOf(page)
      .find((field) => !before.has(nameOf(field)))
      ?.focus();
  });
  watch.observe(page, { childList: true, subtree: true });
  const acts = new AbortController();
  const stop = () => {
    watch.disconnect();
    acts.abort();
  };
  for (const act of ['pointerdown', 'keydown']) {
    document.addEventListener(act, stop, { capture: true, signal: acts.signal });
  }
  setTimeout(stop, PATIENCE_MS);
}
