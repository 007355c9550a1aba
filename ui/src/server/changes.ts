import type { Query, QueryClient, QueryKey } from '@tanstack/react-query';
import { inStudiosUnits } from '../words/sentences';
import type { LastChanges } from './types';

/**
 * After a change only what shows it is read again. Every answer of a write says in its header what it changed: keys of saved
 * things ("design/3") and of what is worked out from them ("plan"). This table says of which of them each view is made.
 */

const MATERIAL = ['range', 'clay', 'tile', 'mix', 'finding', 'coil', 'supply', 'settings'];
const COLOURS = ['range', 'clay', 'tile', 'mix'];
const BATCH = ['plan', 'batch', 'design', 'leftovers', 'daybook', 'spares', ...MATERIAL];

const madeOf: Record<string, (id: unknown) => string[]> = {
  baking: () => ['plan', 'load', 'probe'],
  batch: () => BATCH,
  'batch-cutting': () => BATCH,
  batches: () => BATCH,
  begun: () => [...BATCH, 'oven'],
  bench: () => ['plan', 'job', 'daybook'],
  changes: () => ['maker'],
  'batch-review': () => BATCH,
  coat: () => COLOURS,
  copies: () => [],
  cutters: () => ['cutter'],
  daybook: () => ['daybook', 'load', 'batch', 'design'],
  'daybook-earlier': () => ['daybook'],
  design: (id) => [`design/${String(id)}`, ...MATERIAL],
  'design-version': (id) => [`design/${String(id)}`, ...MATERIAL],
  'design-versions': (id) => [`design/${String(id)}`, 'batch', 'progress', 'load'],
  designs: () => ['design', ...MATERIAL],
  dial: () => ['oven'],
  find: () => [],
  guesses: () => [...BATCH, 'oven'],
  heat: () => MATERIAL,
  instead: () => [...COLOURS, 'leftovers', 'settings'],
  'kept-cane': () => COLOURS,
  learned: () => ['daybook', 'design', 'settings'],
  leftovers: () => ['leftovers', ...COLOURS],
  limits: () => [],
  machines: () => ['machine'],
  'measured-design': () => MATERIAL,
  'measured-mix': () => [...COLOURS, 'settings', 'leftovers'],
  mix: () => [...COLOURS, 'settings', 'leftovers'],
  mixes: () => [...COLOURS, 'settings', 'leftovers'],
  moved: () => ['plan'],
  ovens: () => ['oven', 'load'],
  'plan-look': () => [],
  'planned-workings': () => ['plan', 'oven'],
  'planned-batch': () => BATCH,
  price: () => ['design', 'oven', 'daybook', ...MATERIAL],
  probe: () => ['probe', 'oven'],
  ready: () => [],
  record: () => ['load', 'oven', 'probe', 'design', 'range'],
  settings: () => ['settings'],
  'start-questions': () => ['plan', 'progress', 'load', 'probe', ...MATERIAL],
  shopping: () => BATCH,
  spares: () => ['spares'],
  shelf: () => [...COLOURS, 'finding', 'coil', 'supply'],
  'stand-ins': () => COLOURS,
  studio: () => [],
  'sum-core': () => [],
  'sum-jump-ring': () => [],
  'sum-packet': () => [],
  'sum-portion': () => [],
  'sum-shape': () => [],
  tiles: () => COLOURS,
  trials: () => ['trial'],
  'weighed-mix': () => [...COLOURS, 'settings', 'leftovers'],
};

/** Where the answer to a write is the view of what was written, and by which key that is read. */
const answersWith: [RegExp, (id: number) => QueryKey][] = [
  [/^\/api\/designs\/(\d+)$/, (id) => ['design', id]],
  [/^\/api\/mixes\/(\d+)$/, (id) => ['mix', id]],
  [/^\/api\/batches\/(\d+)$/, (id) => ['batch', id]],
  [/^\/api\/settings$/, () => ['settings']],
  [/^\/api\/leftovers$/, () => ['leftovers']],
  [/^\/api\/spares$/, () => ['spares']],
  [/^\/api\/baking\/constraints$/, () => ['baking']],
  [/^\/api\/bench\/(?:job|timer|count|interruption)$/, () => ['bench']],
];

interface Changed {
  keys: string[];
  last: LastChanges;
}

/** A write that is under way: by which key its answer is read, what else has changed since it was sent, and whether by a write. */
interface Write {
  own: QueryKey | undefined;
  since: string[];
  overtaken: boolean;
}

const underWay = new Set<Write>();

/** What is pressed at the bench, whose acts are done in turn, and those of which the page shows at once what will be answered. */
export const BENCH_ACT = ['bench-act'];
export const QUICK_ACT = [...BENCH_ACT, 'quick'];

let client: QueryClient | null = null;

/** From now on the views of this client follow what is changed. */
export function beginChanges(of: QueryClient) {
  client = of;
}

/** Whether a view shows one of the things that changed. */
function shows(view: QueryKey, changed: string[]): boolean {
  const parts = madeOf[String(view[0])]?.(view[1]);
  // A view that the table does not name is read again after every change: slow, but never wrong.
  return (
    !parts ||
    parts.some((part) =>
      changed.some((key) => key === part || key.startsWith(`${part}/`) || part.startsWith(`${key}/`)),
    )
  );
}

/** Shows what a write has answered; a reading that is still on its way began before it and is given up. */
async function show(query: QueryClient, key: QueryKey, data: unknown): Promise<void> {
  await query.cancelQueries({ queryKey: key, exact: true });
  query.setQueryData(key, data);
}

/** Reads again whatever shows these; not the bench while it shows an act whose answer will hold all of it. */
export async function reread(keys: string[]): Promise<void> {
  await readAgain(keys, client?.isMutating({ mutationKey: QUICK_ACT }) ? ['bench'] : undefined);
}

async function readAgain(keys: string[], but?: QueryKey): Promise<void> {
  const isBut = (key: QueryKey | undefined) => JSON.stringify(key) === JSON.stringify(but);
  underWay.forEach(({ own, since }) => {
    if (!but || !isBut(own)) since.push(...keys);
  });
  await expire(({ queryKey }) => !isBut(queryKey) && shows(queryKey, keys));
}

/** A reading that is on its way to a page that was left began before the change, and would count as new when it comes. */
async function expire(predicate: (query: Query) => boolean): Promise<void> {
  await client?.cancelQueries({ predicate, type: 'inactive' });
  await client?.invalidateQueries({ predicate });
}

/** Reads everything again: another studio was opened, or the server was away. */
export async function rereadAll(): Promise<void> {
  await expire(() => true);
}

/**
 * Sends a request and brings the pages up to date with it: what the answer to a write holds is shown at once, what else changed
 * is read again.
 *
 * @returns the answer, and when the pages show all of it
 */
export async function followed(path: string, method: string, send: () => Promise<Response>) {
  if (method === 'GET') return { response: await send(), shown: Promise.resolve() };
  const write: Write = { own: method === 'DELETE' ? undefined : ownKey(path), since: [], overtaken: false };
  underWay.add(write);
  try {
    const response = await send();
    return { response, shown: follow(write, response) };
  } finally {
    underWay.delete(write);
  }
}

async function follow({ own, since, overtaken }: Write, response: Response): Promise<void> {
  if (!client) return;
  // Somebody else was quicker, or has removed it.
  if (response.status === 409 || response.status === 404) {
    await rereadAll();
    return;
  }
  const header = response.headers.get('Changed');
  if (!response.ok || !header) return;
  const { keys, last: said } = JSON.parse(header) as Changed;
  const last = inStudiosUnits(said) as LastChanges;
  underWay.forEach((other) => {
    other.overtaken = true;
  });
  if (overtaken) await expire(({ queryKey }) => queryKey[0] === 'changes');
  else await show(client, ['changes'], last);
  // Of several acts at the bench the page shows what all of them come to: only the last answer holds it.
  if (client.isMutating({ mutationKey: BENCH_ACT }) > 1) {
    await readAgain(keys, ['bench']);
    return;
  }
  if (own) await show(client, own, await response.clone().json());
  // It was made before something else changed that it shows, and came after.
  const isOld = own !== undefined && shows(own, since);
  await readAgain(isOld ? [...keys, ...since] : keys, isOld ? undefined : own);
}

function ownKey(path: string): QueryKey | undefined {
  for (const [pattern, key] of answersWith) {
    const found = pattern.exec(path);
    if (found) return key(Number(found[1]));
  }
  return undefined;
}
