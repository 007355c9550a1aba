import { useState } from 'react';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import type { Day, PlannedLoad } from '../../server/types';
import { itemWords } from '../../words/load-items';
import { HowMany } from './how-many';
import { lotFills } from './tray-plan';
import { itemsOf, useConstraints, type Move } from './use-plan';

interface Props {
  load: PlannedLoad;
  index: number;
  day: Day;
  onMove: (move: Move) => void;
}

/** What is in a planned load. Each lot can be moved into another load, by its button or by dragging it onto one. */
export function LoadItems({ load, index, day, onMove }: Props) {
  const [open, setOpen] = useState<number | null>(null);
  const items = itemsOf(load);
  return (
    <ul aria-label="In this load">
      {load.items.map((item, i) => (
        <li
          key={`${item.batchId}/${item.designId}/${item.stage}`}
          draggable
          onDragStart={(e) => {
            e.dataTransfer.setData('application/json', JSON.stringify({ from: index, item: items[i] }));
            e.dataTransfer.effectAllowed = 'move';
          }}
          className="flex flex-wrap items-center gap-x-3 border-t border-line py-1"
        >
          <span
            aria-hidden="true"
            className="size-3.5 border border-ink"
            style={{ background: lotFills[i % lotFills.length] }}
          />
          <span className="min-w-0 flex-1">
            {itemWords(item)} <span className="text-soft">{item.batchName}</span>
          </span>
          <Button kind="quiet" aria-expanded={open === i} onClick={() => setOpen(open === i ? null : i)}>
            Move …
          </Button>
          {open === i && <MoveForm day={day} load={load} index={index} at={i} onMove={onMove} />}
        </li>
      ))}
    </ul>
  );
}

const ALONE = 'alone';

function MoveForm({ day, load, index, at, onMove }: Props & { at: number }) {
  const items = itemsOf(load);
  const item = items[at];
  const [count, setCount] = useState(item?.count ?? 1);
  const others = day.planned.map((_, i) => i).filter((i) => i !== index);
  const alone = items.length === 1;
  const [to, setTo] = useState(alone && others[0] !== undefined ? String(others[0]) : ALONE);
  const constraints = useConstraints(day);
  if (!item) return null;
  const stays = alone && to === ALONE && count === item.count;
  return (
    <div className="flex w-full flex-wrap items-center gap-2 py-1 pl-8">
      <HowMany label="How many to move" value={count} low={1} high={item.count} onChange={setCount} />
      <Choice
        label="Into which load"
        value={to}
        options={[
          { value: ALONE, label: 'a new load' },
          ...others.map((i) => ({ value: String(i), label: `load ${i + 1}` })),
        ]}
        onChange={setTo}
      />
      <Button
        disabled={stays}
        onClick={() => onMove({ from: index, ...(to === ALONE ? {} : { to: Number(to) }), item: { ...item, count } })}
      >
        Check this move
      </Button>
      {stays && (
        <span className="text-note text-soft">
          {item.count > 1 ? 'They already have a load to themselves.' : 'It already has a load to itself.'}
        </span>
      )}
      {items.length > 1 &&
        items.map(
          (other, k) =>
            k !== at && (
              <Button key={k} kind="quiet" onClick={() => constraints.keepApart(item, other)}>
                Keep apart from {load.items[k]?.name}
              </Button>
            ),
        )}
    </div>
  );
}
