import { Caution } from '../../controls/caution';
import { Pair } from '../../controls/place';
import type { BatchPlan, Station } from '../../server/types';
import { useDesigns } from '../../server/use-studio';
import { DesignThumb } from '../designs/design-thumb';
import { SuppliesNeeded } from './supplies-needed';
import { StepList } from './step-list';

interface Props {
  plan: BatchPlan;
  station: Station;
  batchId: number;
}

/** A station of plain handwork: its steps, and the designs they make. */
export function StepsStation({ plan, station, batchId }: Props) {
  return (
    <Pair
      ledger={
        <>
          {station === 'FINISH' && <SuppliesNeeded plan={plan} />}
          <h2 className="text-figure">Still to do</h2>
          <StepList plan={plan} station={station} batchId={batchId} />
          {station === 'FINISH' && (
            <Caution>
              Sand and drill wet, or wear a dust mask. Keep varnish and solvents away from heat and flame.
            </Caution>
          )}
          {station === 'SHAPE' && <Caution>Cut away from yourself. Wear eye protection when you cut wire.</Caution>}
        </>
      }
      drawing={<BatchDesigns plan={plan} />}
    />
  );
}

/** The designs of a batch by their drawings. */
export function BatchDesigns({ plan }: { plan: BatchPlan }) {
  const designs = useDesigns();
  return (
    <ul className="grid grid-cols-2 gap-3">
      {plan.price.map((row) => {
        const design = designs.find((p) => p.id === row.designId);
        return (
          <li key={row.designId} className="flex flex-col items-center rounded-card border border-line bg-paper p-3">
            {design && <DesignThumb design={design.measured} parts={design.design.parts} width={180} height={150} />}
            <span className="mt-2 text-center">
              <b className="figure">{row.quantity}</b> {row.designName}
            </span>
          </li>
        );
      })}
    </ul>
  );
}
