import type { BatchPlan } from '../../server/types';
import { isoDay, minutesBetween, plusDays } from '../../words/days';

/** A stretch of work or heat on one day, in minutes since its midnight. */
export interface Bar {
  from: number;
  to: number;
  label: string;
}

export interface DayLane {
  day: string;
  hands: Bar[];
  oven: Bar[];
}

const MOST_DAYS = 16;

function minuteOn(iso: string, day: string): number {
  return minutesBetween(`${day}T00:00:00`, iso);
}

/** The days from the first work to the last, with what hands and oven do on each. */
export function dayLanes(plan: BatchPlan): DayLane[] {
  const lanes = new Map<string, DayLane>();
  const lane = (iso: string) => {
    const day = isoDay(iso);
    const found = lanes.get(day) ?? { day, hands: [], oven: [] };
    lanes.set(day, found);
    return found;
  };
  for (const task of plan.tasks) {
    for (const slot of task.slots) {
      const on = lane(slot.from);
      on.hands.push({
        from: minuteOn(slot.from, on.day),
        to: minuteOn(slot.to, on.day),
        label: `${task.name}, ${task.designName}`,
      });
    }
  }
  for (const load of plan.loads) {
    const on = lane(load.inAt);
    on.oven.push({ from: minuteOn(load.inAt, on.day), to: minuteOn(load.outAt, on.day), label: `load ${load.number}` });
  }
  const days = [...lanes.keys()].sort();
  const first = days[0];
  const last = days.at(-1);
  if (!first || !last) return [];
  const all: DayLane[] = [];
  for (let day = first; day <= last && all.length < MOST_DAYS; day = plusDays(day, 1)) {
    all.push(lanes.get(day) ?? { day, hands: [], oven: [] });
  }
  return all;
}

/** First and last minute of the day that anything happens at. */
export function dayExtent(lanes: DayLane[]): { from: number; to: number } {
  const bars = lanes.flatMap((l) => [...l.hands, ...l.oven]);
  const from = Math.min(9 * 60, ...bars.map((b) => b.from));
  const to = Math.max(17 * 60, ...bars.map((b) => b.to));
  return { from: Math.floor(from / 60) * 60, to: Math.ceil(to / 60) * 60 };
}
