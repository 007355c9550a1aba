import { Link } from 'react-router';
import type { Design } from '../../server/types';
import { count, plain } from '../../words/figures';
import { useLearned } from '../daybook/use-daybook';

/** What the daybook says of a step's minutes, where it says anything. */
export function LearnedMinutes({ designId, step }: { designId: number; step: Design['steps'][number] }) {
  const learned = useLearned();
  const found = learned.steps.find(
    (s) => s.designId === designId && s.station === step.station && s.name === step.name,
  );
  if (!found) return null;
  const tenth = (value: number) => plain(Math.round(value * 10) / 10);
  return (
    <Link to="/daybook/learned" className="text-verdigris underline decoration-dotted underline-offset-4">
      learned: {tenth(found.setupMin)} and {tenth(found.eachMin)} min, from {count(found.batches, 'log')}
    </Link>
  );
}
