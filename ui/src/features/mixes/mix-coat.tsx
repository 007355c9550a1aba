import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { ColourField } from '../../controls/colour-field';
import { NumberField } from '../../controls/number-field';
import { api, take, errorsOf } from '../../server/client';
import type { Mix } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { measureOptions, keyOf, errorAt } from '../../server/use-measured';
import { percent, u } from '../../words/figures';

const nothing = () => undefined;

/** A coat or a thin sheet of the mix over something: what shows through. */
export function MixCoat({ id, mix }: { id: number; mix: Mix }) {
  const limits = useLimits();
  const [thickMm, setThick] = useState(0.5);
  const [backingHex, setBacking] = useState('#e8e4da');
  const { data: coat, error } = useQuery({
    queryKey: ['coat', keyOf(mix), thickMm, backingHex],
    queryFn: () => take(api.POST('/api/mixes/coat', { params: { query: { id, thickMm, backingHex } }, body: mix })),
    placeholderData: keepPreviousData,
    ...measureOptions,
  });
  const errors = errorsOf(error);
  return (
    <section aria-label="As a coat" className="rounded-card border border-line bg-paper px-4 py-3">
      <h2 className="text-figure">As a coat or a thin sheet</h2>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <label className="inline-flex items-baseline gap-1 text-soft">
          thickness{' '}
          <NumberField
            label="Coat thickness"
            value={thickMm}
            span={spanOf(limits, 'coat', 'thickMm')}
            chars={4}
            error={errorAt(errors, 'thickMm')}
            onChange={setThick}
            onSettle={nothing}
          />{' '}
          {u.mm}
        </label>
        <span className="inline-flex items-center gap-1.5 text-soft">
          over{' '}
          <ColourField
            label="Colour underneath"
            value={backingHex}
            error={errorAt(errors, 'backingHex')}
            onChange={setBacking}
            onSettle={nothing}
          />
        </span>
      </div>
      {coat && (
        <div className="mt-2 flex items-center gap-4">
          <svg width="150" height="52" viewBox="0 0 150 52" role="img" className="shrink-0">
            <title>{`over ${backingHex} it looks ${coat.rawHex} raw and ${coat.curedHex} cured`}</title>
            <rect width="150" height="52" fill={/^#[0-9a-f]{6}$/i.test(backingHex) ? backingHex : '#888888'} />
            <rect x="16" y="10" width="59" height="42" fill={coat.rawHex} />
            <rect x="75" y="10" width="59" height="42" fill={coat.curedHex} />
            <rect x="0.5" y="0.5" width="149" height="51" fill="none" stroke="#16201d" strokeOpacity="0.35" />
          </svg>
          <p className="text-note">
            Raw {coat.rawHex}, cured {coat.curedHex}. <br /> Covers {percent(100 * coat.cover)} % of what lies below.
          </p>
        </div>
      )}
    </section>
  );
}
