interface Props {
  outline: number[][];
  /** Points of the screen for a millimetre. */
  scale: number;
  title: string;
}

const GAP = 2;

/** An outline at a scale, as seen from above. */
export function OutlineDrawing({ outline, scale, title }: Props) {
  const outer = outline[0] ?? [];
  const across = outer.filter((_, i) => i % 2 === 0);
  const up = outer.filter((_, i) => i % 2 === 1);
  const left = Math.min(...across);
  const top = Math.max(...up);
  const path = outline
    .map((ring) => {
      const corners = [];
      for (let i = 0; i < ring.length; i += 2) {
        corners.push(`${GAP + ((ring[i] ?? 0) - left) * scale} ${GAP + (top - (ring[i + 1] ?? 0)) * scale}`);
      }
      return `M${corners.join('L')}Z`;
    })
    .join('');
  return (
    <svg
      role="img"
      width={2 * GAP + (Math.max(...across) - left) * scale}
      height={2 * GAP + (top - Math.min(...up)) * scale}
    >
      <title>{title}</title>
      <path d={path} fillRule="evenodd" className="fill-verdigris-tint stroke-verdigris" strokeWidth="1.5" />
    </svg>
  );
}

/** How wide and high an outline is, mm. */
export function sizeOf(outline: number[][]): { wide: number; high: number } {
  const outer = outline[0] ?? [];
  const span = (from: number) => {
    const values = outer.filter((_, i) => i % 2 === from);
    return Math.max(...values) - Math.min(...values);
  };
  return { wide: span(0), high: span(1) };
}
