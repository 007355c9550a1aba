/** A stretch of the oven's day: a load, or the time between. */
export interface Stretch {
  from: number;
  to: number;
  load: boolean;
}

export interface Strip {
  /** Where a minute of the day lies, in pixels from the top. */
  at: (minute: number) => number;
  height: number;
}

const GAP_LEAST = 14;

function heights(stretches: Stretch[], perMinute: number, loadLeast: number): number[] {
  return stretches.map((s) => Math.max(s.load ? loadLeast : GAP_LEAST, (s.to - s.from) * perMinute));
}

/**
 * Lays stretches of time one under the other so that together they fill the height: in proportion to their minutes, but
 * no load so low that its words do not fit. Between its ends a stretch is linear.
 */
export function stripScale(stretches: Stretch[], height: number, loadLeast: number): Strip {
  let low = 0;
  let high = 20;
  for (let i = 0; i < 50; i++) {
    const middle = (low + high) / 2;
    const sum = heights(stretches, middle, loadLeast).reduce((a, b) => a + b, 0);
    if (sum > height) high = middle;
    else low = middle;
  }
  const laid = heights(stretches, low, loadLeast);
  const tops: number[] = [];
  let top = 0;
  for (const h of laid) {
    tops.push(top);
    top += h;
  }
  const at = (minute: number) => {
    const i = Math.max(
      0,
      stretches.findLastIndex((s) => s.from <= minute),
    );
    const stretch = stretches[i];
    if (!stretch) return 0;
    const share = Math.min(1, Math.max(0, (minute - stretch.from) / Math.max(1, stretch.to - stretch.from)));
    return (tops[i] ?? 0) + share * (laid[i] ?? 0);
  };
  return { at, height: top };
}

/** The day cut into loads and the gaps between them; loads in order, none overlapping. */
export function stretchesOf(opens: number, closes: number, loads: { from: number; to: number }[]): Stretch[] {
  const stretches: Stretch[] = [];
  let at = Math.min(opens, ...loads.map((l) => l.from));
  for (const load of loads) {
    if (load.from > at) stretches.push({ from: at, to: load.from, load: false });
    stretches.push({ from: Math.max(at, load.from), to: load.to, load: true });
    at = Math.max(at, load.to);
  }
  const end = Math.max(closes, at + 1);
  if (end > at) stretches.push({ from: at, to: end, load: false });
  return stretches;
}
