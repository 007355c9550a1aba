import { areMetric, inUnits } from './units';

/** Where an answer holds sentences of the server's own, never words that somebody typed. */
const SENTENCES = new Set([
  'message',
  'fix',
  'found',
  'allowed',
  'detail',
  'instead',
  'undo',
  'redo',
  'advice',
  'stays',
]);

/** The same answer with its sentences in the units of the studio. */
export function inStudiosUnits(data: unknown): unknown {
  return areMetric() ? data : reworded(data, false);
}

function reworded(data: unknown, sentence: boolean): unknown {
  if (typeof data === 'string') return sentence ? inUnits(data) : data;
  if (Array.isArray(data)) return data.map((one) => reworded(one, sentence));
  if (typeof data !== 'object' || data === null) return data;
  return Object.fromEntries(Object.entries(data).map(([key, value]) => [key, reworded(value, SENTENCES.has(key))]));
}
