import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { InlineNumber } from '../../controls/inline-number';
import { TextField } from '../../controls/text-field';
import type { InputError } from '../../server/client';
import type { MeasuredWire, Wire } from '../../server/types';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { grams, mm, u } from '../../words/figures';

interface Props {
  wire: Wire;
  index: number;
  sums: MeasuredWire | undefined;
  errors: InputError[];
  onChange: (change: (wire: Wire) => Wire) => void;
  onSettle: () => void;
  onRemove: () => void;
}

/** A wire: what it is of, and its straight lengths with the bends between them. */
export function WireFields({ wire, index, sums, errors, onChange, onSettle, onRemove }: Props) {
  const limits = useLimits();
  const at = `wires[${index}]`;
  const setLeg = (i: number, change: Partial<Wire['legs'][number]>) =>
    onChange((w) => ({ ...w, legs: w.legs.map((leg, j) => (j === i ? { ...leg, ...change } : leg)) }));
  return (
    <section className="flex flex-col gap-1.5 rounded-card border border-line bg-paper px-4 py-2">
      <div className="flex flex-wrap items-center gap-x-3 gap-y-1">
        <TextField
          label={`Name of wire ${index + 1}`}
          value={wire.name}
          error={errorAt(errors, `${at}.name`)}
          onChange={(name) => onChange((w) => ({ ...w, name }))}
          onSettle={onSettle}
          className="w-30 border-transparent font-head text-figure font-bold"
        />
        <InlineNumber
          of={wire.name}
          words="per piece"
          value={wire.count}
          span={spanOf(limits, 'wire', 'count')}
          chars={2}
          error={errorAt(errors, `${at}.count`)}
          onChange={(count) => onChange((w) => ({ ...w, count }))}
          onSettle={onSettle}
        />
        <InlineNumber
          of={wire.name}
          words="diameter"
          value={wire.gaugeMm}
          span={spanOf(limits, 'wire', 'gaugeMm')}
          error={errorAt(errors, `${at}.gaugeMm`)}
          onChange={(gaugeMm) => onChange((w) => ({ ...w, gaugeMm }))}
          onSettle={onSettle}
        />
        <Choice
          label={`${wire.name}, metal`}
          value={wire.metal}
          options={choicesOf(limits, 'metal')}
          onChange={(metal) => onChange((w) => ({ ...w, metal: metal as Wire['metal'] }))}
        />
        <Button kind="quiet" className="ml-auto min-h-8 text-note" onClick={onRemove}>
          Remove this wire
        </Button>
      </div>
      <ol className="flex flex-col gap-1">
        {wire.legs.map((leg, i) => (
          <li key={i} className="flex flex-wrap items-center gap-x-3">
            <InlineNumber
              of={`${wire.name}, length ${i + 1}`}
              words={i === 0 ? 'straight' : 'then straight'}
              value={leg.lengthMm}
              span={spanOf(limits, 'wire', 'lengthMm')}
              error={errorAt(errors, `${at}.legs[${i}].lengthMm`)}
              onChange={(lengthMm) => setLeg(i, { lengthMm })}
              onSettle={onSettle}
            />
            {i < wire.legs.length - 1 && (
              <InlineNumber
                of={`${wire.name}, bend ${i + 1}`}
                words="bend to the left by"
                value={leg.turnDeg}
                span={spanOf(limits, 'wire', 'turnDeg')}
                error={errorAt(errors, `${at}.legs[${i}].turnDeg`)}
                onChange={(turnDeg) => setLeg(i, { turnDeg })}
                onSettle={onSettle}
              />
            )}
            {wire.legs.length > 1 && (
              <Button
                kind="quiet"
                className="min-h-8 text-note"
                aria-label={`${wire.name}, remove length ${i + 1}`}
                onClick={() => onChange((w) => ({ ...w, legs: w.legs.filter((_, j) => j !== i) }))}
              >
                ✕
              </Button>
            )}
          </li>
        ))}
      </ol>
      <div className="flex flex-wrap items-center gap-x-4">
        <Button
          adds
          kind="quiet"
          className="min-h-8 text-note"
          onClick={() =>
            onChange((w) => ({
              ...w,
              legs: [
                ...w.legs.map((leg, i) => (i === w.legs.length - 1 ? { ...leg, turnDeg: 90 } : leg)),
                { lengthMm: 10, turnDeg: 0 },
              ],
            }))
          }
        >
          Add a bend
        </Button>
        {sums && (
          <span className="text-note text-soft">
            Cut{' '}
            <b className="figure text-ink">
              {mm(sums.cutMm)} {u.mm}
            </b>
            , {grams(sums.massG)} {u.g}; about <b className="figure text-ink">{sums.gaugeNumber}</b> gauge.
          </span>
        )}
      </div>
    </section>
  );
}
