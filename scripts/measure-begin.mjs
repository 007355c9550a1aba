// Counts and times a first start by the keyboard alone: from the first page of an empty studio to a plan, and on to a part that is
// placed. Hands and thought are taken from the keystroke-level model (Card, Moran and Newell 1980: 0.28 s for a key, 1.35 s to
// make up one's mind), waiting is measured. Once for each product, each in an empty studio of its own:
//   ./run --empty --data one --port 18081 & node --experimental-websocket scripts/measure-begin.mjs http://localhost:18081 charm
import { openPage, sleep } from './page.mjs';

const base = process.argv[2] ?? 'http://localhost:18081';
const product = process.argv[3] ?? 'charm';
const products = {
  charm: { down: 1, high: '26', many: '40' },
  figurine: { down: 5, high: '70', many: '20' },
};
const { down, high, many } = products[product];
const KEY_S = 0.28;
const MIND_S = 1.35;
const { send, ask, close } = await openPage();
const total = { keys: 0, minds: 0, waitedMs: 0 };

const codes = { Tab: 9, Enter: 13, ArrowDown: 40, ArrowRight: 39, ' ': 32 };

async function key(name) {
  total.keys += 1;
  const text = name === 'Enter' ? '\r' : name.length === 1 ? name : undefined;
  await send('Input.dispatchKeyEvent', { type: 'keyDown', key: name, text, windowsVirtualKeyCode: codes[name] ?? name.charCodeAt(0) });
  await send('Input.dispatchKeyEvent', { type: 'keyUp', key: name, windowsVirtualKeyCode: codes[name] ?? name.charCodeAt(0) });
}

async function until(expression) {
  const from = performance.now();
  while (!(await ask(expression))) {
    if (performance.now() - from > 30_000) throw new Error(`never: ${expression}`);
    await sleep(10);
  }
  total.waitedMs += performance.now() - from;
}

/** Tab until what has the focus is this. */
async function tabTo(expression) {
  total.minds += 1;
  for (let i = 0; i < 60 && !(await ask(`(() => { const e = document.activeElement; return ${expression}; })()`)); i++) await key('Tab');
}

const typed = async (text) => {
  for (const one of text) await key(one);
};

function report(what) {
  const seconds = total.keys * KEY_S + total.minds * MIND_S + total.waitedMs / 1000;
  console.log(
    `${product}, ${what}: ${total.keys} keys, ${total.minds} decisions, ${(total.waitedMs / 1000).toFixed(1)} s waited; about ${Math.round(seconds)} s`,
  );
}

const opened = performance.now();
await send('Page.navigate', { url: `${base}/` });
await until(`document.querySelector('input[name=kind]') !== null`);
console.log(`first page after ${Math.round(performance.now() - opened)} ms`);
// The first stop of every page skips to its main part.
await key('Tab');
await key('Enter');
await tabTo(`e.name === 'kind'`);
for (let i = 0; i < down; i++) await key('ArrowDown');
await tabTo(`e.getAttribute('aria-label')?.startsWith('How high')`);
await typed(high);
await tabTo(`e.getAttribute('aria-label')?.startsWith('How many')`);
await typed(many);
await until(`document.body.innerText.includes('one piece, ${high}')`);
await tabTo(`e.innerText === 'Keep this plan'`);
report('a plan with needs, loads and a price in sight');
await key('Enter');
await until(`/batches\\/\\d+/.test(location.pathname) && document.body.innerText.includes('Still a guess')`);
report('the plan is kept');

await ask(`document.activeElement.blur()`);
total.minds += 1;
await key('d');
await until(`document.title.startsWith('Designs')`);
await tabTo(`/designs\\/\\d+/.test(e.getAttribute('href') ?? '')`);
await key('Enter');
await until(`document.title.includes('parts') || document.querySelector('tbody tr') !== null`);
await tabTo(`e.innerText?.trim().startsWith('Add a part')`);
const before = await ask(`document.querySelectorAll('main tbody tr').length`);
await key('Enter');
await until(`document.querySelectorAll('main tbody tr').length > ${before}`);
await sleep(300);
await tabTo(`(e.getAttribute('aria-label') ?? '').startsWith('Drawing. Arrow keys')`);
total.minds += 1;
for (let i = 0; i < 6; i++) await key('ArrowRight');
await until(`document.body.innerText.includes('saved')`);
report('one more part is added and moved to its place by 3 mm');
await close();
