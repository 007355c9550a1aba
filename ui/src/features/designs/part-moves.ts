import type { Design, MeasuredPart, Part } from '../../server/types';
import type { Aspect } from './section-geometry';

/** What is done to the parts of a design as they stand in the list: moved, mirrored, put in another order, copied. */

const tenth = (mm: number) => Math.round(mm * 10) / 10;

/** The parts with those that sit on others as high as they are drawn: what was typed last may not have been. */
export function asDrawn(parts: Part[], measured: MeasuredPart[]): Part[] {
  return parts.map((part, i) => {
    const upMm = measured[i]?.spots[0]?.upMm;
    return part.sits && upMm !== undefined ? { ...part, placement: { ...part.placement, upMm } } : part;
  });
}

/** The parts that are moved with one: those of its group, and all that sits on what is moved. */
export function movedWith(parts: Part[], index: number): Set<number> {
  const group = parts[index]?.group ?? '';
  const moved = new Set([index]);
  parts.forEach((part, i) => {
    if (group !== '' && part.group === group) moved.add(i);
  });
  // What sits on a part comes after it in the list.
  parts.forEach((part, i) => {
    if (part.sits && moved.has(part.sits.on)) moved.add(i);
  });
  return moved;
}

/** A move as it is seen. */
export interface Move {
  across: number;
  up: number;
}

/**
 * The parts after one was moved, with those that go with it. One that sits on another stays as high as that makes it, unless it is
 * lifted off; what it is put on it sits on from now on.
 */
export function movedParts(parts: Part[], index: number, move: Move, aspect: Aspect, on?: number): Part[] {
  const together = movedWith(parts, index);
  return parts.map((part, i) => {
    if (!together.has(i) || part.layer) return part;
    const { sits, ...free } = part;
    const place = part.placement;
    const placement = {
      ...place,
      ...(aspect === 'side'
        ? { frontMm: tenth(place.frontMm - move.across) }
        : { acrossMm: tenth(place.acrossMm + move.across) }),
      upMm: tenth(place.upMm + move.up),
    };
    const carried = sits && together.has(sits.on);
    if (i === index && on !== undefined && on < index) return { ...free, placement, sits: { on, pressedMm: 0 } };
    return sits && (carried || move.up === 0) ? { ...part, placement } : { ...free, placement };
  });
}

/** The same part on the other side. */
export function mirrored(part: Part): Part {
  const { acrossMm, tiltDeg } = part.placement;
  return { ...part, placement: { ...part.placement, acrossMm: 0 - acrossMm, tiltDeg: 0 - tiltDeg } };
}

/** A name that no part has yet: "Eye 2". */
function freeName(parts: Part[], name: string): string {
  const base = name.replace(/ \d+$/, '').slice(0, 54);
  let number = 2;
  while (parts.some((part) => part.name === `${base} ${number}`)) number++;
  return `${base} ${number}`;
}

/** The parts with another like one right after the last. */
export function duplicated(parts: Part[], index: number): Part[] {
  const part = parts[index];
  return part ? [...parts, { ...part, name: freeName(parts, part.name) }] : parts;
}

/** A design with all numbers of parts changed: `to` gives for each number of before what it is now. */
function renumbered(design: Design, parts: Part[], to: (index: number) => number): Design {
  return {
    ...design,
    parts: parts.map(({ around, layer, sits, ...part }) => ({
      ...part,
      ...(around === undefined ? {} : { around: to(around) }),
      ...(layer && { layer: (layer.kind ?? 'PART') === 'PART' ? { ...layer, over: to(layer.over) } : layer }),
      ...(sits && { sits: { ...sits, on: to(sits.on) } }),
    })),
    steps: design.steps.map(({ part, ...step }) => ({
      ...step,
      ...(part === undefined ? {} : { part: to(part) }),
      uses: (step.uses ?? []).map((use) => (use.part === undefined ? use : { ...use, part: to(use.part) })),
    })),
  };
}

/** What of a part must stand above it in the list. */
function needed({ around, layer, sits }: Part): number[] {
  const over = layer && (layer.kind ?? 'PART') === 'PART' ? layer.over : undefined;
  return [around, over, sits?.on].filter((index) => index !== undefined);
}

/** Whether a part can change its place in the list with the one before it. */
export function goesUp(parts: Part[], index: number): boolean {
  const part = parts[index];
  return index > 0 && part !== undefined && !needed(part).includes(index - 1);
}

/** The design with a part and the one before it in the list in each other's place. */
export function swapped(design: Design, index: number): Design {
  const to = (at: number) => (at === index ? index - 1 : at === index - 1 ? index : at);
  const order = design.parts.map((_, i) => to(i));
  return renumbered(
    design,
    order.flatMap((i) => design.parts[i] ?? []),
    to,
  );
}

/** The design with the parts of another after its own, put in where its first part is. */
export function withPartsOf(design: Design, other: Design): Design {
  const after = design.parts.length;
  const { assembly = 0, bake = 0 } = design.parts[0] ?? {};
  const names = new Set(design.parts.map((part) => part.name));
  const copies = renumbered({ ...other, steps: [] }, other.parts, (index) => index + after).parts.map((part) => ({
    ...part,
    assembly,
    bake,
    name: names.has(part.name) ? freeName(design.parts, part.name) : part.name,
  }));
  // A layer over what is not a part of the other has nothing to lie over here.
  const parts = copies.map(({ layer, ...part }) =>
    layer && (layer.kind ?? 'PART') === 'PART' ? { ...part, layer } : part,
  );
  return { ...design, parts: [...design.parts, ...parts] };
}
