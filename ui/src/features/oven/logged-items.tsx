import { useState } from 'react';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { RefusedNote } from '../../controls/problem-note';
import type { LoggedLoad, PlannedLoad } from '../../server/types';
import { itemWords, loggedItems } from '../../words/load-items';
import { HowMany } from './how-many';
import { useLoads } from './use-loads';

type PlannedItem = PlannedLoad['items'][number];

const keyOf = ({ batchId, designId, stage }: { batchId: number; designId: number; stage: number }) =>
  `${batchId}/${designId}/${stage}`;

interface Props {
  load: LoggedLoad;
  planned: PlannedLoad[];
}

/** What was in a load; its counts can be corrected, and what was forgotten can be added. */
export function LoggedItems({ load, planned }: Props) {
  const [counts, setCounts] = useState<number[] | null>(null);
  const [added, setAdded] = useState<PlannedItem[]>([]);
  const { correct } = useLoads();
  const done = () => {
    setCounts(null);
    setAdded([]);
  };
  const save = () => {
    const items = [
      ...load.items.map(({ item: { batchId, designId, stage, count } }, i) => ({
        batchId,
        designId,
        stage,
        count: counts?.[i] ?? count,
      })),
      ...added.map(({ batchId, designId, stage, count }) => ({ batchId, designId, stage, count })),
    ];
    correct.mutate({ id: load.id, edition: load.edition, items }, { onSuccess: done });
  };
  const here = [...load.items.map(({ item }) => keyOf(item)), ...added.map(keyOf)];
  const others = planned
    .flatMap((other) => other.items)
    .filter((item, i, all) => !here.includes(keyOf(item)) && all.findIndex((o) => keyOf(o) === keyOf(item)) === i);
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
        {added.map((item) => (
          <li key={keyOf(item)} className="flex items-center gap-3 border-t border-line py-1.5">
            <HowMany
              label={`How many of ${item.name}, ${item.batchName}`}
              value={item.count}
              low={0}
              high={2000}
              onChange={(count) => setAdded(added.map((a) => (keyOf(a) === keyOf(item) ? { ...a, count } : a)))}
            />
            {item.name} <span className="ml-auto text-soft">{item.batchName}</span>
          </li>
        ))}
      </ul>
      {counts && others.length > 0 && (
        <Choice
          label="Add what was forgotten"
          value=""
          placeholder="Add what was forgotten"
          options={others.map((item) => ({ value: keyOf(item), label: `${item.name}, ${item.batchName}` }))}
          onChange={(key) => setAdded([...added, ...others.filter((item) => keyOf(item) === key)])}
        />
      )}
      <RefusedNote error={correct.error} />
      <div className="flex gap-2">
        {counts ? (
          <>
            <Button kind="main" onClick={save}>
              Save counts
            </Button>
            <Button onClick={done}>Cancel</Button>
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
