import type { LoggedLoad } from '../server/types';
import { count, whole } from './figures';

/** So many things of one bake of one run, as a load holds them. */
export interface LoadThing {
  name: string;
  count: number;
  /** Things on the tray for one piece: 1, or its small parts. */
  unitsEach: number;
  runName: string;
}

/** So many pieces, or so many small parts of pieces: "12 Lantern", "152 small parts of 8 Imp, teeth". */
export function things({ name, count: n, unitsEach }: Omit<LoadThing, 'runName'>): string {
  if (unitsEach === 1) return `${whole(n)} ${name}`;
  const pieces = n % unitsEach === 0 ? `${whole(n / unitsEach)} ` : '';
  return `${count(n, 'small part')} of ${pieces}${name}`;
}

/** The same with the run it belongs to. */
export function thingsOfRun(item: LoadThing): string {
  return `${things(item)} (${item.runName})`;
}

/** Everything in a load, in one line. */
export function inLoad(items: LoadThing[]): string {
  return items.map(thingsOfRun).join('; ');
}

/** What a logged load held. */
export function loggedThings(items: LoggedLoad['items']): LoadThing[] {
  return items.map(({ name, runName, unitsEach, item }) => ({ name, runName, unitsEach, count: item.count }));
}
