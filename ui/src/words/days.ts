/** Days and times as they stand on the page. The server speaks local time without a zone; so does this. */

const day = new Intl.DateTimeFormat('en-GB', { weekday: 'short', day: 'numeric', month: 'short' });
const weekday = new Intl.DateTimeFormat('en-GB', { weekday: 'long' });

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
  const two = (n: number) => String(n).padStart(2, '0');
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}T${two(date.getHours())}:${two(date.getMinutes())}:${two(date.getSeconds())}`;
}

/** "Thu 26 Nov". */
export function dayName(iso: string): string {
  return isDate(iso) ? day.format(dateOf(iso)) : '…';
}

export function weekdayName(iso: string): string {
  return isDate(iso) ? weekday.format(dateOf(iso)) : '…';
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

/** The ISO day so many days after another. */
export function plusDays(iso: string, days: number): string {
  const date = dateOf(isoDay(iso));
  date.setDate(date.getDate() + days);
  const two = (n: number) => String(n).padStart(2, '0');
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}`;
}

/** The moment so many minutes after another, to the minute. */
export function plusMinutes(iso: string, minutes: number): string {
  const date = dateOf(iso);
  date.setMinutes(date.getMinutes() + Math.round(minutes));
  const two = (n: number) => String(n).padStart(2, '0');
  return `${date.getFullYear()}-${two(date.getMonth() + 1)}-${two(date.getDate())}T${two(date.getHours())}:${two(date.getMinutes())}`;
}

/** "today", "tomorrow", or the day's name. */
export function relativeDay(iso: string, now: string): string {
  const to = isoDay(iso);
  if (to === isoDay(now)) return 'today';
  return to === plusDays(now, 1) ? 'tomorrow' : dayName(to);
}
