import { daysBetween } from '../../words/days';
import { count } from '../../words/figures';

const MONTH_DAYS = 30.44;

/** How long ago a lot was bought, in whole months. */
export function lotMonths(boughtOn: string, today: string): number {
  return Math.floor(daysBetween(boughtOn, today) / MONTH_DAYS);
}

/** The same in words. */
export function lotAge(boughtOn: string, today: string): string {
  const months = lotMonths(boughtOn, today);
  return months < 1 ? 'new' : `${count(months, 'month')} old`;
}
