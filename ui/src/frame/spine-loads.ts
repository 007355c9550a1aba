import type { Day, LoggedLoad, PlannedLoad } from '../server/types';
import { loggedItems, type LoadItem } from '../words/load-items';
import { dateOf, isoDay, plusDays } from '../words/days';

/** A load as the spine shows it. */
export interface SpineLoad {
  id: string;
  href: string;
  kind: 'done' | 'in' | 'planned';
  tempC: number;
  bakingMin: number;
  from: string;
  to: string;
  items: LoadItem[];
  fillPercent?: number;
}

function ofLogged(load: LoggedLoad): SpineLoad {
  return {
    id: `logged-${load.id}`,
    href: `/oven/logged/${load.id}`,
    kind: load.outAt ? 'done' : 'in',
    tempC: load.tempC,
    bakingMin: load.bakingMin,
    from: load.inAt,
    to: load.outAt ?? load.dueOut,
    items: loggedItems(load.items),
  };
}

function ofPlanned(load: PlannedLoad, index: number): SpineLoad {
  return {
    id: `planned-${index}`,
    href: `/oven/planned/${index + 1}`,
    kind: 'planned',
    tempC: load.tempC,
    bakingMin: load.bakingMin,
    from: load.inAt,
    to: load.outAt,
    items: load.items,
    fillPercent: load.fillPercent,
  };
}

/** All loads there are, in the order of time. */
export function spineLoads(day: Day): SpineLoad[] {
  const logged = [...day.logged, ...day.inOvens].map(ofLogged);
  return [...logged, ...day.planned.map(ofPlanned)].sort((a, b) => dateOf(a.from).getTime() - dateOf(b.from).getTime());
}

export function loadsOn(loads: SpineLoad[], day: string): SpineLoad[] {
  return loads.filter((load) => isoDay(load.from) === day);
}

/** The nearest day before or after that has a load. */
export function neighbourDay(loads: SpineLoad[], day: string, step: 1 | -1): string | undefined {
  const days = [...new Set(loads.map((load) => isoDay(load.from)))].sort();
  return step === 1 ? days.find((d) => d > day) : days.findLast((d) => d < day);
}

/** The day to show first: today, or the next with a load when today has none left. */
export function firstDay(day: Day, loads: SpineLoad[]): string {
  const today = isoDay(day.now);
  if (day.openToday || loadsOn(loads, today).length > 0) return today;
  return neighbourDay(loads, today, 1) ?? plusDays(today, 0);
}

/** Minutes since midnight of the day. */
export function minuteOf(iso: string, day: string): number {
  return (dateOf(iso).getTime() - dateOf(day).getTime()) / 60000;
}
