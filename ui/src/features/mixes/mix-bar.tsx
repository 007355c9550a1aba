import { grams, u } from '../../words/figures';

interface Share {
  name: string;
  rawHex: string;
  curedHex: string;
  massG: number;
}

/** One bar divided in its clays, and the grams of every one: the least of them is often the tint. */
export function MixBar({ name, clays, height = 44 }: { name: string; clays: Share[]; height?: number }) {
  const all = clays.reduce((sum, c) => sum + c.massG, 0);
  const shown = clays.filter((c) => c.massG > 0);
  return (
    <div role="img" aria-label={`${name}: ${shown.map((c) => `${grams(c.massG)} ${u.g} ${c.name}`).join(', ')}`}>
      <div className="flex overflow-hidden rounded-small border border-soft" style={{ height }}>
        {shown.map((c) => (
          <div key={c.name} style={{ width: `${(100 * c.massG) / all}%`, background: c.rawHex }} />
        ))}
      </div>
      <ul className="mt-1 flex flex-wrap gap-x-4 text-note">
        {shown.map((c) => (
          <li key={c.name} className="inline-flex items-center gap-1.5">
            <span aria-hidden="true" className="size-3 border border-soft" style={{ background: c.rawHex }} />
            <span className="font-semibold">{c.name}</span>
            <span className="figure whitespace-nowrap">
              {grams(c.massG)} {u.g}
            </span>
          </li>
        ))}
      </ul>
    </div>
  );
}
