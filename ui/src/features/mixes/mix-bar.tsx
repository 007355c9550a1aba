import { grams, percent } from '../../words/figures';

interface Share {
  name: string;
  rawHex: string;
  curedHex: string;
  massG: number;
}

/** One bar divided in its clays, the grams under each; a table of the same stands beside it. */
export function MixBar({ name, clays, height = 44 }: { name: string; clays: Share[]; height?: number }) {
  const all = clays.reduce((sum, c) => sum + c.massG, 0);
  const shown = clays.filter((c) => c.massG > 0);
  return (
    <div role="img" aria-label={`${name}: ${shown.map((c) => `${grams(c.massG)} g ${c.name}`).join(', ')}`}>
      <div className="flex overflow-hidden rounded-small border border-soft" style={{ height }}>
        {shown.map((c) => (
          <div key={c.name} style={{ width: `${(100 * c.massG) / all}%`, background: c.rawHex }} />
        ))}
      </div>
      <div className="mt-1 flex text-note">
        {shown.map((c) => (
          <div key={c.name} className="min-w-0 overflow-hidden pr-1" style={{ width: `${(100 * c.massG) / all}%` }}>
            {(100 * c.massG) / all > 9 && (
              <>
                <div className="truncate font-semibold">{c.name}</div>
                <div className="truncate figure text-soft">
                  {grams(c.massG)} g{(100 * c.massG) / all > 30 && ` · ${percent((100 * c.massG) / all)} %`}
                </div>
              </>
            )}
          </div>
        ))}
      </div>
    </div>
  );
}
