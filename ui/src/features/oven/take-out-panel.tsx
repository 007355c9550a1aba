import { useEffect, useRef } from 'react';
import { Button } from '../../controls/button';
import type { LoadOutcome, TakingOut } from '../../server/types';

interface Props {
  how: TakingOut;
  onChoose: (outcome: LoadOutcome) => void;
  onLeave: () => void;
}

const choices: { outcome: LoadOutcome; words: string }[] = [
  { outcome: 'BAKE_AGAIN', words: 'Take out, bake again' },
  { outcome: 'BAKED', words: 'Take out, count as baked' },
  { outcome: 'MAKE_AGAIN', words: 'Take out, make again' },
  { outcome: 'LOST', words: 'Take out, make fewer' },
];

/** A load that is taken out early or late: how much heat it had, and what to do with it. */
export function TakeOutPanel({ how, onChoose, onLeave }: Props) {
  const head = useRef<HTMLHeadingElement>(null);
  useEffect(() => head.current?.focus(), []);
  return (
    <section aria-label="Early or late" className="flex flex-col gap-2 rounded-card border-2 border-ember bg-paper p-4">
      <h3 ref={head} tabIndex={-1} className="text-figure">
        {how.timing === 'EARLY' ? 'This load is not done' : 'This load was in the oven too long'}
      </h3>
      <p>
        {how.message} <b>{how.advice}</b>
      </p>
      <div className="flex flex-wrap gap-2">
        {how.timing === 'EARLY' && (
          <Button kind="main" onClick={onLeave}>
            Leave it in
          </Button>
        )}
        {choices
          .filter(({ outcome }) => how.timing === 'EARLY' || outcome !== 'BAKE_AGAIN')
          .map(({ outcome, words }) => (
            <Button key={outcome} onClick={() => onChoose(outcome)}>
              {words}
            </Button>
          ))}
        {how.timing === 'LATE' && <Button onClick={onLeave}>Cancel</Button>}
      </div>
    </section>
  );
}
