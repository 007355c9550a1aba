// Measures in the browser how long a part takes from an arrow key, or from a move of the pointer that drags it, to the frame in
// which it is drawn elsewhere, for designs of 20 and of 60 parts:
//   ./run --port 18080 & node --experimental-websocket scripts/measure-hand.mjs http://localhost:18080
import { openPage, sleep } from './page.mjs';

const base = process.argv[2] ?? 'http://localhost:18080';
const MOVES = 120;

function design(count, mixIds) {
  const shapes = [
    { kind: 'BALL', dimensions: { diameterMm: 14 } },
    { kind: 'EGG', dimensions: { diameterMm: 12, lengthMm: 18, widestAtMm: 8 } },
    { kind: 'CONE', dimensions: { diameterMm: 14, heightMm: 16 } },
    { kind: 'ROD', dimensions: { diameterMm: 8, lengthMm: 14 } },
  ];
  const parts = Array.from({ length: count }, (_, i) => ({
    name: `Part ${i + 1}`,
    shape: shapes[i % shapes.length],
    count: 1,
    mixId: mixIds[i % mixIds.length],
    placement: { acrossMm: ((i * 17) % 120) - 60, upMm: (i * 11) % 90, frontMm: 0, tiltDeg: 0, arrangement: 'MIRRORED' },
  }));
  return {
    name: `${count} parts`,
    kind: 'SET_PIECE',
    pose: 'STANDS',
    parts,
    stages: [{ name: 'whole', kind: 'FULL_BAKE', coolingMin: 40 }],
    steps: [],
    fittings: [],
    checks: [],
  };
}

const mixes = await (await fetch(`${base}/api/mixes`)).json();
const { send, ask, close } = await openPage();
const drawing = `document.querySelector('[aria-label^="Drawing. Arrow keys"]')`;
const at = (list, share) => [...list].sort((a, b) => a - b)[Math.min(list.length - 1, Math.floor(share * list.length))];

for (const count of [20, 60]) {
  const added = await fetch(`${base}/api/designs`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(design(count, mixes.map((m) => m.id))),
  });
  if (!added.ok) throw new Error(await added.text());
  const { id } = await added.json();
  await send('Page.navigate', { url: `${base}/designs/${id}` });
  while (!(await ask(`document.querySelectorAll('tbody tr').length >= ${count}`))) await sleep(200);
  await ask(`[...document.querySelectorAll('button')].find((b) => b.textContent === 'Front').click()`);
  await sleep(1500);
  // From an event to the frame after the first change of the drawing that follows it.
  await ask(`(() => {
    window.took = [];
    let began = null;
    for (const kind of ['keydown', 'pointermove']) addEventListener(kind, (e) => { began = e.timeStamp; }, true);
    new MutationObserver(() => {
      if (began === null) return;
      const from = began;
      began = null;
      requestAnimationFrame(() => { const c = new MessageChannel(); c.port1.onmessage = () => took.push(performance.now() - from); c.port2.postMessage(0); });
    }).observe(${drawing}, { attributes: true, subtree: true, childList: true });
    ${drawing}.focus();
  })()`);
  for (let i = 0; i < MOVES; i++) {
    const key = i % 2 ? 'ArrowLeft' : 'ArrowRight';
    await send('Input.dispatchKeyEvent', { type: 'keyDown', key });
    await send('Input.dispatchKeyEvent', { type: 'keyUp', key });
    await sleep(120);
  }
  const keys = await ask('took.splice(0)');
  const box = await ask(`(() => { const r = ${drawing}.querySelector('g.cursor-move').getBoundingClientRect(); return [r.x + r.width / 2, r.y + r.height / 2]; })()`);
  const mouse = (type, x, y) => send('Input.dispatchMouseEvent', { type, x, y, button: 'left', buttons: 1, clickCount: 1 });
  await mouse('mousePressed', ...box);
  for (let i = 0; i < MOVES; i++) {
    await mouse('mouseMoved', box[0] + 5 + (i % 40), box[1] - (i % 25));
    await sleep(40);
  }
  const drags = await ask('took.splice(0)');
  await send('Input.dispatchMouseEvent', { type: 'mouseReleased', x: box[0] + 20, y: box[1], button: 'left', buttons: 0, clickCount: 1 });
  const said = (list) => `p50 ${at(list, 0.5).toFixed(0)} ms, p95 ${at(list, 0.95).toFixed(0)} ms of ${list.length}`;
  console.log(`${count} parts: key ${said(keys)}; drag ${said(drags)}`);
}
await close();
