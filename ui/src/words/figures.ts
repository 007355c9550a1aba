import { marked, measureOf, u, unitOf, type Base } from './units';

export { u, unitOf };

/** Numbers as they stand on the page: never more figures than the bench can use. */

/** Thousands stand apart by a narrow space: a comma could be a decimal one. */
const THIN_SPACE = '\u202f';

const fixed = [0, 1, 2, 3].map(
  (digits) => new Intl.NumberFormat('en-GB', { minimumFractionDigits: digits, maximumFractionDigits: digits }),
);

function to(digits: number, value: number): string {
  return marked(apart((fixed[digits] ?? fixed[0])?.format(value) ?? ''));
}

/** A number of Intl's: four figures before the point stay together, more stand apart. */
function apart(text: string): string {
  return /\d\d,|,.*,/.test(text) ? text.replaceAll(',', THIN_SPACE) : text.replace(',', '');
}

/** Of a unit that is larger than a gram or a millimetre: three figures while it is small. */
function fine(shown: number): string {
  const size = Math.abs(shown);
  return to(size >= 99.95 ? 0 : size >= 9.995 ? 1 : size >= 0.995 ? 2 : 3, shown);
}

/** The figures of a mass, in the studio's unit: of grams a tenth, under a gram a hundredth, over a hundred whole; what would be 0.00 in tenths of a milligram. */
export function grams(value: number): string {
  const measure = measureOf('g');
  if (measure && measure.unit !== 'g') return fine(measure.shown(value));
  if (value >= 0.0001 && value < 0.0095) return marked(value.toFixed(4));
  return to(value >= 99.95 ? 0 : value < 0.995 ? 2 : 1, value);
}

/** The figures of a length, in the studio's unit: millimetres to the tenth, long ones whole. */
export function mm(value: number): string {
  const measure = measureOf('mm');
  if (measure && measure.unit !== 'mm')
    return measure.write?.(Math.round(measure.shown(value) * 64) / 64) ?? fine(measure.shown(value));
  return to(value >= 199.95 ? 0 : 1, value);
}

/** A value of the server as a person would type it, in the studio's unit. */
export function plainIn(unit: Base, value: number): string {
  const measure = measureOf(unit);
  return measure && measure.unit !== unit ? plain(roundedIn(unit, measure.shown(value))) : plain(value);
}

/** A value of the server without decimals, in the studio's unit; what would be nothing then keeps some. */
export function wholeIn(unit: Base, value: number): string {
  const measure = measureOf(unit);
  if (!measure || measure.unit === unit) return whole(value);
  return unit === '°C' ? whole(measure.shown(value)) : fine(measure.shown(value));
}

function roundedIn(unit: Base, shown: number): number {
  const scale = unit === '°C' ? 10 : Math.abs(shown) < 1 ? 1000 : 100;
  return Math.round(shown * scale) / scale;
}

/** Degrees with their sign alone, where there is no room for more. */
export function shortDegrees(celsius: number): string {
  return `${wholeIn('°C', celsius)}°`;
}

/** A length off a roll with its unit: centimetres, or inches. */
export function offRoll(millimetres: number): string {
  const measure = measureOf('mm');
  return measure && measure.unit !== 'mm'
    ? `${fine(measure.shown(millimetres))} ${measure.unit}`
    : `${whole(millimetres / 10)} cm`;
}

/** A figure and the unit it is in. */
interface Amount {
  value: string;
  unit: string;
}

/** A length of cord: metres, or inches. */
export function cordAmount(millimetres: number): Amount {
  const measure = measureOf('mm');
  return measure && measure.unit !== 'mm'
    ? { value: fine(measure.shown(millimetres)), unit: measure.unit }
    : { value: plain(Math.round(millimetres / 10) / 100), unit: 'm' };
}

/** A length of cord with its unit, in a sentence. */
export function ofCord(millimetres: number): string {
  const { value, unit } = cordAmount(millimetres);
  return `${value} ${unit}`;
}

/** An area: square centimetres, or square inches. */
export function areaAmount(squareMm: number): Amount {
  const measure = measureOf('mm');
  return measure && measure.unit !== 'mm'
    ? { value: fine(squareMm / 645.16), unit: 'in²' }
    : { value: plain(Math.round(squareMm / 10) / 10), unit: 'cm²' };
}

/** An area with its unit, in a sentence. */
export function area(squareMm: number): string {
  const { value, unit } = areaAmount(squareMm);
  return `${value} ${unit}`;
}

/** An amount in a unit of the server, as finely as it is asked for, in the studio's unit; unitOf names that. */
export function amountIn(unit: string | undefined, value: number, digits = 1): string {
  const measure = measureOf(unit ?? '');
  if (measure && measure.unit !== unit) return fine(measure.shown(value));
  return plain(Math.round(value * 10 ** digits) / 10 ** digits);
}

export function whole(value: number): string {
  return to(0, value);
}

export function percent(value: number): string {
  return to(0, value);
}

/** A number as a person would type it: no zeros that say nothing. */
export function plain(value: number): string {
  return marked(String(Math.round(value * 10000) / 10000));
}

const four = new Intl.NumberFormat('en-GB', { maximumSignificantDigits: 4 });
const tenth = new Intl.NumberFormat('en-GB', { maximumFractionDigits: 1 });
const ROUNDING_LEFT = 1e-9;

/** Up to four significant figures, of thousands the tenth too, for workings; what rounding left is nothing. */
export function significant(value: number): string {
  const size = Math.abs(value);
  if (size >= 10000) return to(0, value);
  return marked(apart((size >= 1000 ? tenth : four).format(size < ROUNDING_LEFT ? 0 : value)));
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
  return marked(apart(format.format(minor / 10 ** digits)));
}

/** How many minor units make a whole one. */
export function minorPerWhole(currency: string): number {
  return 10 ** (inCurrency(currency).resolvedOptions().maximumFractionDigits ?? 2);
}

/** "1 design", "12 designs", "5 batches". */
export function count(n: number, one: string, many = `${one}${/(?:s|x|ch|sh)$/.test(one) ? 'es' : 's'}`): string {
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
