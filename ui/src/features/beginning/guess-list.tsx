import { Link } from 'react-router';
import { Button } from '../../controls/button';
import type { Guess } from '../../server/types';
import { useMoney } from '../../server/use-studio';
import { grams, minutes, whole, u } from '../../words/figures';
import { inUnits } from '../../words/units';
import { useSettingsDraft } from '../settings/use-settings-draft';

/** Where each guess is made true. */
const places: Record<Guess['kind'], { path: string; words: string }> = {
  PACKET: { path: '/shelf/ranges', words: 'Enter your packet' },
  CLAY_PRICE: { path: '/shelf/clays', words: 'Enter what it costs' },
  HOUR: { path: '/settings', words: 'Enter yours' },
  MINUTES: { path: '/designs', words: 'Change the steps' },
  OVEN: { path: '/settings', words: 'Measure your tray' },
  WASTE: { path: '/settings', words: 'Enter yours' },
};

/** What is only guessed, and what each guess is worth: that which changes the plan most first. */
export function GuessList({ guesses, saved = false }: { guesses: Guess[]; saved?: boolean }) {
  const { change, settle } = useSettingsDraft();
  if (guesses.length === 0) return null;
  return (
    <section className="rounded-card border border-line bg-paper px-4 py-3">
      <h2 className="text-figure">Still a guess</h2>
      <ul>
        {guesses.map((guess) => (
          <li key={`${guess.kind} ${guess.value}`} className="border-t border-line py-1.5 first:border-t-0">
            <p>
              <span className="sr-only">{guess.label}: </span>
              <Value guess={guess} />
            </p>
            <p className="text-note text-soft">
              If {guess.instead}: <Worth guess={guess} />
            </p>
            {saved && (
              <p className="flex flex-wrap items-center gap-x-4">
                <Link
                  to={places[guess.kind].path}
                  aria-label={`${places[guess.kind].words}: ${guess.label}`}
                  className="inline-flex min-h-8 items-center font-semibold text-verdigris underline"
                >
                  {places[guess.kind].words}
                </Link>
                <Button
                  kind="quiet"
                  aria-label={`It is right: ${guess.label}`}
                  onClick={() => {
                    change((form) => ({ ...form, confirmed: [...(form.confirmed ?? []), guess.kind] }));
                    settle();
                  }}
                >
                  It is right
                </Button>
              </p>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

function Value({ guess }: { guess: Guess }) {
  const money = useMoney();
  const value = inUnits(guess.value);
  return (
    <b className="font-semibold">
      {value.slice(0, 1).toUpperCase() + value.slice(1)}
      {guess.valueMinor !== undefined && ` ${money(guess.valueMinor)}`}
    </b>
  );
}

function Worth({ guess }: { guess: Guess }) {
  const money = useMoney();
  if (guess.effects.length === 0) return <>nothing changes in this plan</>;
  const said = guess.effects.map(({ figure, from, to }) => {
    if (figure === 'PRICE') return `price ${money(from)} → ${money(to)}`;
    if (figure === 'BAKE') return `longest bake ${minutes(from)} → ${minutes(to)}`;
    if (figure === 'FINISH') return `finished ${minutes(Math.abs(to - from))} ${to > from ? 'later' : 'sooner'}`;
    if (figure === 'LOADS') return `loads ${whole(from)} → ${whole(to)}`;
    return `clay ${grams(from)} → ${grams(to)} ${u.g}`;
  });
  return <span className="figure">{said.join('; ')}</span>;
}
