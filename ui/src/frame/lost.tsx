import { Link } from 'react-router';
import { Empty } from '../controls/empty';
import { Place } from '../controls/place';

/** For an address that leads nowhere. */
export function Lost() {
  return (
    <Place title="Off the bench">
      <Empty
        title="There is nothing at this address"
        step={
          <Link to="/bench" className="font-semibold text-verdigris underline">
            Go to the Bench
          </Link>
        }
      >
        It may have been removed, or the address was mistyped. Nothing is lost: press u to undo the last change.
      </Empty>
    </Place>
  );
}
