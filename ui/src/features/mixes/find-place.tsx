import { useEffect, useRef, useState } from 'react';
import { useSearchParams } from 'react-router';
import { Button } from '../../controls/button';
import { Pair, Place } from '../../controls/place';
import { ProgressBar } from '../../controls/progress-bar';
import { ProblemNote } from '../../controls/problem-note';
import type { Find } from '../../server/types';
import { useMixes, useShelf } from '../../server/use-studio';
import { count, whole } from '../../words/figures';
import { FindFields } from './find-fields';
import { FoundRecipes } from './found-recipes';
import { lookOf } from './looks';
import { MixesTabs } from './mixes-tabs';
import { useFind } from './use-find';

/** Finds recipes for a colour: what is looked for at the left, what comes nearest at the right. */
export function FindPlace() {
  const [asked] = useSearchParams();
  const mixes = useMixes();
  const clays = useShelf().clays.filter((c) => c.clay.dropG === undefined);
  const like = mixes.find((m) => m.id === Number(asked.get('mix')));
  const [find, setFind] = useState<Find>({
    targetHex: like?.measured.curedHex ?? '#7fa3a1',
    face: 'CURED',
    mostKinds: 3,
    mostParts: 12,
    wantedG: Number(asked.get('g')) || 50,
    onHandOnly: asked.get('onhand') === '1',
    ...(like && { like: lookOf(like.measured) }),
  });
  // The answer is to what was asked: the fields may have gone on since.
  const [sent, setSent] = useState(find);
  const { begin, stop, found, problem, errors } = useFind();
  // Who comes with a mix wants its recipes: no second press.
  const begun = useRef(like === undefined);
  useEffect(() => {
    if (begun.current) return;
    begun.current = true;
    begin(find);
  }, [begin, find]);
  const busy = found?.done === false;
  const chosen = find.clayIds?.length ?? clays.length;
  return (
    <Place title="Mixes" name="Find a colour" about={<MixesTabs chosen="find" />}>
      <Pair
        ledger={
          <>
            <ProblemNote problem={problem?.errors.length === 0 ? problem : null} />
            <FindFields find={find} errors={errors} onChange={setFind} />
            <div className="flex flex-wrap items-center gap-3">
              <Button
                kind="main"
                onClick={() => {
                  setSent(find);
                  begin(find);
                }}
              >
                Find recipes
              </Button>
              {busy && <Button onClick={() => stop()}>Stop the search</Button>}
              <span className="text-note text-soft">
                Tries every whole-part recipe of {asksFor(find.from, count(chosen, 'clay'))}.
              </span>
            </div>
            {found && <FindProgress {...found} />}
          </>
        }
        drawing={<FoundRecipes found={found} find={sent} />}
      />
    </Place>
  );
}

/** What may go in, in words. */
function asksFor(from: Find['from'], clays: string) {
  if (from === 'LEFTOVERS') return 'the leftovers';
  return from === 'BOTH' ? `${clays} and the leftovers` : clays;
}

interface ProgressProps {
  share: number;
  waiting: boolean;
  done: boolean;
  complete: boolean;
  tried: number;
}

function FindProgress({ share, waiting, done, complete, tried }: ProgressProps) {
  const percent = Math.round(share * 100);
  return (
    <div>
      <ProgressBar label="Search progress" percent={percent} />
      <p role="status" className="text-note text-soft">
        {waiting && 'Two other searches are running. This one starts when one of them ends.'}
        {!done && !waiting && `${percent} % searched`}
        {done && complete && `Finished; ${whole(tried)} recipes checked.`}
        {done && !complete && `Stopped at ${percent} %. The rest may hold a closer recipe.`}
      </p>
    </div>
  );
}
