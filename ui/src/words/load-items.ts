import type { LoggedLoad } from '../server/types';
import { count, whole } from './figures';

/** A number of things of one bake of one batch, as a load holds them. */
export interface LoadItem {
  name: string;
  count: number;
  /** Things on the tray for one piece: 1, or its small parts. */
  unitsEach: number;
  batchName: string;
}

/** A number of pieces, or a number of small parts of pieces: "12 Lantern", "152 small parts of 8 Imp, teeth". */
export function itemWords({ name, count: n, unitsEach }: Omit<LoadItem, 'batchName'>): string {
  if (unitsEach === 1) return `${whole(n)} ${name}`;
  const pieces = n % unitsEach === 0 ? `${whole(n / unitsEach)} ` : '';
  return `${count(n, 'small part')} of ${pieces}${name}`;
}

/** The same with the batch it belongs to. */
export function itemsOfBatch(item: LoadItem): string {
  return `${itemWords(item)} (${item.batchName})`;
}

/** Everything in a load, in one line. */
export function inLoad(items: LoadItem[]): string {
  return items.map(itemsOfBatch).join('; ');
}

/** What a logged load held. */
export function loggedItems(items: LoggedLoad['items']): LoadItem[] {
  return items.map(({ name, batchName, unitsEach, item }) => ({ name, batchName, unitsEach, count: item.count }));
}
