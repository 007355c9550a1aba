import { Button } from '../../controls/button';
import { grams, plain, u } from '../../words/figures';
import { words } from './found-recipes';
import { lookWords } from './looks';
import { useUses } from './use-leftovers';

const one = (value: number) => plain(Math.round(value * 10) / 10);

interface Props {
  onKnead: (name: string, takes: { lump: number; massG: number }[]) => void;
}

/** For each mix the nearest that leftovers make of it, the nearest first. */
export function UsesList({ onKnead }: Props) {
  const uses = useUses();
  return (
    <section aria-label="What the leftovers could become" className="flex flex-col gap-2">
      <h2 className="text-figure">
        What the leftovers could become <span className="font-text text-note font-normal text-soft">closest first</span>
      </h2>
      {uses.length === 0 && (
        <p className="text-soft">Nothing yet: the box is empty, or no lump has the look of a mix.</p>
      )}
      <ul className="flex flex-col gap-1.5">
        {uses.map(({ mixId, name, curedHex, recipe }) => {
          const sum = recipe.parts.reduce((all, p) => all + p.parts, 0);
          return (
            <li key={mixId} className="flex items-center gap-3 rounded-card border border-line bg-paper px-3 py-1.5">
              <svg width="44" height="44" viewBox="0 0 44 44" role="img" className="shrink-0">
                <title>{`${name} ${curedHex} on the left, this ${recipe.curedHex} on the right`}</title>
                <rect width="22" height="44" fill={curedHex} />
                <rect x="22" width="22" height="44" fill={recipe.curedHex} />
                <rect x="0.5" y="0.5" width="43" height="43" fill="none" stroke="#16201d" strokeOpacity="0.35" />
              </svg>
              <div className="min-w-0 flex-1">
                <p>
                  <b>{name}</b> <span className="text-soft">of</span> {words(recipe)}
                </p>
                <p className="text-note text-soft">
                  difference <b className="figure text-ink">{one(recipe.difference)}</b>, {recipe.differs} ·{' '}
                  {lookWords(recipe)} · up to {grams(recipe.mostG)} {u.g}
                </p>
              </div>
              {recipe.parts.length > 1 && (
                <Button
                  kind="quiet"
                  aria-label={`Knead ${grams(recipe.mostG)} ${u.g} of ${name}`}
                  onClick={() =>
                    onKnead(
                      `Like ${name}`.slice(0, 60),
                      recipe.parts.map((p) => ({ lump: p.lump ?? 0, massG: (recipe.mostG * p.parts) / sum })),
                    )
                  }
                >
                  Knead
                </Button>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
