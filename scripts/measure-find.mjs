// Times the search for recipes over HTTP, from the question to the answer: 30 clays, up to 3 and up to 4 of them, 12 parts, 12 colours.
const base = process.argv[2];
let seed = 11;
const next = () => (seed = (seed * 1103515245 + 12345) % 2147483648) / 2147483648;
const hex = () => `#${Array.from({ length: 3 }, () => Math.floor(next() * 256).toString(16).padStart(2, '0')).join('')}`;
const send = async (method, path, body) => {
  const answer = await fetch(base + path, {
    method,
    headers: { 'content-type': 'application/json' },
    body: body && JSON.stringify(body),
  });
  if (!answer.ok) throw new Error(`${path}: ${await answer.text()}`);
  return answer.status === 204 ? null : answer.json().catch(() => null);
};

const { clays } = await send('GET', '/api/shelf');
for (let i = clays.filter((c) => c.clay.dropG === undefined).length; i < 30; i++) {
  const { blocks, rangeId } = clays[0].clay;
  const swatch = hex();
  await send('POST', '/api/shelf/clays', {
    name: `Measure ${i}`, rangeId, rawHex: swatch, curedHex: swatch,
    opacity: ['OPAQUE', 'OPAQUE', 'HALF', 'TRANSLUCENT'][i % 4], strength: ['NORMAL', 'STRONG', 'WEAK'][i % 3],
    openG: 50, blocks,
  });
}
for (const mostKinds of [3, 4]) {
  const times = [];
  for (let i = 0; i < 14; i++) {
    const from = performance.now();
    const { id } = await send('POST', '/api/finds', {
      targetHex: hex(), face: 'CURED', mostKinds, mostParts: 12, wantedG: 40, onHandOnly: false,
    });
    while (!(await send('GET', `/api/finds/${id}`)).done) await new Promise((r) => setTimeout(r, 20));
    if (i >= 2) times.push(performance.now() - from);
  }
  times.sort((a, b) => a - b);
  console.log(`30 clays, up to ${mostKinds} and 12 parts, ${times.length} colours: p50 ${times[6].toFixed(0)} ms, most ${times.at(-1).toFixed(0)} ms`);
}
