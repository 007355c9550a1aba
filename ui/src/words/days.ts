import { units } from './units';

/** Days and times as they stand on the page. The server speaks local time without a zone; so does this. */

const weekday = new Intl.DateTimeFormat('en-GB', { weekday: 'short' });
const month = new Intl.DateTimeFormat('en-GB', { month: 'short' });

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

/** "Thu 26 Nov", or the month before the day where the studio writes it so. */
export function dayName(iso: string): string {
  if (!isDate(iso)) return '…';
  const date = dateOf(iso);
  const words =
    (units().dates ?? 'DAY_FIRST') === 'DAY_FIRST'
      ? `${date.getDate()} ${month.format(date)}`
      : `${month.format(date)} ${date.getDate()}`;
  return `${weekday.format(date)} ${words}`;
}

/** "Thu 26 Nov 2026", "Thu Nov 26, 2026" or "Thu 2026-11-26", as a field shows a day. */
export function fullDayName(iso: string): string {
  if (!isDate(iso)) return iso;
  const date = dateOf(iso);
  const order = units().dates ?? 'DAY_FIRST';
  if (order === 'YEAR_FIRST') return `${weekday.format(date)} ${dayOf(date)}`;
  return `${dayName(iso)}${order === 'MONTH_FIRST' ? ',' : ''} ${date.getFullYear()}`;
}

const months = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const days = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'];

/** The number of a month that is named; 0 for what names none. */
function named(part: string): number {
  return /^[a-z]{3}/.test(part) ? months.indexOf(part.slice(0, 3)) + 1 : 0;
}

/**
 * The ISO day that was typed, as "8 Dec 2026", "Tue 8 December", "Dec 8", "8.12.2026", "8/12" or "2026-12-08"; where months are
 * figures they stand as the studio writes its days. Without a year it is the next such day from {@code today} on. Null when it is
 * no day.
 */
export function parseDay(text: string, today: string): string | null {
  const parts = text
    .trim()
    .toLowerCase()
    .split(/[\s./,-]+/)
    .filter((part) => part !== '');
  if (parts.length > 0 && days.some((day) => parts[0]?.startsWith(day))) parts.shift();
  if (parts.length < 2 || parts.length > 3) return null;
  const [a = '', b = '', c = ''] = parts;
  const year = /^\d{4}$/.test(a) ? a : c;
  const [first, second] = /^\d{4}$/.test(a) ? [b, c] : [a, b];
  if (year !== '' && !/^(\d{2}|\d{4})$/.test(year)) return null;
  const yearFirst = year === a;
  const monthFirst =
    named(first) > 0 || (named(second) === 0 && (yearFirst || (units().dates ?? 'DAY_FIRST') !== 'DAY_FIRST'));
  const [monthPart, dayPart] = monthFirst ? [first, second] : [second, first];
  const monthNumber = named(monthPart) || (/^\d{1,2}$/.test(monthPart) ? Number(monthPart) : 0);
  if (!/^\d{1,2}$/.test(dayPart) || monthNumber < 1) return null;
  if (year !== '') return isoOf(Number(year) + (year.length === 2 ? 2000 : 0), monthNumber, Number(dayPart));
  const thisYear = Number(today.slice(0, 4));
  const soon = isoOf(thisYear, monthNumber, Number(dayPart));
  return soon !== null && soon < today.slice(0, 10) ? isoOf(thisYear + 1, monthNumber, Number(dayPart)) : soon;
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

/** The time of day of the wall, "09:12", whatever the studio reads it as. */
export function isoTime(iso: string): string {
  return wall(iso).slice(11, 16);
}

/** "09:12", or "9:12 am". */
export function clock(iso: string): string {
  return timeName(isoTime(iso));
}

/** A time of day such as "17:30" as the studio reads it. */
export function timeName(time: string): string {
  if (units().clock !== 'HOURS_12') return time.slice(0, 5);
  const hour = Number(time.slice(0, 2));
  return `${hour % 12 || 12}:${time.slice(3, 5)} ${hour < 12 ? 'am' : 'pm'}`;
}

/** An hour at a scale of the day: "09", or "9 am". */
export function hourName(hour: number): string {
  if (units().clock !== 'HOURS_12') return two(hour);
  return `${hour % 12 || 12} ${hour % 24 < 12 ? 'am' : 'pm'}`;
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
