import { FAHRENHEIT, FAHRENHEIT_BETWEEN, FLUID_OUNCES, GAUGE, INCHES, OUNCES, units, type Measure } from './units';

/** Numbers as people type them, in whatever unit they write after them. */

export interface Understood {
  value: number | null;
  /** Why there is none, and what to do. */
  complaint: string | null;
}

type Kind = Record<string, (typed: number) => number>;

const times = (factor: number) => (typed: number) => typed * factor;
const inMm: Kind = {
  mm: times(1),
  cm: times(10),
  m: times(1000),
  in: INCHES.kept,
  inch: INCHES.kept,
  inches: INCHES.kept,
  '"': INCHES.kept,
  '″': INCHES.kept,
  ft: (feet) => INCHES.kept(12 * feet),
  gauge: GAUGE.kept,
  ga: GAUGE.kept,
};
const inGrams: Kind = { g: times(1), kg: times(1000), oz: OUNCES.kept, lb: (pounds) => OUNCES.kept(16 * pounds) };
const inMinutes: Kind = { min: times(1), h: times(60), s: times(1 / 60) };
const inCelsius: Kind = { '°c': times(1), c: times(1), '°f': FAHRENHEIT.kept, f: FAHRENHEIT.kept };
const betweenCelsius: Kind = { ...inCelsius, '°f': FAHRENHEIT_BETWEEN.kept, f: FAHRENHEIT_BETWEEN.kept };
const inMl: Kind = { ml: times(1), l: times(1000), 'fl oz': FLUID_OUNCES.kept, floz: FLUID_OUNCES.kept };
const bases: Record<string, Kind> = { mm: inMm, g: inGrams, min: inMinutes, '°C': inCelsius, ml: inMl };

/** A number with a unit after it in the field's unit; null when they do not go together. */
function converted(value: number, typed: string, unit: string, between: boolean): number | null {
  const word = typed.toLowerCase().replace(/\s+/g, ' ').replace(/\.$/, '');
  if (word === unit.toLowerCase()) return value;
  const known = between ? betweenCelsius : bases[unit];
  if (known) return known[word]?.(value) ?? null;
  for (const [base, kind] of Object.entries(bases)) {
    const to = kind[unit.toLowerCase()]?.(1);
    const from = kind[word];
    if (to !== undefined && from && base !== '°C') return from(value) / to;
  }
  return null;
}

function no(complaint: string): Understood {
  return { value: null, complaint };
}

const ready: Record<string, string> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅛': '1/8',
  '⅜': '3/8',
  '⅝': '5/8',
  '⅞': '7/8',
};

/** The same text with spaces of one kind, fractions written out and their whole apart: "1½" and "1-1/2" are "1 1/2". */
function tidied(text: string): string {
  return text
    .replace(/−/g, '-')
    .replace(/[\u00a0\u202f]/g, ' ')
    .replace(/[½¼¾⅛⅜⅝⅞]/g, (sign) => ` ${ready[sign] ?? ''}`)
    .replace(/(\d)-(\d+\s*\/)/, '$1 $2')
    .trim();
}

/** A number without its unit: decimals after a point or comma, thousands apart by spaces, fractions such as 1 1/2. */
function plainNumber(tidy: string): Understood {
  const fraction = /^(-?)(?:(\d+) +)?(\d+)\s*\/\s*(\d+)$/.exec(tidy);
  if (fraction) {
    const [, sign, whole = '0', above, below] = fraction;
    if (Number(below) === 0) return no('You cannot divide by 0.');
    return { value: (sign ? -1 : 1) * (Number(whole) + Number(above) / Number(below)), complaint: null };
  }
  const unclear = units().decimals === 'COMMA' ? /^-?[1-9]\d{0,2}[.,]\d{3}$/ : /^-?[1-9]\d{0,2},\d{3}$/;
  if (unclear.test(tidy)) {
    const [before, after] = tidy.split(/[.,]/);
    const other = units().decimals === 'COMMA' ? `${before},${after}0` : `${before}.${after}`;
    return no(`“${tidy}” can mean two numbers. Type ${before}${after} or ${other}.`);
  }
  const grouped = /^-?\d{1,3}( \d{3})+([.,]\d+)?$/.test(tidy) ? tidy.replace(/ /g, '') : tidy;
  const commas = /^-?\d{1,3}(,\d{3})+\.\d+$/.test(grouped) ? grouped.replace(/,/g, '') : grouped;
  const points = /^-?\d{1,3}(\.\d{3})+,\d+$/.test(commas) ? commas.replace(/\./g, '') : commas;
  const decimal = points.replace(',', '.');
  return /^-?(\d+\.?\d*|\.\d+)$/.test(decimal) ? { value: Number(decimal), complaint: null } : no('');
}

/**
 * What somebody typed into a field, in the unit of the server, or why it cannot be understood.
 *
 * @param unit of the server
 * @param shownIn how the field is read, for a number without a unit; null where that is the unit of the server
 */
export function understand(typed: string, unit: string, shownIn: Measure | null = null): Understood {
  const text = tidied(typed);
  if (text === '') return no('A number is missing.');
  const [, digits = '', letters = ''] = /^(-?[\d.,\s/]*?)\s*([^\d\s.,/-][^\d]*)?$/u.exec(text) ?? [];
  const number = plainNumber(digits.trim());
  const shown = text.length > 20 ? `${text.slice(0, 20)}…` : text;
  const unitName = shownIn?.unit ?? unit;
  if (number.value === null) return number.complaint ? number : no(`“${shown}” is not a number.`);
  const rounded = (value: number) => ({ value: Math.round(value * 1e6) / 1e6, complaint: null });
  if (!letters) return shownIn && unitName !== unit ? rounded(shownIn.kept(number.value)) : number;
  // A degree sign alone says nothing but what the field says already.
  if (letters.trim() === '°' && unit === '°C') return rounded(shownIn ? shownIn.kept(number.value) : number.value);
  const value = converted(number.value, letters.trim(), unit, shownIn?.between ?? false);
  if (value !== null) return rounded(value);
  return no(
    `“${shown}” is not in ${unitName || 'this unit'}. Type only the number${unitName ? ` of ${unitName}, or one with a unit that fits` : ''}.`,
  );
}
