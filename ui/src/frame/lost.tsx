import { Link } from 'react-router';
import { Empty } from '../controls/empty';
import { Place } from '../controls/place';

/** For an address that leads nowhere. */
export function Lost() {
  return (
    <Place title="No such page">
      <Empty
        title="There is no page at this address"
        step={
          <Link to="/bench" className="font-semibold text-verdigris underline">
            Go to the Bench
          </Link>
        }
      >
        It may have been removed, or the address is mistyped. Press u to undo the last change.
      </Empty>
    </Place>
  );
}
