/** Merging of two changes that were made to the same thing in two windows. */

/** A place where both changed, to different values. */
export interface Clash {
  path: string;
  mine: unknown;
  theirs: unknown;
}

export interface Merged<F> {
  /** Both changes; mine where they clash. */
  mine: F;
  /** Both changes; theirs where they clash. */
  theirs: F;
  clashes: Clash[];
}

type Fields = Record<string, unknown>;

function isFields(value: unknown): value is Fields {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

export function isSame(a: unknown, b: unknown): boolean {
  if (a === b) return true;
  if (Array.isArray(a) && Array.isArray(b)) return a.length === b.length && a.every((item, i) => isSame(item, b[i]));
  if (!isFields(a) || !isFields(b)) return false;
  const names = new Set([...Object.keys(a), ...Object.keys(b)]);
  return [...names].every((name) => isSame(a[name], b[name]));
}

/** What two changes of one thing come to together: field by field, and in lists place by place. */
export function merge<F>(base: F, mine: F, theirs: F): Merged<F> {
  return at('', base, mine, theirs) as Merged<F>;
}

function at(path: string, base: unknown, mine: unknown, theirs: unknown): Merged<unknown> {
  if (isSame(mine, theirs) || isSame(base, theirs)) return { mine, theirs: mine, clashes: [] };
  if (isSame(base, mine)) return { mine: theirs, theirs, clashes: [] };
  if (isFields(base) && isFields(mine) && isFields(theirs)) return fields(path, base, mine, theirs);
  if (Array.isArray(base) && Array.isArray(mine) && Array.isArray(theirs)) {
    const merged = list(path, base, mine, theirs);
    if (merged) return merged;
  }
  return { mine, theirs, clashes: [{ path, mine, theirs }] };
}

function fields(path: string, base: Fields, mine: Fields, theirs: Fields): Merged<Fields> {
  const merged: Merged<Fields> = { mine: {}, theirs: {}, clashes: [] };
  for (const name of new Set([...Object.keys(mine), ...Object.keys(theirs)])) {
    const one = at(path ? `${path}.${name}` : name, base[name], mine[name], theirs[name]);
    if (one.mine !== undefined) merged.mine[name] = one.mine;
    if (one.theirs !== undefined) merged.theirs[name] = one.theirs;
    merged.clashes.push(...one.clashes);
  }
  return merged;
}

/** Lists as long as they were, or longer in one of the two: what was added comes last. */
function list(path: string, base: unknown[], mine: unknown[], theirs: unknown[]): Merged<unknown[]> | null {
  const long = base.length;
  if (mine.length < long || theirs.length < long || (mine.length > long && theirs.length > long)) return null;
  const merged: Merged<unknown[]> = { mine: [], theirs: [], clashes: [] };
  for (let i = 0; i < long; i += 1) {
    const one = at(`${path}[${i}]`, base[i], mine[i], theirs[i]);
    merged.mine.push(one.mine);
    merged.theirs.push(one.theirs);
    merged.clashes.push(...one.clashes);
  }
  const added = [...mine.slice(long), ...theirs.slice(long)];
  merged.mine.push(...added);
  merged.theirs.push(...added);
  return merged;
}
