import type { Clash } from '../server/merge';
import type { Unsaved } from '../server/unsaved';
import { inUnits } from './units';

const units: [string, string][] = [
  ['Percent', '%'],
  ['GPerCm3', 'g/cm³'],
  ['Minor', ''],
  ['Min', 'min'],
  ['Deg', '°'],
  ['Kwh', 'kWh'],
  ['Mm', 'mm'],
  ['Um', 'µm'],
  ['G', 'g'],
  ['C', '°C'],
  ['M', 'm'],
];

/** What clashes, in words: "Tower height: 52 mm here, 54 mm there." */
export function clashWords(entry: Unsaved): string {
  return inUnits(entry.clashes.map((clash) => wordsOf(clash, entry.form)).join(' '));
}

function wordsOf({ path, mine, theirs }: Clash, form: unknown): string {
  const steps = path.split(/[.[\]]+/).filter(Boolean);
  const names: string[] = [];
  let at: unknown = form;
  for (const step of steps) {
    at = (at as Record<string, unknown> | undefined)?.[step];
    const name = (at as { name?: unknown } | undefined)?.name;
    if (typeof name === 'string') names.push(name);
  }
  const field = steps.at(-1) ?? '';
  const [suffix, unit] = units.find(([end]) => field.endsWith(end)) ?? ['', ''];
  const label = field
    .slice(0, field.length - suffix.length)
    .replace(/([A-Z])/g, ' $1')
    .toLowerCase();
  return `${[...names, label].join(', ')}: ${shown(mine, unit)} here, ${shown(theirs, unit)} there.`;
}

function shown(value: unknown, unit: string): string {
  if (value === undefined || value === null) return 'nothing';
  if (Array.isArray(value)) return `a list of ${value.length}`;
  if (typeof value === 'object') return 'something else';
  if (typeof value === 'number') return `${value} ${unit}`.trim();
  return typeof value === 'string' ? value : JSON.stringify(value);
}
