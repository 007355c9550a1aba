import { Button } from '../../controls/button';
import { NumberField } from '../../controls/number-field';
import type { Oven } from '../../server/types';
import type { Draft } from '../../server/use-draft';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { unitOf } from '../../words/figures';

type Spot = NonNullable<Oven['spots']>[number];

/** Places of the tray that a thermometer found warmer or cooler than its middle. */
export function TraySpots({ oven }: { oven: Draft<Oven> }) {
  const spots = oven.form.spots ?? [];
  const set = (next: Spot[]) => oven.change((o) => ({ ...o, spots: next }));
  return (
    <section className="flex flex-col gap-1 pt-2">
      <h3 className="text-body">Hot and cool spots</h3>
      <p className="text-note text-soft">
        Put a thermometer in one spot, then in the middle. Enter how much warmer the spot is; use a minus sign if it is
        cooler.
      </p>
      {spots.map((spot, i) => (
        <SpotLine key={i} oven={oven} at={i} spot={spot} onSet={(s) => set(spots.map((o, j) => (j === i ? s : o)))}>
          <Button kind="quiet" aria-label={`Remove spot ${i + 1}`} onClick={() => set(spots.filter((_, j) => j !== i))}>
            ✕
          </Button>
        </SpotLine>
      ))}
      <Button
        adds
        kind="quiet"
        className="self-start"
        onClick={() => set([...spots, { leftMm: oven.form.trayWidthMm, backMm: 0, warmerC: 5 }])}
      >
        Add a spot
      </Button>
    </section>
  );
}

interface LineProps {
  oven: Draft<Oven>;
  at: number;
  spot: Spot;
  onSet: (spot: Spot) => void;
  children: React.ReactNode;
}

function SpotLine({ oven, at, spot, onSet, children }: LineProps) {
  const limits = useLimits();
  const fields = ['leftMm', 'backMm', 'warmerC'] as const;
  const words = { leftMm: 'from left', backMm: 'from back', warmerC: 'warmer by' };
  return (
    <div className="flex flex-wrap items-center gap-x-2 border-t border-line py-1">
      {fields.map((field) => (
        <label key={field} className="inline-flex items-center gap-1 text-note">
          {words[field]}
          <NumberField
            label={`Spot ${at + 1}, ${words[field]}`}
            value={spot[field]}
            span={spanOf(limits, 'traySpot', field)}
            chars={4}
            error={errorAt(oven.errors, `spots[${at}].${field}`)}
            onChange={(value) => onSet({ ...spot, [field]: value })}
            onSettle={oven.settle}
          />
          <span className="text-soft">{unitOf(spanOf(limits, 'traySpot', field).unit)}</span>
        </label>
      ))}
      {children}
    </div>
  );
}
