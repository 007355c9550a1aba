import { Link } from 'react-router';
import { useMixes, useDesigns } from '../../server/use-studio';
import { grams, u } from '../../words/figures';

/** The designs and the mixes a mix is in. */
export function MixUsed({ mixId }: { mixId: number }) {
  const designs = useDesigns().flatMap(({ id, design, measured }) => {
    const of = design.parts.map((part, i) => (part.mixId === mixId ? (measured.parts[i]?.massG ?? 0) * part.count : 0));
    const sum = of.reduce((a, b) => a + b, 0);
    return sum > 0 ? [{ to: `/designs/${id}`, name: design.name, words: `${grams(sum)} ${u.g} per piece` }] : [];
  });
  const mixes = useMixes().flatMap(({ id, mix, measured }) => {
    const i = mix.parts.findIndex((part) => part.mixId === mixId);
    const line = measured.lines[i];
    return line ? [{ to: `/mixes/${id}`, name: mix.name, words: `${grams(line.massG)} ${u.g} per 100 g` }] : [];
  });
  const used = [...designs, ...mixes];
  return (
    <section className="rounded-card border border-line bg-paper px-3 py-2">
      <h2 className="text-figure">Used in</h2>
      {used.length === 0 && <p className="text-soft">No design and no mix uses this mix yet.</p>}
      <ul>
        {used.map(({ to, name, words }) => (
          <li key={to} className="flex justify-between gap-3 border-t border-line py-1 first:border-t-0">
            <Link to={to} className="underline decoration-dotted underline-offset-4">
              {name}
            </Link>
            <span className="figure">{words}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
