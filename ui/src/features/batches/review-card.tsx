import { useQuery } from '@tanstack/react-query';
import { Link } from 'react-router';
import { api, take } from '../../server/client';
import type { BatchReview } from '../../server/types';
import { useMoney } from '../../server/use-studio';
import { grams, minutes, plain, u } from '../../words/figures';

type Line = BatchReview['lines'][number];

/** A batch as it was planned and as it was: minutes, grams, losses and money, and the three causes that matter most. */
export function ReviewCard({ batchId }: { batchId: number }) {
  const money = useMoney();
  // The rest of the page does not wait for it: it is drawn from the whole daybook.
  const { data: review } = useQuery({
    queryKey: ['batch-review', batchId],
    throwOnError: true,
    queryFn: () => take(api.GET('/api/batches/{id}/review', { params: { path: { id: batchId } } })),
  });
  if (!review) return null;
  const sum = (kind: Line['kind'], of: 'planned' | 'real') =>
    review.lines.filter((line) => line.kind === kind).reduce((all, line) => all + line[of], 0);
  const timed = review.lines.some((line) => line.kind === 'MINUTES' || line.kind === 'REWORK');
  const weighed = review.lines.some((line) => line.kind === 'GRAMS');
  if (!timed && !weighed) return null;
  return (
    <section aria-label="Planned and real" className="rounded-card border border-line bg-paper px-4 py-3">
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="text-figure">Planned and real</h2>
        <Link to="/daybook" className="text-note text-verdigris underline">
          Daybook
        </Link>
      </div>
      <table className="w-full">
        <thead className="text-note text-soft">
          <tr>
            <th className="text-left font-semibold">Of what is logged</th>
            <th className="text-right font-semibold">planned</th>
            <th className="text-right font-semibold">real</th>
          </tr>
        </thead>
        <tbody>
          {timed && (
            <Row
              words="work, with rework"
              planned={minutes(sum('MINUTES', 'planned'))}
              real={minutes(sum('MINUTES', 'real') + sum('REWORK', 'real'))}
            />
          )}
          {weighed && (
            <Row
              words="clay"
              planned={`${grams(sum('GRAMS', 'planned'))} ${u.g}`}
              real={`${grams(sum('GRAMS', 'real'))} ${u.g}`}
            />
          )}
          <Row words="pieces lost" planned={tenths(sum('LOST', 'planned'))} real={plain(sum('LOST', 'real'))} />
        </tbody>
      </table>
      <p className="mt-1 font-semibold">
        {review.dearerMinor >= 0
          ? `${money(review.dearerMinor)} dearer than planned.`
          : `${money(-review.dearerMinor)} cheaper than planned.`}
      </p>
      {review.causes.length > 0 && (
        <ol aria-label="Why" className="list-inside list-decimal text-note">
          {review.causes.map((line) => (
            <li key={`${line.kind} ${line.what}`}>{cause(line, money)}</li>
          ))}
        </ol>
      )}
    </section>
  );
}

function Row({ words, planned, real }: { words: string; planned: string; real: string }) {
  return (
    <tr className="border-t border-line">
      <th scope="row" className="py-0.5 text-left font-normal">
        {words}
      </th>
      <td className="text-right figure text-soft">{planned}</td>
      <td className="text-right figure font-semibold">{real}</td>
    </tr>
  );
}

function tenths(value: number): string {
  return plain(Math.round(value * 10) / 10);
}

/** A cause in words: what took more or less, and what that costs. */
function cause(line: Line, money: (minor: number) => string): string {
  const cost = `${money(Math.abs(line.dearerMinor))} ${line.dearerMinor > 0 ? 'more' : 'less'}`;
  switch (line.kind) {
    case 'MINUTES':
      return `${line.what}: ${minutes(line.real)} instead of ${minutes(line.planned)}, ${cost}`;
    case 'REWORK':
      return `${line.what}: ${minutes(line.real)} of rework, ${cost}`;
    case 'GRAMS':
      return `${line.what}: ${grams(line.real)} ${u.g} instead of ${grams(line.planned)} ${u.g}, ${cost}`;
    case 'LOST':
      return `${line.what}: ${plain(line.real)} lost, where ${tenths(line.planned)} were expected, ${cost}`;
  }
}
