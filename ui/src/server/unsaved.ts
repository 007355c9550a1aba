import { askingHeader } from './maker';
import { followed, rereadAll } from './changes';
import { Problem, problemOf, type InputError } from './client';
import { mayBeGone, onBack } from './connection';
import { isSame, merge, type Clash } from './merge';

/**
 * What was typed and is not saved yet, of every thing there is: it outlives the place it was typed in, a server that does not
 * answer, and the page itself. Each is sent with the edition at which typing began; when there is a newer one by then, both
 * changes are merged, and only where they clash somebody has to choose.
 */

const SETTLED_MS = 900;
const AGAIN_MS = 1500;
const STORED = 'fair-ember unsaved ';

export interface Saved<F> {
  edition: number;
  form: F;
}

export interface Unsaved<F = unknown> {
  /** Where it is saved, such as "/api/designs/3". */
  path: string;
  /** What the thing is called. */
  name: string;
  /** What the change was made to. */
  base: Saved<F>;
  /** What it is to be. */
  form: F;
  state: 'typing' | 'saving' | 'waiting' | 'refused' | 'clash' | 'saved';
  problem: Problem | null;
  clashes: Clash[];
  /** What there is where it clashes, with all else merged; and the newer edition. */
  theirs: Saved<F> | null;
}

const entries = new Map<string, Unsaved>();
const timers = new Map<string, ReturnType<typeof setTimeout>>();
/** The edition this window saved last, by path: what is on the screen may be older for a moment. */
const lastSaved = new Map<string, number>();
const listeners = new Set<() => void>();
let all: Unsaved[] = [];
let studio = '';
/** This window, by a name that no other has. */
let here = '';
/** Other windows whose end is waited for. */
const awaited = new Set<string>();

function set(entry: Unsaved | { path: string; gone: true }) {
  if ('gone' in entry) entries.delete(entry.path);
  else entries.set(entry.path, entry);
  all = [...entries.values()];
  listeners.forEach((listener) => listener());
}

export function subscribe(listener: () => void): () => void {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

export function unsavedAt(path: string): Unsaved | undefined {
  return entries.get(path);
}

export function allUnsaved(): Unsaved[] {
  return all;
}

/** Changes a thing and gives what it is now; it is sent when nothing was typed for a moment, or when it is settled. */
export function change<F>(path: string, name: string, saved: Saved<F>, how: (form: F) => F): F {
  const before = entries.get(path) as Unsaved<F> | undefined;
  const form = how(before?.form ?? saved.form);
  const base = before && before.state !== 'saved' ? before.base : (before?.base ?? saved);
  const state = before?.state === 'saving' || before?.state === 'clash' ? before.state : 'typing';
  set({ clashes: [], theirs: null, ...before, path, name, base, form, state, problem: null });
  later(path, SETTLED_MS);
  return form;
}

function later(path: string, ms: number) {
  clearTimeout(timers.get(path));
  timers.set(
    path,
    setTimeout(() => void send(path), ms),
  );
}

/** Sends what was typed now, as when a field is left. */
export function settle(path: string) {
  const state = entries.get(path)?.state;
  if (state === 'typing' || state === 'waiting') void send(path);
}

/** The newest edition of a thing once nothing of it is on its way any more; what is not saved by then is given up. */
export async function settled(path: string, edition: number): Promise<number> {
  settle(path);
  while (entries.get(path)?.state === 'saving') await new Promise((later) => setTimeout(later, 50));
  if (entries.has(path)) discard(path);
  return Math.max(edition, lastSaved.get(path) ?? 0);
}

/** Whether anything that was typed is on its way, or will be in a moment. */
export function isSending(): boolean {
  return all.some(({ state }) => state === 'typing' || state === 'saving');
}

/** Sends all that was typed now, and waits for the answers; what is refused or cannot be sent is not waited for. */
export async function allSent(): Promise<void> {
  while (isSending()) {
    all.forEach(({ path }) => settle(path));
    await new Promise((later) => setTimeout(later, 20));
  }
}

/** Gives up what was typed. */
export function discard(path: string) {
  clearTimeout(timers.get(path));
  set({ path, gone: true });
}

/** Ends a clash: with what was typed here, or with what was saved in the other window. */
export function choose(path: string, whose: 'mine' | 'theirs') {
  const entry = entries.get(path);
  if (!entry?.theirs) return;
  const form = whose === 'mine' ? entry.form : entry.theirs.form;
  set({
    ...entry,
    base: { edition: entry.theirs.edition, form: null },
    form,
    state: 'typing',
    clashes: [],
    theirs: null,
  });
  void send(path);
}

/** The page has what was saved. */
export function seen(path: string, edition: number) {
  const entry = entries.get(path);
  if (entry?.state === 'saved' && edition >= entry.base.edition) set({ path, gone: true });
}

function put(path: string, edition: number, form: unknown, leaving: boolean): Promise<Response> {
  return fetch(`${path}?edition=${edition}`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json', ...askingHeader() },
    body: JSON.stringify(form),
    keepalive: leaving,
  });
}

async function send(path: string): Promise<void> {
  const entry = entries.get(path);
  if (!entry || (entry.state !== 'typing' && entry.state !== 'waiting')) return;
  clearTimeout(timers.get(path));
  set({ ...entry, state: 'saving', problem: null });
  const { form, base } = entry;
  let response: Response;
  try {
    ({ response } = await followed(path, 'PUT', () => put(path, base.edition, form, false)));
  } catch {
    wait(path);
    void mayBeGone();
    return;
  }
  if (response.ok) {
    saved(path, { edition: base.edition + 1, form });
    return;
  }
  const problem = await problemOf(response);
  if (problem.status === 409 && problem.current) outdated(path, problem.current as Saved<unknown>);
  else if (problem.status === 503) wait(path);
  else {
    const now = entries.get(path);
    if (!now) return;
    // What was typed since is tried by itself; else it stays as it was typed, with what is wrong.
    if (now.form === form) {
      set({ ...now, state: 'refused', problem });
      store();
    } else {
      set({ ...now, state: 'typing' });
      later(path, SETTLED_MS);
    }
  }
}

function wait(path: string) {
  const now = entries.get(path);
  if (!now) return;
  set({ ...now, state: 'waiting' });
  store();
  later(path, AGAIN_MS);
}

function saved(path: string, next: Saved<unknown>) {
  lastSaved.set(path, next.edition);
  const now = entries.get(path);
  if (!now) return;
  if (now.form === next.form) set({ ...now, base: next, state: 'saved' });
  else {
    set({ ...now, base: next, state: 'typing' });
    later(path, SETTLED_MS);
  }
  store();
}

function outdated(path: string, current: Saved<unknown>) {
  const now = entries.get(path);
  if (!now) return;
  const { base, form } = now;
  if (isSame(form, current.form)) {
    saved(path, { edition: current.edition, form });
    return;
  }
  const merged = merge(base.form ?? form, form, current.form);
  if (merged.clashes.length === 0) {
    set({ ...now, base: current, form: merged.mine, state: 'typing' });
    void send(path);
    return;
  }
  const theirs = { edition: current.edition, form: merged.theirs };
  set({ ...now, form: merged.mine, state: 'clash', clashes: merged.clashes, theirs });
  store();
}

/** Keeps what is not saved in this browser, for when the window is closed before it is. */
function store() {
  const left = all
    .filter((entry) => entry.state !== 'saved')
    .map(({ path, name, base, form }) => ({ path, name, base, form }));
  try {
    if (left.length === 0) localStorage.removeItem(STORED + here);
    else localStorage.setItem(STORED + here, JSON.stringify({ studio, left }));
  } catch {
    // A browser that keeps nothing still sends it when the page is left.
  }
}

/** Takes up what another window left, as far as it belongs to this studio. */
function takeUp(key: string) {
  try {
    const kept = JSON.parse(localStorage.getItem(key) ?? 'null') as { studio: string; left: Unsaved[] } | null;
    if (kept?.studio !== studio) return;
    localStorage.removeItem(key);
    for (const entry of kept.left) {
      if (entries.has(entry.path)) continue;
      set({ ...entry, state: 'typing', problem: null, clashes: [], theirs: null });
      void send(entry.path);
    }
    store();
  } catch {
    // What cannot be read is no change that could be saved.
  }
}

/** Takes up what another window keeps as soon as it is open no more. */
function takeUpLater(key: string | null) {
  if (!key?.startsWith(STORED) || awaited.has(key)) return;
  awaited.add(key);
  void navigator.locks.request(key, () => {
    awaited.delete(key);
    takeUp(key);
  });
}

/** Holds a lock as long as this window is open, and looks for what others keep, now and later. */
function watchWindows() {
  if (here || !window.isSecureContext) return;
  here = crypto.randomUUID();
  void navigator.locks.request(STORED + here, () => new Promise(() => undefined));
  Object.keys(localStorage).forEach(takeUpLater);
  window.addEventListener('storage', (event) => takeUpLater(event.key));
}

function leaving() {
  for (const entry of all) {
    if (entry.state === 'typing' || entry.state === 'waiting') {
      put(entry.path, entry.base.edition, entry.form, true).catch(() => undefined);
    }
  }
  store();
}

/** Begins to keep what is not saved, and takes up what was not saved in a window that is closed. */
export function beginUnsaved(of: string): () => void {
  studio = of;
  watchWindows();
  const back = onBack(() => {
    all.filter((entry) => entry.state === 'waiting').forEach((entry) => void send(entry.path));
    void rereadAll();
  });
  window.addEventListener('pagehide', leaving);
  return () => {
    back();
    window.removeEventListener('pagehide', leaving);
  };
}

export function errorsIn(entry: Unsaved | undefined): InputError[] {
  return entry?.problem?.errors ?? none;
}

const none: InputError[] = [];
