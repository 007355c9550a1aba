import { memo } from 'react';
import type { Advice } from '../server/types';

const looks = {
  TIP: { box: 'border-line bg-paper', mark: '✓', word: 'Tip' },
  CAUTION: { box: 'border-straw-line bg-straw-tint text-straw', mark: '◦', word: 'Caution' },
  STOP: { box: 'border-madder bg-madder-tint text-madder', mark: '✕', word: 'Stop' },
};

/** What the rules found, worst first; nothing when there is nothing to say. */
export const AdviceList = memo(function AdviceList({ advice }: { advice: Advice[] }) {
  const rank = { STOP: 0, CAUTION: 1, TIP: 2 };
  const sorted = [...advice].sort((a, b) => rank[a.grade] - rank[b.grade]);
  if (sorted.length === 0) return null;
  return (
    <ul className="flex flex-col gap-2">
      {sorted.map((advice) => {
        const look = looks[advice.grade];
        return (
          <li
            key={advice.rule + advice.message}
            className={`row-lazy flex gap-3 rounded-card border px-3 py-2 ${look.box}`}
          >
            <span aria-hidden="true" className="font-bold">
              {look.mark}
            </span>
            <span>
              <span className="sr-only">{look.word}: </span>
              <span className="font-semibold">{advice.message}</span> {advice.fix}
            </span>
          </li>
        );
      })}
    </ul>
  );
});
