/** Days and times as they stand on the page. The server speaks local time without a zone; so does this. */

const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
const fullDay = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short', year: 'numeric' });

const two = (n: number) => String(n).padStart(2, '0');

/** The ISO day of a date by the wall. */
function dayOf(date: Date): string {
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
}

/** A day, a time by the wall, or an instant; a date that is none when it is none of these. */
export function dateOf(iso: string): Date {
  return new Date(iso.length === 10 ? `${iso}T00:00:00` : iso);
}

export function isDate(iso: string): boolean {
  return !Number.isNaN(dateOf(iso).getTime());
}

/** What the wall shows at an instant; a time by the wall as it is. */
function wall(iso: string): string {
  if (!/(Z|[+-]\d\d:\d\d)$/.test(iso)) return iso;
  const date = dateOf(iso);
  return `${dayOf(date)}T${two(date.getHours())}:${two(date.getMinutes())}:${two(date.getSeconds())}`;
}

/** "Thu 26 Nov". */
export function dayName(iso: string): string {
  return isDate(iso) ? day.format(dateOf(iso)) : '…';
}

/** "Thu 26 Nov 2026", as a field shows a day. */
export function fullDayName(iso: string): string {
  return isDate(iso) ? fullDay.format(dateOf(iso)).replace(',', '') : iso;
}

const months = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

/**
 * The ISO day that was typed, as "8 Dec 2026", "Tue 8 December", "8.12.2026", "8/12" or "2026-12-08": the day before the
 * month. Without a year it is the next such day from {@code today} on. Null when it is no day.
 */
export function parseDay(text: string, today: string): string | null {
  const tidy = text.trim().toLowerCase();
  const iso = /^(\d{4})-(\d{1,2})-(\d{1,2})$/.exec(tidy);
  if (iso) return isoOf(Number(iso[1]), Number(iso[2]), Number(iso[3]));
  const parts = tidy
    .replace(/^[a-z]+\.?,?\s+(?=\d)/, '')
    .split(/[\s./,-]+/)
    .filter((part) => part !== '');
  const [first = '', second = '', third = ''] = parts;
  const named = months.findIndex((month) => second.startsWith(month));
  const month = /^\d{1,2}$/.test(second) ? Number(second) : named + 1;
  if (!/^\d{1,2}$/.test(first) || month < 1 || parts.length > 3) return null;
  if (third !== '') {
    if (!/^(\d{2}|\d{4})$/.test(third)) return null;
    return isoOf(Number(third) + (third.length === 2 ? 2000 : 0), month, Number(first));
  }
  const year = Number(today.slice(0, 4));
  const soon = isoOf(year, month, Number(first));
  return soon !== null && soon < today.slice(0, 10) ? isoOf(year + 1, month, Number(first)) : soon;
}

function isoOf(year: number, month: number, date: number): string | null {
  const day = new Date(year, month - 1, date);
  if (day.getFullYear() !== year || day.getMonth() !== month - 1 || day.getDate() !== date) return null;
  return dayOf(day);
}

/** The time of day that was typed, as "17:30", "9", "0930" or "5.30 pm"; null when it is none. */
export function parseTime(text: string): string | null {
  const found = /^(\d{1,2})(?:[:.h ]?(\d{2}))?\s*(am|pm)?$/.exec(text.trim().toLowerCase());
  if (!found) return null;
  const half = found[3];
  const hour = Number(found[1]);
  const minute = Number(found[2] ?? 0);
  if (minute > 59 || hour > (half ? 12 : 23) || (half && hour === 0)) return null;
  const of24 = half ? (hour % 12) + (half === 'pm' ? 12 : 0) : hour;
  return `${String(of24).padStart(2, '0')}:${String(minute).padStart(2, '0')}`;
}

/** "09:12". */
export function clock(iso: string): string {
  return wall(iso).slice(11, 16);
}

export function isoDay(iso: string): string {
  return wall(iso).slice(0, 10);
}

export function minutesBetween(from: string, to: string): number {
  return (dateOf(to).getTime() - dateOf(from).getTime()) / 60000;
}

/** The ISO day a number of days after another. */
export function plusDays(iso: string, days: number): string {
  const date = dateOf(isoDay(iso));
  date.setDate(date.getDate() + days);
  return dayOf(date);
}

/** The moment a number of minutes after another, to the minute. */
export function plusMinutes(iso: string, minutes: number): string {
  const date = dateOf(iso);
  date.setMinutes(date.getMinutes() + Math.round(minutes));
  return `${dayOf(date)}T${two(date.getHours())}:${two(date.getMinutes())}`;
}

/** "today", "tomorrow", or the day's name. */
export function relativeDay(iso: string, now: string): string {
  const to = isoDay(iso);
  if (to === isoDay(now)) return 'today';
  return to === plusDays(now, 1) ? 'tomorrow' : dayName(to);
}

/** Whole days from one day to another. */
export function daysBetween(from: string, to: string): number {
  return Math.round((dateOf(to).getTime() - dateOf(from).getTime()) / 86_400_000);
}
