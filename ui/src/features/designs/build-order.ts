import type { Design } from '../../server/types';
import { assembliesOf, bakesOf, type Assembly } from './assemblies';

/** A bake in the drawing of the build order: its lane from the top, and its column from the left. */
export interface DrawnBake {
  stage: number;
  lane: number;
  column: number;
}

/** An assembly in it: where it begins and ends, and the lane and column where it is joined. */
export interface DrawnAssembly {
  assembly: Assembly;
  lane: number;
  from: number;
  to: number;
  joined: { lane: number; column: number } | null;
}

export interface BuildOrder {
  bakes: DrawnBake[];
  assemblies: DrawnAssembly[];
  columns: number;
}

/**
 * Lays the assemblies of a design out from left to right: every bake to the right of all that goes into it, inner assemblies
 * above the one they are joined to.
 */
export function buildOrder(design: Design): BuildOrder {
  const assemblies = assembliesOf(design);
  const lanes: number[] = [];
  const columns = new Map<number, number>();
  const ends: number[] = [];
  const joinedAt = (assembly: number, bake: number) =>
    assemblies.flatMap((a, i) =>
      i > 0 && a.into && (a.into.assembly ?? 0) === assembly && (a.into.bake ?? 0) === bake ? [i] : [],
    );
  const place = (assembly: number): number => {
    const bakes = bakesOf(design, assembly);
    let column = 0;
    for (let k = 0; k <= bakes.length; k++) {
      for (const inner of joinedAt(assembly, k)) {
        if (!lanes.includes(inner)) column = Math.max(column, place(inner) + 0.5);
      }
      const stage = bakes[k];
      if (stage === undefined) break;
      columns.set(stage, column);
      column += 1;
    }
    lanes.push(assembly);
    ends[assembly] = Math.max(column, 0.5);
    return ends[assembly];
  };
  place(0);
  const bakes = [...columns].map(([stage, column]) => ({
    stage,
    lane: lanes.indexOf(design.stages[stage]?.assembly ?? 0),
    column,
  }));
  const most = Math.max(...ends);
  return {
    bakes,
    columns: most,
    assemblies: lanes.map((a, lane) => {
      const assembly = assemblies[a] ?? { name: '' };
      const own = bakes.filter((b) => b.lane === lane).map((b) => b.column);
      const from = Math.min(...own, (ends[a] ?? 0) - 0.5);
      if (a === 0 || !assembly.into) return { assembly, lane, from: Math.min(from, 0), to: most, joined: null };
      const into = assembly.into.assembly ?? 0;
      const next = bakesOf(design, into)[assembly.into.bake ?? 0];
      const column = next === undefined ? (ends[into] ?? most) : (columns.get(next) ?? most);
      return { assembly, lane, from, to: ends[a] ?? 0, joined: { lane: lanes.indexOf(into), column } };
    }),
  };
}
