// Eight hours of a probe at one reading a second while the load's page is open, sixty times as fast as they go by:
//   ./run --port 18080 & node --experimental-websocket scripts/measure-probe.mjs http://localhost:18080 [hours]
// Says how long the page's frames took, how much it keeps, and whether every reading was kept.
import { openPage, sleep } from './page.mjs';

const base = process.argv[2] ?? 'http://localhost:18080';
const hours = Number(process.argv[3] ?? 8);
const SPEED = 60;
const json = async (path, request) => (await fetch(base + path, request)).json();

const day = await json('/api/baking');
const load = day.inOvens[0];
if (!load) throw new Error('Put a load in the oven first; the demo studio has one.');
const oven = load.ovenId;
const set = async (speed) => {
  const { simulated } = await json(`/api/ovens/${oven}/probe`);
  const answer = await fetch(`${base}/api/ovens/${oven}/probe/simulated`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({ ...simulated, on: true, speed }),
  });
  if (!answer.ok) throw new Error(await answer.text());
};

const { send, ask, close } = await openPage();
await send('Page.navigate', { url: `${base}/oven/logged/${load.id}` });
while (!(await ask(`!!document.querySelector('section[aria-label="What it got"] svg')`))) await sleep(200);
await ask(`(() => {
  window.frames_ = [];
  let last = performance.now();
  const next = (now) => { window.frames_.push(now - last); last = now; requestAnimationFrame(next); };
  requestAnimationFrame(next);
})()`);
await set(SPEED);
const share = (times, at) => times[Math.min(times.length - 1, Math.floor(times.length * at))];
for (let hour = 1; hour <= hours; hour++) {
  await ask('window.frames_.length = 0');
  await sleep(3_600_000 / SPEED);
  const frames = (await ask('window.frames_')).sort((a, b) => a - b);
  await send('HeapProfiler.collectGarbage');
  const heap = await ask('performance.memory.usedJSHeapSize');
  console.log(
    `hour ${hour}: ${frames.length} frames, p50 ${share(frames, 0.5).toFixed(0)} ms, p99 ${share(frames, 0.99).toFixed(0)} ms, ` +
      `most ${frames.at(-1).toFixed(0)} ms, over 50 ms ${frames.filter((f) => f > 50).length}; page keeps ${(heap / 1e6).toFixed(1)} MB`,
  );
}
await set(1);
const csv = (await (await fetch(`${base}/api/baking/loads/${load.id}/readings.csv`)).text()).trim().split('\r\n').slice(1);
const seconds = csv.map((line) => Date.parse(line.split(',')[0]) / 1000);
const gaps = seconds.slice(1).filter((at, i) => at - seconds[i] > 1.5).length;
console.log(`${csv.length} readings kept over ${((seconds.at(-1) - seconds[0]) / 3600).toFixed(2)} h, ${gaps} gaps`);
await close();
process.exit(0);
