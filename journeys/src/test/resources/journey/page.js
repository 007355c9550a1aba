// What a journey asks of a page, there before the page's own scripts: asked in one word each, for the driver's own ways ask the
// browser several things for each. How a thing is looked for is as in WebDriver: 'xpath', or else a selector.
window.journey = (() => {
  let asked = 0;
  const ask = window.fetch;
  window.fetch = (...what) => {
    asked += 1;
    return ask(...what).finally(() => {
      asked -= 1;
    });
  };

  function find(how, what) {
    if (how !== 'xpath') return [...document.querySelectorAll(what)];
    const found = document.evaluate(what, document, null, XPathResult.ORDERED_NODE_SNAPSHOT_TYPE, null);
    return Array.from({ length: found.snapshotLength }, (_, i) => found.snapshotItem(i));
  }

  /** The next two frames, or a moment where a window that is covered draws none. */
  const drawn = () =>
    new Promise((go) => {
      setTimeout(go, 50);
      requestAnimationFrame(() => requestAnimationFrame(go));
    });

  const box = (e) =>
    Array.from(e?.getClientRects() ?? [], ({ left, top, right, bottom }) => [left, top, right, bottom])[0];

  /** What is looked for, after the page has scrolled to it; nothing while it moves or is being replaced. */
  async function still(look) {
    const before = look();
    before?.scrollIntoView({ block: 'nearest' });
    const was = box(before);
    await drawn();
    return was && look() === before && String(box(before)) === String(was) ? before : null;
  }

  let finish = () => false;

  /** What a hand does next is let through only if it begins at this; else none of it is done, and it can be tried again. */
  function expect(e, ...acts) {
    let missed = null;
    let stood = null;
    let clicked = false;
    const look = (event) => {
      const meets = e.contains(event.target);
      missed ??= !meets;
      stood ??= String(box(e));
      clicked ||= meets && event.type === 'click';
      if (!missed) return;
      event.preventDefault();
      event.stopImmediatePropagation();
    };
    finish();
    acts.forEach((act) => window.addEventListener(act, look, true));
    finish = (pressed) => {
      acts.forEach((act) => window.removeEventListener(act, look, true));
      // It moved during the press, as when a line is added above it: the mouse was released elsewhere, so nothing was clicked.
      const slipped = pressed && stood !== null && !clicked && e.isConnected && String(box(e)) !== stood;
      return missed === true || slipped;
    };
  }

  /** Where a hand would press it, in the window; nothing where it is covered or cannot be pressed yet. */
  async function place(look) {
    const e = await still(look);
    if (!e || e.matches(':disabled')) return null;
    const [left, top, right, bottom] = box(e);
    const at = [
      (Math.max(0, left) + Math.min(innerWidth, right)) / 2,
      (Math.max(0, top) + Math.min(innerHeight, bottom)) / 2,
    ];
    if (!e.contains(document.elementFromPoint(...at))) return null;
    expect(e, 'pointerdown', 'mousedown', 'pointerup', 'mouseup', 'click');
    return at;
  }

  /** Everything that is to be read on the page, in its drawings too. */
  const text = () =>
    [document.body?.innerText, ...Array.from(document.querySelectorAll('svg text, output'), (t) => t.textContent)].join(
      '\n',
    );

  const stands = () =>
    asked === 0 && find('css', 'h1').length > 0 && find('xpath', "//*[text()='Loading …']").length === 0;

  return {
    find,
    text,
    placeOf: (how, what) => place(() => find(how, what)[0]),
    placeOfThis: (e) => place(() => e),

    /** Gives it the focus, and chooses all that a field holds. */
    async focus(how, what) {
      const e = await still(() => find(how, what)[0]);
      if (!e) return false;
      e.focus();
      if (e instanceof HTMLInputElement) e.select();
      expect(e, 'beforeinput', 'keydown', 'keypress', 'keyup');
      return true;
    },

    /** Whether what the hand did since it was told where has met something else, as when the page moved just then. */
    missed: (pressed) => finish(pressed),

    /** Whether its heading stands and all has come that it asked for, a moment later too. */
    async stands() {
      await drawn();
      if (!stands()) return false;
      await drawn();
      return stands();
    },

    /** Whether these words are there, or gone, within a second. To read a page makes it laid out, so it is read ever less often. */
    async reads(words, there) {
      for (let pause = 16; pause < 300; pause *= 1.5) {
        if (text().includes(words) === there) return true;
        await new Promise((go) => setTimeout(go, pause));
      }
      return false;
    },
  };
})();
