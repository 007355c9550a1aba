import { Check } from '../../controls/check';
import { Pair } from '../../controls/place';
import type { BatchPlan } from '../../server/types';
import { dayName } from '../../words/days';
import { BatchDesigns } from './steps-station';
import { useBatchActs } from './use-batch';

type Checks = BatchPlan['checks'][number];

/** The checks: each design's own short list, by what it is ticked before. */
export function ChecksStation({ plan, batchId }: { plan: BatchPlan; batchId: number }) {
  return (
    <Pair
      ledger={plan.checks.map((checks) => (
        <section key={checks.designId} className="rounded-card border border-line bg-paper px-4 py-2">
          <h2 className="text-figure">{checks.designName}</h2>
          {checks.lines.length === 0 && (
            <p className="text-soft">This design has no checks; add some under its bakes.</p>
          )}
          {whens(checks).map((when) => (
            <div key={when} role="group" aria-label={`${checks.designName}, ${when}`}>
              <p className="mt-1 text-note text-soft first-letter:uppercase">{when}</p>
              {checks.lines.map((line, i) =>
                line.when === when ? <CheckLine key={line.words} checks={checks} index={i} batchId={batchId} /> : null,
              )}
            </div>
          ))}
        </section>
      ))}
      drawing={<BatchDesigns plan={plan} />}
    />
  );
}

function whens(checks: Checks): string[] {
  return [...new Set(checks.lines.map((line) => line.when))];
}

interface LineProps {
  checks: { designId: number; pieces: number; lines: Checks['lines'] };
  index: number;
  batchId: number;
}

/** A line to tick for all pieces, with how many it is ticked for and when it was last forgotten. */
export function CheckLine({ checks, index, batchId }: LineProps) {
  const { tick } = useBatchActs();
  const line = checks.lines[index];
  if (!line) return null;
  const some = line.ticked > 0 && line.ticked < checks.pieces ? ` (${line.ticked} of ${checks.pieces})` : '';
  const slipped = line.slipped === undefined ? '' : ` – slipped on ${dayName(line.slipped)}`;
  return (
    <Check
      label={`${line.words}${some}${slipped}`}
      on={line.ticked >= checks.pieces}
      onChange={(ticked) => tick.mutate({ id: batchId, designId: checks.designId, check: index, ticked })}
    />
  );
}
