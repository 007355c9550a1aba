// Measures in the browser how long a design of 60 parts takes from a key press to the redrawn design:
//   ./run --port 18080 & node --experimental-websocket scripts/measure-pages.mjs http://localhost:18080
import { openPage, sleep } from './page.mjs';

const base = process.argv[2] ?? 'http://localhost:18080';
const PRESSES = 200;

/** Sixty parts of many kinds, a third of them cored, in pairs and rings; each round by other sizes, so that none was measured before. */
function design(mixIds, byMm) {
  const shapes = [
    { kind: 'BALL', dimensions: { diameterMm: 24 + byMm } },
    {
      kind: 'EGG',
      dimensions: { diameterMm: 20 + byMm, lengthMm: 30, widestAtMm: 12 },
    },
    { kind: 'CONE', dimensions: { diameterMm: 22 + byMm, heightMm: 26 } },
    {
      kind: 'FRUSTUM',
      dimensions: { bottomMm: 26 + byMm, topMm: 18, heightMm: 30 },
    },
    {
      kind: 'ELLIPSOID',
      dimensions: { widthMm: 24 + byMm, depthMm: 18, heightMm: 14 },
    },
    { kind: 'ROD', dimensions: { diameterMm: 8 + byMm, lengthMm: 14 } },
    { kind: 'TEARDROP', dimensions: { diameterMm: 8 + byMm, lengthMm: 16 } },
    { kind: 'CORD', dimensions: { cordMm: 3, lengthMm: 20 + byMm } },
    {
      kind: 'COIL',
      dimensions: { cordMm: 2, windingMm: 12 + byMm, turns: 3, pitchMm: 3 },
    },
    {
      kind: 'BLOCK',
      dimensions: { widthMm: 9 + byMm, depthMm: 6, heightMm: 5 },
    },
  ];
  const parts = Array.from({ length: 60 }, (_, i) => ({
    name: `Part ${i + 1}`,
    shape: shapes[i % shapes.length],
    count: 1 + (i % 3),
    mixId: mixIds[i % mixIds.length],
    placement: {
      acrossMm: (i * 7) % 50,
      upMm: i * 3,
      frontMm: ((i * 5) % 30) - 15,
      tiltDeg: i % 4 === 0 ? 15 : 0,
      arrangement: i % 2 ? 'RING' : 'MIRRORED',
    },
    ...(i % 10 < 4 ? { core: { shellMm: 4, packing: 'FIRM' } } : {}),
  }));
  return {
    name: 'Sixty parts',
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
const added = await fetch(`${base}/api/designs`, {
  method: 'POST',
  headers: { 'content-type': 'application/json' },
  body: JSON.stringify(
    design(
      mixes.map((m) => m.id),
      Math.round(Math.random() * 99) / 100,
    ),
  ),
});
if (!added.ok) throw new Error(await added.text());
const { id } = await added.json();

const { send, ask, close } = await openPage();
await send('Page.navigate', { url: `${base}/designs/${id}` });
while (!(await ask(`document.querySelectorAll('tbody tr').length >= 60`))) await sleep(200);
// A press counts from its event to the frame after the first change of the drawing that follows the answer to it.
await ask(`(() => {
  window.took = [];
  let pressed = null;
  let answered = false;
  addEventListener('keydown', (e) => { pressed = e.timeStamp; answered = false; }, true);
  const plain = window.fetch;
  window.fetch = async (...request) => {
    const began = performance.now();
    const answer = await plain(...request);
    if (String(request[0].url ?? request[0]).endsWith('/measure') && pressed !== null && began >= pressed) answered = true;
    return answer;
  };
  new MutationObserver(() => {
    if (!answered || pressed === null) return;
    const from = pressed;
    pressed = null;
    requestAnimationFrame(() => setTimeout(() => window.took.push(performance.now() - from)));
  }).observe(document.querySelector('main') ?? document.body, {
    subtree: true, attributes: true, attributeFilter: ['d'], characterData: true, childList: true,
  });
})()`);
// Every press makes a design that was never measured before: ten steps up in one part, then in the next.
for (let i = 0; i < PRESSES; i++) {
  if (i % 10 === 0) {
    const row = ((i / 10) * 10) % 60;
    await ask(
      `document.querySelectorAll('tbody tr')[${row}].querySelectorAll('input[inputmode]')[1].focus()`,
    );
    await sleep(1500);
  }
  const key = { key: 'ArrowUp', code: 'ArrowUp', windowsVirtualKeyCode: 38 };
  await send('Input.dispatchKeyEvent', { type: 'rawKeyDown', ...key });
  await send('Input.dispatchKeyEvent', { type: 'keyUp', ...key });
  await sleep(250);
}
const took = (await ask('window.took')).slice(10).sort((a, b) => a - b);
const at = (share) => took[Math.floor(took.length * share)].toFixed(0);
console.log(
  `60 parts, ${took.length} key presses to the redrawn frame: p50 ${at(0.5)} ms, p95 ${at(0.95)} ms`,
);
await fetch(`${base}/api/designs/${id}`, { method: 'DELETE' });
await close();
process.exit(0);
