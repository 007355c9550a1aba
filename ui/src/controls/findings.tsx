import { memo } from 'react';
import type { Finding } from '../server/types';

const looks = {
  KEEPS: { box: 'border-line bg-paper', mark: '✓', word: 'Kept' },
  WARNS: { box: 'border-straw-line bg-straw-tint text-straw', mark: '◦', word: 'Caution' },
  BREAKS: { box: 'border-madder bg-madder-tint text-madder', mark: '✕', word: 'Stop' },
};

/** What the rules found, worst first; nothing when there is nothing to say. */
export const Findings = memo(function Findings({ findings }: { findings: Finding[] }) {
  const rank = { BREAKS: 0, WARNS: 1, KEEPS: 2 };
  const sorted = [...findings].sort((a, b) => rank[a.verdict] - rank[b.verdict]);
  if (sorted.length === 0) return null;
  return (
    <ul className="flex flex-col gap-2">
      {sorted.map((finding) => {
        const look = looks[finding.verdict];
        return (
          <li
            key={finding.rule + finding.says}
            className={`row-lazy flex gap-3 rounded-card border px-3 py-2 ${look.box}`}
          >
            <span aria-hidden="true" className="font-bold">
              {look.mark}
            </span>
            <span>
              <span className="sr-only">{look.word}: </span>
              <span className="font-semibold">{finding.says}</span> {finding.mend}
            </span>
          </li>
        );
      })}
    </ul>
  );
});
