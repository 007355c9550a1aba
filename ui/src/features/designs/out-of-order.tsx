import { Button } from '../../controls/button';
import type { OrderBreak } from './step-order';

interface Props {
  breaks: OrderBreak[];
  onMove: (broken: OrderBreak) => void;
}

/** Steps that come too late or too early, each with the move that puts it right. Nothing when all are in order. */
export function OutOfOrder({ breaks, onMove }: Props) {
  if (breaks.length === 0) return null;
  return (
    <ul aria-label="Steps out of order" className="rounded-card border border-straw-line bg-straw-tint px-3 py-1">
      {breaks.map((broken) => (
        <li key={broken.message} className="flex flex-wrap items-center justify-between gap-x-4 py-1">
          <span className="flex gap-3 font-semibold text-straw">
            <span aria-hidden="true" className="font-bold">
              ◦
            </span>
            <span>
              <span className="sr-only">Caution: </span>
              {broken.message}
            </span>
          </span>
          <Button className="min-h-9" onClick={() => onMove(broken)}>
            {broken.fix.replace(/\.$/, '')}
          </Button>
        </li>
      ))}
    </ul>
  );
}
