import type { Day } from '../../server/types';
import { isoDay, minutesBetween, plusDays } from '../../words/days';

/** A stretch of one lane on one day, in minutes since its midnight. */
export interface Stretch {
  from: number;
  to: number;
  label: string;
  critical: boolean;
  kind: 'hands' | 'oven' | 'drying';
  /** Which of the makers, where two are at work at once. */
  beside: 0 | 1;
}

export interface DayRow {
  day: string;
  stretches: Stretch[];
  /** Whether two makers are at work at once. */
  double: boolean;
}

const MOST_DAYS = 21;

/** Cuts a stretch of time at midnights. */
function* byDay(from: string, to: string): Generator<{ day: string; from: number; to: number }> {
  let day = isoDay(from);
  while (day <= isoDay(to)) {
    const midnight = `${day}T00:00:00`;
    const begin = Math.max(0, minutesBetween(midnight, from));
    const end = Math.min(1440, minutesBetween(midnight, to));
    if (end > begin) yield { day, from: begin, to: end };
    day = plusDays(day, 1);
  }
}

/** The days of the plan on which anything is done, with what hands, ovens and drying do on each. */
export function dayRows(day: Day): DayRow[] {
  const rows = new Map<string, Stretch[]>();
  const add = (from: string, to: string, rest: Omit<Stretch, 'from' | 'to' | 'beside'>) => {
    for (const part of byDay(from, to)) {
      const list = rows.get(part.day) ?? [];
      list.push({ from: part.from, to: part.to, beside: 0, ...rest });
      rows.set(part.day, list);
    }
  };
  day.tasks.forEach((task, i) => {
    for (const slot of task.slots) {
      const critical = day.criticalTasks.includes(i);
      add(slot.from, slot.to, { label: `${task.pieces} ${task.name}, ${task.designName}`, critical, kind: 'hands' });
    }
  });
  day.planned.forEach((load, i) => {
    const critical = day.criticalLoads.includes(i);
    const oven = day.ovens.length > 1 ? `, ${day.ovens[load.oven]?.name ?? ''}` : '';
    add(load.heatFrom, load.outAt, { label: `load ${i + 1}${oven}`, critical, kind: 'oven' });
    add(load.outAt, load.cooledAt, { label: `load ${i + 1} cools`, critical, kind: 'drying' });
  });
  for (const drying of day.drying) {
    add(drying.from, drying.to, { label: `${drying.name} dries`, critical: drying.critical, kind: 'drying' });
  }
  return [...rows.entries()]
    .sort(([a], [b]) => a.localeCompare(b))
    .slice(0, MOST_DAYS)
    .map(([at, stretches]) => ({ day: at, ...sideBySide(stretches) }));
}

/** Puts hands' tasks that meet beside each other. */
function sideBySide(stretches: Stretch[]): Pick<DayRow, 'stretches' | 'double'> {
  let free = 0;
  let double = false;
  const placed = [...stretches]
    .sort((a, b) => a.from - b.from)
    .map((s) => {
      if (s.kind !== 'hands') return s;
      const beside = s.from < free ? 1 : 0;
      if (beside === 0) free = s.to;
      else double = true;
      return { ...s, beside } as const;
    });
  return { stretches: placed, double };
}
