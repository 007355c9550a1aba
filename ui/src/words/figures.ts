/** Numbers as they stand on the page: never more figures than the bench can use. */

/** Thousands stand apart by a narrow space: a comma could be a decimal one. */
const THIN_SPACE = '\u202f';

const fixed = [0, 1, 2, 3].map(
  (digits) => new Intl.NumberFormat('en-GB', { minimumFractionDigits: digits, maximumFractionDigits: digits }),
);

function to(digits: number, value: number): string {
  return apart((fixed[digits] ?? fixed[0])?.format(value) ?? '');
}

/** A number of Intl's: four figures before the point stay together, more stand apart. */
function apart(text: string): string {
  return /\d\d,|,.*,/.test(text) ? text.replaceAll(',', THIN_SPACE) : text.replace(',', '');
}

/** Grams: a tenth, under a gram a hundredth, over a hundred grams whole; what would be 0.00 in tenths of a milligram. */
export function grams(value: number): string {
  if (value >= 0.0001 && value < 0.0095) return value.toFixed(4);
  return to(value >= 99.95 ? 0 : value < 0.995 ? 2 : 1, value);
}

/** Millimetres to the tenth; long ones whole. */
export function mm(value: number): string {
  return to(value >= 199.95 ? 0 : 1, value);
}

export function whole(value: number): string {
  return to(0, value);
}

export function percent(value: number): string {
  return to(0, value);
}

/** A number as a person would type it: no zeros that say nothing. */
export function plain(value: number): string {
  return String(Math.round(value * 10000) / 10000);
}

const four = new Intl.NumberFormat('en-GB', { maximumSignificantDigits: 4 });
const tenth = new Intl.NumberFormat('en-GB', { maximumFractionDigits: 1 });
const ROUNDING_LEFT = 1e-9;

/** Up to four significant figures, of thousands the tenth too, for workings; what rounding left is nothing. */
export function significant(value: number): string {
  const size = Math.abs(value);
  if (size >= 10000) return to(0, value);
  return apart((size >= 1000 ? tenth : four).format(size < ROUNDING_LEFT ? 0 : value));
}

/** "34 min", "2 h 05 min". */
export function minutes(value: number): string {
  const rounded = Math.round(value);
  if (rounded < 60) return `${rounded} min`;
  return `${Math.floor(rounded / 60)} h ${String(rounded % 60).padStart(2, '0')} min`;
}

/** "04:12", "1:04:12". */
export function stopwatch(seconds: number): string {
  const s = Math.max(0, Math.floor(seconds));
  const two = (n: number) => String(n).padStart(2, '0');
  const hours = Math.floor(s / 3600);
  return `${hours > 0 ? `${hours}:` : ''}${two(Math.floor(s / 60) % 60)}:${two(s % 60)}`;
}

const currencies = new Map<string, Intl.NumberFormat>();

function inCurrency(currency: string): Intl.NumberFormat {
  const known = currencies.get(currency);
  if (known) return known;
  const format = /^[A-Z]{3}$/.test(currency)
    ? new Intl.NumberFormat('en-GB', { style: 'currency', currency })
    : new Intl.NumberFormat('en-GB', { minimumFractionDigits: 2, maximumFractionDigits: 2 });
  currencies.set(currency, format);
  return format;
}

/** Money from whole minor units, with its currency. */
export function money(minor: number, currency: string): string {
  const format = inCurrency(currency);
  const digits = format.resolvedOptions().maximumFractionDigits ?? 2;
  return apart(format.format(minor / 10 ** digits));
}

/** How many minor units make a whole one. */
export function minorPerWhole(currency: string): number {
  return 10 ** (inCurrency(currency).resolvedOptions().maximumFractionDigits ?? 2);
}

/** "1 design", "12 designs". */
export function count(n: number, one: string, many = `${one}s`): string {
  return `${whole(n)} ${n === 1 ? one : many}`;
}

/** "once", "twice", "3 times". */
export function times(n: number): string {
  return n === 1 ? 'once' : n === 2 ? 'twice' : `${whole(n)} times`;
}

/** Degrees to the tenth. */
export function degrees(value: number): string {
  return `${to(1, value)}°`;
}
