import { useNavigate } from 'react-router';
import { Button } from '../../controls/button';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import type { Find, Found, Recipe } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { useMoney } from '../../server/use-studio';
import { count, grams, plain, u } from '../../words/figures';
import { lookWords } from './looks';
import { useMixActs } from './use-mix';

const merits: Record<Recipe['merits'][number], string> = {
  NEAREST: 'closest',
  CHEAPEST: 'cheapest',
  FEWEST: 'fewest clays',
  ON_HAND: 'in stock',
};

/** From here on a difference is seen. */
const SEEN = 1;

const one = (value: number) => plain(Math.round(value * 10) / 10);

/** The recipes that come nearest, each beside the colour that was asked for. */
export function FoundRecipes({ found, find }: { found: Found | undefined; find: Find }) {
  const most = spanOf(useLimits(), 'find', 'mostParts').high;
  if (!found) {
    return (
      <p className="rounded-card border border-line bg-paper p-4 text-soft">
        The closest recipes appear here, with their colour difference, cost and stock.
      </p>
    );
  }
  if (found.done && found.recipes.length === 0) {
    return (
      <p className="rounded-card border border-line bg-paper p-4">
        No recipe of these clays gives this colour{find.like && ` and is ${lookWords(find.like)}`}, or there is not
        enough clay for {grams(found.toMixG)} {u.g}. Ask for less, allow clays you would have to buy, or choose more
        clays.
      </p>
    );
  }
  const nearest = found.recipes[0]?.difference ?? 0;
  return (
    <>
      <ol aria-label="Recipes, closest first" className="flex flex-col gap-2">
        {found.recipes.map((recipe) => (
          <FoundRecipe key={words(recipe)} recipe={recipe} find={find} />
        ))}
      </ol>
      {found.done && nearest >= SEEN && find.mostParts < most && (
        <p className="text-note text-soft">
          Even the closest recipe looks different from the target. A little of a strong clay may help: allow {most}{' '}
          parts in all, or one more clay.
        </p>
      )}
    </>
  );
}

/** Whole parts stay whole; those of a lump's clays go to the thousandth. */
const tidy = (parts: number) => Math.round(parts * 1000) / 1000;

export function words(recipe: Recipe) {
  const [only, ...others] = recipe.parts;
  if (only && others.length === 0) return only.name;
  return recipe.parts.map((p) => `${p.parts} ${p.name}`).join(' : ');
}

function FoundRecipe({ recipe, find }: { recipe: Recipe; find: Find }) {
  const money = useMoney();
  const go = useNavigate();
  const { add } = useMixActs();
  const hex = find.face === 'RAW' ? recipe.rawHex : recipe.curedHex;
  const keep = (clays: Recipe['clays']) =>
    add.mutate(
      {
        name: `Like ${find.targetHex}`,
        parts: clays.map((c) => ({ clayId: c.clayId, parts: tidy(c.parts) })),
      },
      { onSuccess: (added) => void go(`/mixes/${added.id}`) },
    );
  return (
    <li className="grid grid-cols-[56px_minmax(0,1fr)_auto] gap-x-3 rounded-card border border-line bg-paper p-2.5">
      <svg width="56" height="56" viewBox="0 0 56 56" role="img">
        <title>{`target ${find.targetHex} on the left, this recipe ${hex} on the right`}</title>
        <rect width="28" height="56" fill={find.targetHex} />
        <rect x="28" width="28" height="56" fill={hex} />
        <rect x="0.5" y="0.5" width="55" height="55" fill="none" stroke="#16201d" strokeOpacity="0.35" />
      </svg>
      <div>
        <p className="font-semibold">{words(recipe)}</p>
        <p className="text-note">
          difference <b className="figure">{one(recipe.difference)}</b>, {recipe.differs}{' '}
          <span className="text-soft">
            {' '}
            · ± {one(recipe.uncertainty)},{' '}
            {recipe.tiles === 0 ? 'not checked by a tile' : `based on ${count(recipe.tiles, 'tile')}`}{' '}
          </span>
        </p>
        <p className="text-note text-soft">
          {recipe.parts.map((p) => `${grams(p.massG)} ${u.g}`).join(' + ')} · {money(recipe.costMinor)}
          {recipe.missingG > 0 && (
            <b className="text-straw">
              {' '}
              · ◦ {grams(recipe.missingG)} {u.g} short
            </b>
          )}
          {recipe.beyondScreen && ' · outside what a screen can show'} · {lookWords(recipe)}
        </p>
        {recipe.others.length > 0 && <OtherRatios recipe={recipe} onKeep={keep} />}
        {recipe.merits.length > 0 && (
          <p className="mt-1 flex flex-wrap gap-1.5">
            {recipe.merits.map((merit) => (
              <span
                key={merit}
                className="rounded-small bg-verdigris-tint px-1.5 text-note font-semibold text-verdigris"
              >
                {merits[merit]}
              </span>
            ))}
          </p>
        )}
      </div>
      <Button
        kind="quiet"
        className="self-center"
        aria-label={`Save ${words(recipe)} as a mix`}
        onClick={() => keep(recipe.clays)}
      >
        Save
      </Button>
      <div className="col-span-3">
        <ShowWorking of={`difference of ${words(recipe)}`}>
          <WorkingsList workings={recipe.workings} />
        </ShowWorking>
      </div>
    </li>
  );
}

/** The same clays in other ratios. */
function OtherRatios({ recipe, onKeep }: { recipe: Recipe; onKeep: (clays: Recipe['clays']) => void }) {
  return (
    <details className="text-note">
      <summary className="min-h-8 cursor-pointer text-verdigris underline decoration-dotted underline-offset-4">
        {count(recipe.others.length, 'other ratio')} of these clays
      </summary>
      <ul>
        {recipe.others.map((ratio) => {
          const parts = ratio.parts.join(' : ');
          return (
            <li key={parts} className="flex items-center gap-2">
              <span aria-hidden="true" className="size-4 border border-soft" style={{ background: ratio.hex }} />
              <span className="flex-1">
                <b className="figure">{parts}</b>{' '}
                <span className="text-soft">
                  difference {one(ratio.difference)}, {ratio.differs} ·{' '}
                  {ratio.massG.map((g) => `${grams(g)} ${u.g}`).join(' + ')}
                </span>
              </span>
              <Button kind="quiet" aria-label={`Save ${parts} as a mix`} onClick={() => onKeep(ratio.clays)}>
                Save
              </Button>
            </li>
          );
        })}
      </ul>
    </details>
  );
}
