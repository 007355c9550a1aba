import { useState } from 'react';
import { Button } from '../../controls/button';
import { NumberField } from '../../controls/number-field';
import { RefusedNote } from '../../controls/problem-note';
import { maker } from '../../server/maker';
import type { BatchPlan } from '../../server/types';
import { useBench } from '../../server/use-bench';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorsOf } from '../../server/client';
import { errorAt } from '../../server/use-measured';
import { useDaybookActs } from '../daybook/use-daybook';
import { u } from '../../words/figures';

type Mix = BatchPlan['needs']['mixes'][number];

/** What of a mix was really used up for a batch: it is written in the daybook, and the next batches learn from it. */
export function WeighedMix({ mix, batchId }: { mix: Mix; batchId: number }) {
  const span = spanOf(useLimits(), 'daybook', 'usedG');
  const { bench } = useBench();
  const { add } = useDaybookActs();
  const [typed, setTyped] = useState<number | null>(null);
  const used = typed ?? Math.round(mix.toMixG * 10) / 10;
  return (
    <div className="flex flex-wrap items-baseline gap-2 text-note text-soft">
      really used
      <NumberField
        label={`${mix.name}, ${span.label}`}
        value={used}
        span={span}
        chars={5}
        error={errorAt(errorsOf(add.error), 'usedG')}
        onChange={setTyped}
        onSettle={() => undefined}
      />
      {u.g}
      <Button
        kind="quiet"
        aria-label={`Log it: what was used of ${mix.name}`}
        onClick={() =>
          add.mutate({
            kind: 'WEIGHING',
            at: new Date(bench.now).toISOString(),
            batchId,
            mixId: mix.mixId,
            maker: maker(),
            netG: mix.netG,
            usedG: used,
          })
        }
      >
        Log it
      </Button>
      {add.isSuccess && <span role="status">logged</span>}
      <RefusedNote error={add.error} />
    </div>
  );
}
