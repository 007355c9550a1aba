import { uncovered } from './new-design';
import type { Design } from '../../server/types';

export type Assembly = NonNullable<Design['assemblies']>[number];
export type Stage = Design['stages'][number];
export interface BuildPoint {
  assembly?: number;
  bake?: number;
}

const whole: Assembly = { name: 'Whole piece' };

export const assembliesOf = (design: Pick<Design, 'assemblies'>): Assembly[] => design.assemblies ?? [whole];

const assemblyOf = (point: BuildPoint) => point.assembly ?? 0;
const bakeOf = (point: BuildPoint) => point.bake ?? 0;

/** The numbers of the stages of an assembly, in order. */
export const bakesOf = (design: Design, assembly: number): number[] =>
  design.stages.flatMap((s, i) => (assemblyOf(s) === assembly ? [i] : []));

/** The name of a bake, after that of its assembly where there are several. */
export function bakeTitle(design: Design, stage: number): string {
  const name = design.stages[stage]?.name ?? '';
  const assemblies = assembliesOf(design);
  return assemblies.length > 1 ? `${assemblies[assemblyOf(design.stages[stage] ?? {})]?.name ?? ''}: ${name}` : name;
}

export const pointValue = (point: BuildPoint) => `${assemblyOf(point)}.${bakeOf(point)}`;

/** A build point as a choice gave it. */
export function pointOf(value: string): Required<BuildPoint> {
  const [assembly, bake] = value.split('.').map(Number);
  return { assembly: assembly ?? 0, bake: bake ?? 0 };
}

interface PointChoice {
  value: string;
  label: string;
}

/** The points of an assembly in words: before each of its bakes, and after the last; with its own name in each, or as short as they can be. */
function pointsOf(design: Design, assembly: number, short: boolean): PointChoice[] {
  const assemblies = assembliesOf(design);
  const name = assemblies[assembly]?.name ?? '';
  const named = assemblies.length > 1 ? `${name}, ` : '';
  const bakes = bakesOf(design, assembly);
  const alone = (bake: string) => design.stages.filter((s) => s.name === bake).length === 1;
  const end = short && assembly === 0 ? 'after the last bake' : `${named}after the last bake`;
  return [
    ...bakes.map((stage, bake) => {
      const of = design.stages[stage]?.name ?? '';
      return {
        value: pointValue({ assembly, bake }),
        label: `${short && alone(of) ? '' : named}before “${of}”`,
      };
    }),
    {
      value: pointValue({ assembly, bake: bakes.length }),
      label: bakes.length === 0 ? `${named}never baked alone` : end,
    },
  ];
}

/** All points of a design as short choices. */
export function points(design: Design): PointChoice[] {
  return assembliesOf(design).flatMap((_, a) => pointsOf(design, a, true));
}

/** The points at which an assembly can be joined: none within itself. */
export function jointPoints(design: Design, joined: number): PointChoice[] {
  const inner = within(design, joined);
  return assembliesOf(design).flatMap((_, a) => (inner.includes(a) ? [] : pointsOf(design, a, false)));
}

/** Where a part can be put in: after the last bake of the whole piece it would stay raw. */
export function partPoints(design: Design): PointChoice[] {
  const never = pointValue({ assembly: 0, bake: bakesOf(design, 0).length });
  const all = points(design);
  return bakesOf(design, 0).length === 0 ? all : all.filter((p) => p.value !== never);
}

/** An assembly and all that are joined into it, directly or not. */
function within(design: Design, assembly: number): number[] {
  const inner = assembliesOf(design).flatMap((a, i) =>
    a.into && assemblyOf(a.into) === assembly && i !== assembly ? [i] : [],
  );
  return [assembly, ...inner.flatMap((i) => within(design, i))];
}

type Points = (point: BuildPoint) => BuildPoint;

/** The design with every build point in it changed. */
function moved(design: Design, to: Points): Design {
  return {
    ...design,
    parts: design.parts.map((p) => ({ ...p, ...to(p) })),
    steps: design.steps.map((s) => ({ ...s, ...to(s) })),
    ...(design.nonClay ? { nonClay: design.nonClay.map((thing) => ({ ...thing, ...to(thing) })) } : {}),
    assemblies: assembliesOf(design).map((a) => (a.into ? { ...a, into: to(a.into) } : a)),
  };
}

/** With one more bake of an assembly, after its others. Parts stay where they are; steps after the last bake stay after the last. */
export function withBake(design: Design, assembly: number): Design {
  const last = bakesOf(design, assembly).length;
  return {
    ...design,
    stages: [
      ...design.stages,
      { name: last === 0 ? 'full bake' : 'next bake', kind: 'FULL_BAKE', assembly, coolingMin: 20 },
    ],
    steps: design.steps.map((s) =>
      last > 0 && assemblyOf(s) === assembly && bakeOf(s) === last ? { ...s, bake: last + 1 } : s,
    ),
    assemblies: assembliesOf(design).map((a) =>
      last > 0 && a.into && assemblyOf(a.into) === assembly && bakeOf(a.into) === last
        ? { ...a, into: { assembly, bake: last + 1 } }
        : a,
    ),
  };
}

/** Without one bake; what went in before it goes in before the next. */
export function withoutBake(design: Design, stage: number): Design {
  const assembly = assemblyOf(design.stages[stage] ?? {});
  const at = bakesOf(design, assembly).indexOf(stage);
  const left = { ...design, stages: design.stages.filter((_, i) => i !== stage) };
  return moved(left, (p) => {
    const earlier = assemblyOf(p) === assembly && bakeOf(p) > at;
    return { assembly: assemblyOf(p), bake: earlier ? bakeOf(p) - 1 : bakeOf(p) };
  });
}

/** A bake and the one before it of the same assembly in each other's place. */
export function bakedEarlier(design: Design, stage: number): Design {
  const bakes = bakesOf(design, assemblyOf(design.stages[stage] ?? {}));
  const before = bakes[bakes.indexOf(stage) - 1];
  const stages = [...design.stages];
  const moving = stages[stage];
  const other = before === undefined ? undefined : stages[before];
  if (before === undefined || !moving || !other) return design;
  stages[before] = moving;
  stages[stage] = other;
  return { ...design, stages };
}

export function withAssembly(design: Design): Design {
  const assemblies = assembliesOf(design);
  return {
    ...design,
    assemblies: [
      ...assemblies,
      { name: `Assembly ${assemblies.length}`, into: { assembly: 0, bake: 0 }, joint: 'RAW', separate: false },
    ],
  };
}

/** Without one assembly and its bakes; what is in it belongs to the one it was joined to, from where it was joined. */
export function withoutAssembly(design: Design, gone: number): Design {
  const into = assembliesOf(design)[gone]?.into ?? {};
  const up = (assembly: number) => (assembly > gone ? assembly - 1 : assembly);
  const left = moved(design, (p) =>
    assemblyOf(p) === gone
      ? { assembly: up(assemblyOf(into)), bake: bakeOf(into) }
      : { assembly: up(assemblyOf(p)), bake: bakeOf(p) },
  );
  return {
    ...left,
    parts: uncovered(left.parts, gone, 'ASSEMBLY'),
    assemblies: assembliesOf(left).filter((_, i) => i !== gone),
    stages: left.stages.filter((s) => assemblyOf(s) !== gone).map((s) => ({ ...s, assembly: up(assemblyOf(s)) })),
  };
}
