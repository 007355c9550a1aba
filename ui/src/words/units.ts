import type { Settings, Span } from '../server/types';

/**
 * The units that the studio's figures are read and typed in. The server speaks millimetres, grams, °C and millilitres; they are
 * turned into the chosen units here, and back where they are typed, and nowhere else.
 */

export type Units = NonNullable<Settings['units']>;

/** Units of the server that are shown in others. */
export type Base = 'mm' | 'g' | '°C' | 'ml';

export interface Measure {
  /** How it is written after a figure. */
  unit: string;
  /** A value of the server as it is read. */
  shown: (value: number) => number;
  /** A value as it is read, for the server. */
  kept: (shown: number) => number;
  /** A value as a person would type it, when plain figures are not how it is written. */
  write?: (shown: number) => string | null;
  /** What an arrow key adds, as it is read. */
  step: number;
  /** Whether it is a difference of two temperatures: degrees of it have no zero. */
  between?: boolean;
}

const linear = (unit: string, per: number, step: number): Measure => ({
  unit,
  shown: (value) => value / per,
  kept: (shown) => shown * per,
  step,
});

const MM_PER_INCH = 25.4;
const G_PER_OUNCE = 28.349523125;
const ML_PER_FLUID_OUNCE = 29.5735295625;
const SIXTY_FOURTHS = 64;

/** "1 1/2", "3/64"; nothing when no sixty-fourth is near. */
function fraction(inches: number): string | null {
  const parts = Math.round(inches * SIXTY_FOURTHS);
  if (Math.abs(inches * SIXTY_FOURTHS - parts) > 0.02) return null;
  const sign = parts < 0 ? '-' : '';
  const whole = Math.floor(Math.abs(parts) / SIXTY_FOURTHS);
  let above = Math.abs(parts) % SIXTY_FOURTHS;
  let below = SIXTY_FOURTHS;
  while (above > 0 && above % 2 === 0) {
    above /= 2;
    below /= 2;
  }
  if (above === 0) return `${sign}${whole}`;
  return `${sign}${whole > 0 ? `${whole} ` : ''}${above}/${below}`;
}

const METRIC: Record<Base, Measure> = {
  mm: linear('mm', 1, 1),
  g: linear('g', 1, 1),
  '°C': linear('°C', 1, 1),
  ml: linear('ml', 1, 1),
};
export const INCHES = linear('in', MM_PER_INCH, 1 / 32);
const FRACTIONS: Measure = { ...INCHES, write: fraction };
export const OUNCES = linear('oz', G_PER_OUNCE, 0.05);
export const FLUID_OUNCES = linear('fl oz', ML_PER_FLUID_OUNCE, 0.05);
export const FAHRENHEIT: Measure = {
  unit: '°F',
  shown: (c) => c * 1.8 + 32,
  kept: (f) => (f - 32) / 1.8,
  step: 1,
};

/** Degrees between two temperatures. */
export const FAHRENHEIT_BETWEEN: Measure = { ...linear('°F', 1 / 1.8, 1), between: true };
const CELSIUS_BETWEEN: Measure = { ...METRIC['°C'], between: true };

/** Wire by gauge: each number up is a wire thinner by the same proportion. */
export const GAUGE: Measure = {
  unit: 'gauge',
  shown: (mm) => 36 - (39 * Math.log(mm / 0.127)) / Math.log(92),
  kept: (gauge) => 0.127 * 92 ** ((36 - gauge) / 39),
  write: (gauge) => String(Math.round(gauge * 10) / 10),
  step: 1,
};

let chosen: Units = {};

/** From now on figures are written in these units. */
export function chooseUnits(units: Units) {
  chosen = units;
}

export function units(): Units {
  return chosen;
}

/** How a unit of the server is read and typed; null for one that is the same everywhere. */
export function measureOf(unit: string, field = ''): Measure | null {
  if (unit === 'mm') {
    if (/gauge/i.test(field) && chosen.wire === 'GAUGE') return GAUGE;
    if (chosen.length === 'INCH') return INCHES;
    return chosen.length === 'INCH_FRACTION' ? FRACTIONS : METRIC.mm;
  }
  if (unit === 'g') return chosen.mass === 'OUNCE' ? OUNCES : METRIC.g;
  if (unit === '°C' && field === 'warmerC')
    return chosen.temperature === 'FAHRENHEIT' ? FAHRENHEIT_BETWEEN : CELSIUS_BETWEEN;
  if (unit === '°C') return chosen.temperature === 'FAHRENHEIT' ? FAHRENHEIT : METRIC['°C'];
  if (unit === 'ml') return chosen.volume === 'FLUID_OUNCE' ? FLUID_OUNCES : METRIC.ml;
  return null;
}

/** The range of a bare number that counts such a unit, as the studio reads that; the same where it reads it as the server does. */
export function spanIn(span: Span, unit: string): Span {
  return unitOf(unit) === unit ? span : { ...span, unit };
}

/** A unit of the server as it is written now. */
export function unitOf(unit: string, field = ''): string {
  return measureOf(unit, field)?.unit ?? unit;
}

/** The units of the server as they are written now, to stand after figures. */
export const u = {
  get mm() {
    return unitOf('mm');
  },
  get g() {
    return unitOf('g');
  },
  get c() {
    return unitOf('°C');
  },
  get ml() {
    return unitOf('ml');
  },
};

/** Whether figures are written as the server has them. */
export function areMetric(): boolean {
  return chosen.decimals !== 'COMMA' && (['mm', 'g', '°C', 'ml'] as const).every((base) => unitOf(base) === base);
}

/** Decimals after a point or a comma, as the studio writes them. */
export function marked(text: string): string {
  return chosen.decimals === 'COMMA' ? text.replace('.', ',') : text;
}

/** A difference of temperature as it is read: degrees of it have no zero. */
export function difference(celsius: number): string {
  return `${Math.round(unitOf('°C') === '°C' ? celsius : celsius * 1.8)}°`;
}

const QUANTITY =
  /(\bby |\bwithin |\bover )?(−|-)?(\d+(?:[.\u202f]\d+)*)((?: to | × )\d+(?:\.\d+)?(?: × \d+(?:\.\d+)?)?)? ?(mm|g|°C|ml)(?![\p{L}³²/])/gu;

/** Temperatures that makers speak of are further apart than what is said of how far one is off. */
const MOST_APART_C = 40;

const decimals: Record<Base, number> = { mm: 2, g: 2, '°C': 0, ml: 2 };

/**
 * A sentence of the server in the units of the studio. What stands after "by", "within" or "by over" is a difference: degrees of it
 * have no zero.
 */
export function inUnits(sentence: string): string {
  if (areMetric()) return sentence;
  return sentence.replace(
    QUANTITY,
    (
      found,
      before: string | undefined,
      sign: string | undefined,
      first: string,
      rest: string | undefined,
      unit: Base,
    ) => {
      const measure = measureOf(unit);
      if (!measure) return found;
      if (measure.unit === unit)
        return found.replaceAll(/(\d)\.(\d)/g, (_, a: string, b: string) => marked(`${a}.${b}`));
      const isDifference = unit === '°C' && before !== undefined && Number(first) <= MOST_APART_C;
      const turned = isDifference ? FAHRENHEIT_BETWEEN : measure;
      const one = (figures: string, minus = false) => {
        const shown = turned.shown((minus ? -1 : 1) * Number(figures.replaceAll('\u202f', '')));
        const scale = 10 ** (Math.abs(shown) < 1 ? decimals[unit] + 1 : decimals[unit]);
        return marked(String(Math.round(shown * scale) / scale)).replace('-', '−');
      };
      const others = rest?.replace(/\d+(?:\.\d+)?/g, (figures) => one(figures)) ?? '';
      return `${before ?? ''}${one(first, sign !== undefined)}${others} ${measure.unit}`;
    },
  );
}
