import type { Design, MeasuredDesign } from '../../server/types';

type Step = Design['steps'][number];
export type OrderBreak = MeasuredDesign['orderBreaks'][number];

/** The list with two of its places exchanged. */
export function swapped(steps: Step[], one: number, other: number): Step[] {
  const [a, b] = [steps[one], steps[other]];
  return a && b ? steps.with(one, b).with(other, a) : steps;
}

/** The list with one of its rows at another place. */
export function movedTo(steps: Step[], from: number, to: number): Step[] {
  const moved = steps[from];
  return moved ? steps.toSpliced(from, 1).toSpliced(to, 0, moved) : steps;
}

/** The steps with one of them where it should be. */
export function inOrder(steps: Step[], { step, beside, after, assembly, bake }: OrderBreak): Step[] {
  const moved = steps[step];
  if (!moved) return steps;
  const there = { ...moved, assembly, bake };
  if (beside === undefined) return steps.with(step, there);
  const at = (beside > step ? beside - 1 : beside) + (after ? 1 : 0);
  return steps.toSpliced(step, 1).toSpliced(at, 0, there);
}
