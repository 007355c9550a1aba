import type { MeasuredPart, Part } from '../../server/types';
import { grams, mm, u } from '../../words/figures';
import { placed, type Copy, type Label, type View } from './section-geometry';

/** "Ø21.0 → 11.8 × 45.0": the dimensions of a shape as they are read aloud. */
export function dimensionWords(shape: Part['shape']): string {
  const { kind, dimensions: d } = shape;
  const of = (name: string) => mm(d[name] ?? 0);
  if (kind === 'FRUSTUM') return `Ø${of('bottomMm')} → ${of('topMm')} × ${of('heightMm')}`;
  if (kind === 'BLOCK') return `${of('widthMm')} × ${of('depthMm')} × ${of('heightMm')}`;
  if (kind === 'ELLIPSOID' || kind === 'CUT_OUT') return Object.values(d).map(mm).join(' × ');
  return `Ø${Object.values(d).map(mm).join(' × ')}`;
}

function at(copy: Copy, view: View, across: number, up: number) {
  const [a, u] = placed(copy.spot, across, up);
  return { x: view.x(a), y: view.y(u) };
}

function toneOf(part: MeasuredPart): Label['tone'] {
  if (part.advice.some((f) => f.grade === 'STOP')) return 'madder';
  return part.advice.some((f) => f.grade === 'CAUTION') ? 'straw' : 'ink';
}

/** Labels of the section: each core, its shell, and the thickest clay of all. */
export function sectionLabels(copies: Copy[], parts: Part[], view: View, chosen: number): Label[] {
  const labels: Label[] = [];
  const cut = copies.filter((copy) => copy.meets === 'cut');
  for (const copy of cut) {
    const { core, box } = copy.part;
    if (!core || copy.spot !== copy.part.spots[0]) continue;
    const one = core.foilG > 0 ? 'Core' : 'Hollow';
    const many = core.lobes > 1 ? `${core.lobes} cores` : one;
    const middle = box.heightMm / 2;
    labels.push({
      key: `core-${copy.index}`,
      title: `${many} ${dimensionWords(core.shape)}`,
      text:
        core.foilG > 0
          ? `${grams(core.foilG)} ${u.g} foil, ${parts[copy.index]?.core?.packing.toLowerCase() ?? ''}`
          : 'nothing inside',
      ...at(copy, view, 0, middle),
      tone: 'ink',
    });
    labels.push({
      key: `shell-${copy.index}`,
      title: `Shell ${mm(core.shellMm)} ${u.mm}`,
      text: core.exact ? `thickest ${mm(copy.part.thickestMm)}` : `thinnest ${mm(core.thinnestMm)}`,
      ...at(copy, view, copy.part.thickestAt.acrossMm, copy.part.thickestAt.upMm),
      tone: toneOf(copy.part),
    });
  }
  const solid = cut.filter((copy) => !copy.part.core);
  const thickest = solid.reduce<Copy | undefined>(
    (most, copy) => (!most || copy.part.thickestMm > most.part.thickestMm + 1e-9 ? copy : most),
    undefined,
  );
  const own = solid.find((copy) => copy.index === chosen);
  for (const copy of new Set([own, thickest])) {
    if (!copy) continue;
    labels.push({
      key: `solid-${copy.index}`,
      title: `${parts[copy.index]?.name ?? ''} ${mm(copy.part.thickestMm)} ${u.mm}`,
      text: copy === thickest ? 'thickest solid part' : 'thickest section',
      ...at(copy, view, copy.part.thickestAt.acrossMm, copy.part.thickestAt.upMm),
      tone: toneOf(copy.part),
    });
  }
  return labels;
}
