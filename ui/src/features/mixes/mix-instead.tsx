import { useState, type ReactNode } from 'react';
import { Button } from '../../controls/button';
import { ProblemNote } from '../../controls/problem-note';
import { Problem } from '../../server/client';
import type { Instead, Mix } from '../../server/types';
import { useMoney } from '../../server/use-studio';
import { grams, plain, u, plainIn } from '../../words/figures';
import { words } from './found-recipes';
import { useInstead } from './use-mix';

interface Props {
  id: number;
  mix: Mix;
  wantedG: number;
  shortG: number;
}

/** The shelf is short: another recipe, other clays to fill up with, or buying, and which of them is better. */
export function MixInstead({ id, mix, wantedG, shortG }: Props) {
  const [open, setOpen] = useState(false);
  const { data: instead, error } = useInstead(id, mix, wantedG, open && shortG > 0);
  if (shortG <= 0) return null;
  return (
    <section aria-label="Not enough clay" className="rounded-card border border-straw-line bg-straw-tint px-3 py-2">
      <div className="flex flex-wrap items-center gap-3">
        <p className="flex-1 font-semibold text-straw">
          ◦ This mix needs {grams(shortG)} {u.g} more clay than the shelf has.
        </p>
        <Button onClick={() => setOpen(!open)} aria-expanded={open}>
          Your options
        </Button>
      </div>
      {open && <ProblemNote problem={error instanceof Problem ? error : null} />}
      {open && instead && <Settings instead={instead} wantedG={wantedG} />}
    </section>
  );
}

function Settings({ instead, wantedG }: { instead: Instead; wantedG: number }) {
  const money = useMoney();
  const { recipe, fillUp, better, missing } = instead;
  return (
    <ul className="mt-2 flex flex-col gap-1.5">
      <Way title="Another recipe" better={better === 'RECIPE'} hex={recipe?.curedHex} target={instead.targetHex}>
        {recipe
          ? `${words(recipe)}: ${recipe.parts.map((p) => `${grams(p.massG)} ${u.g} ${p.name}`).join(' + ')}. Difference ${one(recipe.difference)}, ${recipe.differs}.`
          : `No recipe of up to ${instead.kinds} clays on the shelf has this look and enough clay for ${grams(wantedG)} ${u.g} in the pieces.`}
      </Way>
      <Way
        title="Fill up with other clays"
        better={better === 'FILL_UP'}
        hex={fillUp?.curedHex}
        target={instead.targetHex}
      >
        {fillUp
          ? `${fillUp.grams.map((g) => `${grams(g.massG)} ${u.g} ${g.name}`).join(' + ')}. Difference ${one(fillUp.difference)}, ${fillUp.differs}.`
          : 'There is not enough of any clay on the shelf with this look.'}
      </Way>
      <Way title="Buy" better={better === 'BUY'}>
        {missing
          .map((m) =>
            m.sold
              ? `${m.name}: ${m.buy.map((b) => `${b.count} × ${plainIn('g', b.massG)} ${u.g}`).join(' + ')}, ${money(m.costMinor)}.`
              : `${m.name} is no longer sold.`,
          )
          .join(' ')}
        {instead.canBuy && ' The colour stays the same.'}
      </Way>
    </ul>
  );
}

const one = (value: number) => plain(Math.round(value * 10) / 10);

interface WayProps {
  title: string;
  better: boolean;
  hex?: string | undefined;
  target?: string;
  children: ReactNode;
}

function Way({ title, better, hex, target, children }: WayProps) {
  return (
    <li className="flex gap-3 rounded-card border border-line bg-paper px-3 py-2">
      {hex && (
        <svg width="40" height="40" viewBox="0 0 40 40" role="img" className="shrink-0">
          <title>{`the cured mix ${target ?? ''} on the left, this option ${hex} on the right`}</title>
          <rect width="20" height="40" fill={target} />
          <rect x="20" width="20" height="40" fill={hex} />
          <rect x="0.5" y="0.5" width="39" height="39" fill="none" stroke="#16201d" strokeOpacity="0.35" />
        </svg>
      )}
      <div>
        <p className="font-semibold">
          {title}
          {better && (
            <span className="ml-2 rounded-small bg-verdigris-tint px-1.5 text-note text-verdigris">
              ✓ better choice
            </span>
          )}
        </p>
        <p className="text-note">{children}</p>
      </div>
    </li>
  );
}
