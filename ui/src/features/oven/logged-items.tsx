import { useState } from 'react';
import { Button } from '../../controls/button';
import { RefusedNote } from '../../controls/problem-note';
import type { LoggedLoad } from '../../server/types';
import { itemWords, loggedItems } from '../../words/load-items';
import { HowMany } from './how-many';
import { useLoads } from './use-loads';

/** What was in a load; its counts can be corrected. */
export function LoggedItems({ load }: { load: LoggedLoad }) {
  const [counts, setCounts] = useState<number[] | null>(null);
  const { correct } = useLoads();
  const save = () => {
    const items = load.items.map(({ item }, i) => ({ ...item, count: counts?.[i] ?? item.count }));
    correct.mutate({ id: load.id, edition: load.edition, items }, { onSuccess: () => setCounts(null) });
  };
  return (
    <>
      <ul>
        {loggedItems(load.items).map((item, i) => (
          <li key={`${item.name} ${item.batchName}`} className="flex items-center gap-3 border-t border-line py-1.5">
            {counts ? (
              <>
                <HowMany
                  label={`How many of ${item.name}, ${item.batchName}`}
                  value={counts[i] ?? 0}
                  low={0}
                  high={2000}
                  onChange={(next) => setCounts(counts.map((n, k) => (k === i ? next : n)))}
                />
                {item.name}
              </>
            ) : (
              itemWords(item)
            )}
            <span className="ml-auto text-soft">{item.batchName}</span>
          </li>
        ))}
      </ul>
      <RefusedNote error={correct.error} />
      <div className="flex gap-2">
        {counts ? (
          <>
            <Button kind="main" onClick={save}>
              Save counts
            </Button>
            <Button onClick={() => setCounts(null)}>Cancel</Button>
          </>
        ) : (
          <Button kind="quiet" adds onClick={() => setCounts(load.items.map(({ item }) => item.count))}>
            Correct the counts
          </Button>
        )}
      </div>
    </>
  );
}
