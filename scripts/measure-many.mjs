// node scripts/measure-many.mjs URL [BATCHES LINES]: fills a demo studio up to 100 designs, 200 batches or as many as said (40 of
// them not finished) and so many lines of the daybook, then measures how long its views take to read, and a count at the bench.
const base = process.argv[2] ?? 'http://localhost:8080';
const batchesWanted = Number(process.argv[3] ?? 200);
const linesWanted = Number(process.argv[4] ?? 0);
const ask = async (method, path, body) => {
  const answer = await fetch(base + path, {
    method,
    headers: { 'Content-Type': 'application/json' },
    ...(body ? { body: JSON.stringify(body) } : {}),
  });
  const text = await answer.text();
  if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${text}`);
  return { json: text ? JSON.parse(text) : null, bytes: text.length };
};

const designs = (await ask('GET', '/api/designs')).json;
for (let i = designs.length; i < 100; i++) {
  const like = designs[i % designs.length].design;
  await ask('POST', '/api/designs', { ...like, name: `${like.name.slice(0, 40)} ${i}` });
}
const ids = (await ask('GET', '/api/designs')).json.map((design) => design.id);
const batches = (await ask('GET', '/api/batches')).json;
for (let i = batches.length; i < batchesWanted; i++) {
  const lines = [0, 1, 2].map((k) => ({ designId: ids[(7 * i + 31 * k) % ids.length], quantity: 4 + (i % 5) }));
  const state = i < batchesWanted - 40 ? 'FINISHED' : 'PLANNED';
  await ask('POST', '/api/batches', { name: `Batch ${i}`, state, beginsOn: '2026-12-01', dueOn: '2027-03-01', lines });
}
const open = (await ask('GET', '/api/batches')).json.filter((batch) => batch.batch.state !== 'FINISHED').map((b) => b.id);

let known;
async function batchNames() {
  known ??= (await ask('GET', '/api/batches')).json.map((batch) => batch.batch.name);
  return known;
}

if (linesWanted > 0) {
  const file = ['at,until,kind,batch,design,station,step,maker,pieces'];
  const made = (await ask('GET', '/api/designs')).json.filter((design) => design.design.steps.length > 0);
  for (let i = 0; i < linesWanted; i++) {
    const { design } = made[i % made.length];
    const step = design.steps[i % design.steps.length];
    const batch = (await batchNames())[(7 * i) % batchesWanted];
    const from = new Date(Date.UTC(2024, 0, 1, 8) + i * 900_000);
    const pieces = 4 + (i % 9);
    const until = new Date(from.getTime() + 60_000 * (1 + step.setupMin + step.eachMin * pieces * (0.8 + (i % 7) / 10)));
    file.push([from.toISOString(), until.toISOString(), 'time', `"${batch}"`, `"${design.name}"`, step.station, `"${step.name}"`, 1 + (i % 2), pieces].join());
  }
  const from = performance.now();
  const answer = await fetch(`${base}/api/daybook/lines.csv`, {
    method: 'POST',
    headers: { 'Content-Type': 'text/csv;charset=UTF-8' },
    body: file.join('\n'),
  });
  if (!answer.ok) throw new Error(await answer.text());
  console.log(`${linesWanted} lines of a file: ${((performance.now() - from) / 1000).toFixed(1)} s`);
}



for (const path of [`/api/batches/${open[open.length - 1]}`, '/api/baking', '/api/batches', '/api/designs', '/api/bench', '/api/daybook', '/api/daybook/learned']) {
  const times = [];
  let bytes = 0;
  for (let i = 0; i < 130; i++) {
    const from = performance.now();
    bytes = (await ask('GET', path)).bytes;
    if (i >= 30) times.push(performance.now() - from);
  }
  times.sort((a, b) => a - b);
  console.log(`GET ${path}: p50 ${times[50].toFixed(0)} ms, p95 ${times[95].toFixed(0)} ms, ${Math.round(bytes / 1000)} kB`);
}

await ask('PUT', '/api/bench/job', { batchId: 3, designId: 1, step: 3 });
const counts = [];
for (let i = 0; i < 60; i++) {
  const from = performance.now();
  await ask('POST', '/api/bench/count', { done: i % 2 === 0 ? 1 : -1 });
  if (i >= 10) counts.push(performance.now() - from);
}
counts.sort((a, b) => a - b);
console.log(`POST /api/bench/count: p50 ${counts[25].toFixed(0)} ms, p95 ${counts[47].toFixed(0)} ms`);

// In a browser: from a page's address to its last words, and from a key at the bench to the frame that shows it.
const { openPage, sleep } = await import('./page.mjs');
const { send, ask: inPage, close } = await openPage();
await send('Page.enable');
for (const path of ['/bench', '/batches', `/batches/${open[open.length - 1]}`, '/oven', '/designs', '/daybook', '/daybook/learned', '/shelf/shopping']) {
  const times = [];
  for (let i = 0; i < 6; i++) {
    await send('Page.navigate', { url: base + path });
    let there;
    while (!(there = await inPage(`document.querySelector('main h1, main h2') && !document.body.innerText.includes('Loading …') ? performance.now() : 0`))) await sleep(20);
    times.push(there);
  }
  times.sort((a, b) => a - b);
  console.log(`page ${path}: p50 ${times[3].toFixed(0)} ms, most ${times[5].toFixed(0)} ms`);
}
await send('Page.navigate', { url: `${base}/bench` });
await sleep(3000);
const shown = [];
for (let i = 0; i < 40; i++) {
  await inPage(`window.seen = new Promise((done) => {
    const words = () => document.querySelector('footer').innerText;
    const before = words();
    addEventListener('keydown', () => {
      const from = performance.now();
      const look = () => (words() === before ? requestAnimationFrame(look) : done(performance.now() - from));
      requestAnimationFrame(look);
    }, { capture: true, once: true });
  }); 0`);
  await send('Input.dispatchKeyEvent', { type: 'keyDown', key: '.', text: '.' });
  await send('Input.dispatchKeyEvent', { type: 'keyUp', key: '.' });
  shown.push(await inPage('window.seen'));
  await sleep(700);
  await ask('POST', '/api/bench/count', { done: -1 });
  await sleep(900);
}
await close();
shown.sort((a, b) => a - b);
console.log(`key at the bench to its frame: p50 ${shown[20].toFixed(0)} ms, p95 ${shown[37].toFixed(0)} ms`);
