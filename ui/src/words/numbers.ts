/** Numbers as people type them. */

export interface Understood {
  value: number | null;
  /** Why there is none, and what to do. */
  complaint: string | null;
}

const inMm: Record<string, number> = { mm: 1, cm: 10, m: 1000, in: 25.4, '"': 25.4 };
const inGrams: Record<string, number> = { g: 1, kg: 1000, oz: 28.349523125 };
const inMinutes: Record<string, number> = { min: 1, h: 60, s: 1 / 60 };

/** How many of a field's unit make one of another that may be typed in its place; none when they do not go together. */
function price(typed: string, unit: string): number | null {
  if (typed.toLowerCase() === unit.toLowerCase()) return 1;
  if (typed === '°' && unit === '°C') return 1;
  for (const known of [inMm, inGrams, inMinutes]) {
    const from = known[typed.toLowerCase()];
    const to = known[unit];
    if (from !== undefined && to !== undefined) return from / to;
  }
  return null;
}

function no(complaint: string): Understood {
  return { value: null, complaint };
}

/** A number without its unit: decimals after a point or comma, thousands apart by spaces, fractions such as 1 1/2. */
function plainNumber(text: string): Understood {
  const tidy = text.replace(/−/g, '-').replace(/[\u00a0\u202f]/g, ' ');
  const fraction = /^(-?)(?:(\d+) +)?(\d+)\s*\/\s*(\d+)$/.exec(tidy);
  if (fraction) {
    const [, sign, whole = '0', above, below] = fraction;
    if (Number(below) === 0) return no('You cannot divide by 0.');
    return { value: (sign ? -1 : 1) * (Number(whole) + Number(above) / Number(below)), complaint: null };
  }
  if (/^-?[1-9]\d{0,2},\d{3}$/.test(tidy)) {
    const [before, after] = tidy.split(',');
    return no(`“${tidy}” can mean two numbers. Type ${before}${after} or ${before}.${after}.`);
  }
  const grouped = /^-?\d{1,3}( \d{3})+([.,]\d+)?$/.test(tidy) ? tidy.replace(/ /g, '') : tidy;
  const commas = /^-?\d{1,3}(,\d{3})+\.\d+$/.test(grouped) ? grouped.replace(/,/g, '') : grouped;
  const points = /^-?\d{1,3}(\.\d{3})+,\d+$/.test(commas) ? commas.replace(/\./g, '') : commas;
  const decimal = points.replace(',', '.');
  return /^-?(\d+\.?\d*|\.\d+)$/.test(decimal) ? { value: Number(decimal), complaint: null } : no('');
}

/** What somebody typed into a field of a unit, or why it cannot be understood. */
export function understand(typed: string, unit: string): Understood {
  const text = typed.trim();
  if (text === '') return no('A number is missing.');
  const [, digits = '', letters = ''] = /^([-−]?[\d.,\s/\u00a0\u202f]*?)\s*([^\d\s.,/-][^\d]*)?$/u.exec(text) ?? [];
  const number = plainNumber(digits.trim());
  const shown = text.length > 20 ? `${text.slice(0, 20)}…` : text;
  if (number.value === null) return number.complaint ? number : no(`“${shown}” is not a number.`);
  if (!letters) return number;
  const times = price(letters.trim(), unit);
  if (times !== null) return { value: Math.round(number.value * times * 1e6) / 1e6, complaint: null };
  return no(`“${shown}” is not in ${unit || 'this unit'}. Type only the number${unit ? ` of ${unit}` : ''}.`);
}
