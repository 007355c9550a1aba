import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { NumberField } from '../../controls/number-field';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import { api, errorsOf, take } from '../../server/client';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { mm, plainIn, u } from '../../words/figures';

const fields = ['thicknessMm', 'edgeMm', 'holeMm', 'wireMm', 'otherMm'] as const;

/** The jump ring that a hole wants: the least inner diameter, and how the next sizes fit. Nothing of it is saved. */
export function JumpRingCard({ thickMm }: { thickMm: number }) {
  const limits = useLimits();
  const [ring, setRing] = useState({ thicknessMm: thickMm, edgeMm: 3, holeMm: 2, wireMm: 0.8, otherMm: 0.8 });
  const { data, error } = useQuery({
    queryKey: ['sum-jump-ring', ring],
    queryFn: () => take(api.POST('/api/sums/jump-ring', { body: ring })),
    placeholderData: keepPreviousData,
    staleTime: Infinity,
  });
  return (
    <section aria-label="Jump ring" className="rounded-card border border-line bg-paper px-3 py-2">
      <h2 className="text-figure">Jump ring for a hole</h2>
      <div className="flex flex-wrap gap-x-4 gap-y-1 text-note text-soft">
        {fields.map((field) => {
          const span = spanOf(limits, 'jumpRing', field);
          return (
            <label key={field} className="inline-flex items-baseline gap-1 whitespace-nowrap">
              {span.label}
              <NumberField
                label={`Jump ring, ${span.label}`}
                value={ring[field]}
                span={span}
                error={errorAt(errorsOf(error), field)}
                onChange={(value) => setRing((r) => ({ ...r, [field]: value }))}
                onSettle={() => undefined}
              />
              {u.mm}
            </label>
          );
        })}
      </div>
      {data && !error && (
        <>
          <p className="mt-1">
            Inner diameter of at least{' '}
            <b className="figure text-figure">
              {mm(data.leastMm)} {u.mm}
            </b>
          </p>
          <ul aria-label="How the next sizes fit" className="text-note">
            {data.sizes.map((size) => (
              <li key={size.innerMm} className={size.fits ? '' : 'text-straw'}>
                <span aria-hidden="true">{size.fits ? '✓' : '◦'}</span>{' '}
                <b className="figure">
                  {plainIn('mm', size.innerMm)} {u.mm}
                </b>{' '}
                {size.playMm < 0
                  ? `${mm(-size.playMm)} ${u.mm} too small: it binds`
                  : size.fits
                    ? `${mm(size.playMm)} ${u.mm} of play`
                    : `needs a hole of ${mm(size.holeMm)} ${u.mm}`}
              </li>
            ))}
          </ul>
          <ShowWorking of="jump ring">
            <WorkingsList workings={data.workings} />
          </ShowWorking>
        </>
      )}
    </section>
  );
}
