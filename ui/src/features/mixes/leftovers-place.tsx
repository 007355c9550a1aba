import { useState } from 'react';
import { Button } from '../../controls/button';
import { Pair, Place } from '../../controls/place';
import { ProblemNote } from '../../controls/problem-note';
import { Problem } from '../../server/client';
import { useBench } from '../../server/use-bench';
import { useLeftovers } from '../../server/use-studio';
import { isoDay } from '../../words/days';
import { grams, u } from '../../words/figures';
import { LumpTable } from './lump-table';
import { MixesTabs } from './mixes-tabs';
import { NewLump } from './new-lump';
import { UsesList } from './uses-list';
import { useKneading } from './use-leftovers';

/** The box of leftovers at the left, what they could become at the right. */
export function LeftoversPlace() {
  const box = useLeftovers();
  const { now } = useBench().bench;
  const knead = useKneading(box.edition);
  const [chosen, setChosen] = useState<number[]>([]);
  const picked = chosen.filter((i) => i < box.lumps.length);
  const together = picked.reduce((sum, i) => sum + (box.lumps[i]?.lump.massG ?? 0), 0);
  const merge = (name: string, takes: { lump: number; massG: number }[]) =>
    knead.mutate({ name, madeOn: isoDay(now), takes }, { onSuccess: () => setChosen([]) });
  return (
    <Place title="Mixes" name="Leftovers" about={<MixesTabs chosen="leftovers" />}>
      <Pair
        ledger={
          <>
            <ProblemNote problem={knead.error instanceof Problem ? knead.error : null} />
            {box.lumps.length === 0 ? (
              <p className="rounded-card border border-line bg-paper p-4 text-soft">
                The box is empty. Add what is left over from a mix. The box remembers what each lump is made of, so the
                colour of lumps kneaded together is known too.
              </p>
            ) : (
              <LumpTable box={box} chosen={picked} onChoose={setChosen} />
            )}
            {picked.length > 1 && (
              <div className="flex flex-wrap items-center gap-3">
                <Button
                  kind="main"
                  onClick={() =>
                    merge(
                      picked.length > 2
                        ? `${picked.length} lumps together`
                        : nameOf(picked.map((i) => box.lumps[i]?.lump.name ?? '')),
                      picked.map((i) => ({ lump: i, massG: box.lumps[i]?.lump.massG ?? 0 })),
                    )
                  }
                >
                  Knead {picked.length} lumps together, {grams(together)} {u.g}
                </Button>
                <span className="text-note text-soft">
                  Fair Ember remembers what the lump is made of: the grams of each clay add up.
                </span>
              </div>
            )}
            <NewLump box={box} />
          </>
        }
        drawing={<UsesList onKnead={merge} />}
      />
    </Place>
  );
}

const nameOf = (names: string[]) => names.join(' and ').slice(0, 60);
