// node scripts/measure-many.mjs URL: fills a demo studio up to 100 designs and 200 batches (40 of them not finished), then
// measures how long a batch and the oven's days take to read.
const base = process.argv[2] ?? 'http://localhost:8080';
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
for (let i = batches.length; i < 200; i++) {
  const lines = [0, 1, 2].map((k) => ({ designId: ids[(7 * i + 31 * k) % ids.length], quantity: 4 + (i % 5) }));
  const state = i < 160 ? 'FINISHED' : 'PLANNED';
  await ask('POST', '/api/batches', { name: `Batch ${i}`, state, beginsOn: '2026-12-01', dueOn: '2027-03-01', lines });
}
const open = (await ask('GET', '/api/batches')).json.filter((batch) => batch.batch.state !== 'FINISHED').map((b) => b.id);

for (const path of [`/api/batches/${open[open.length - 1]}`, '/api/baking', '/api/batches', '/api/designs', '/api/bench']) {
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
