import {
  closestCenter,
  DndContext,
  KeyboardSensor,
  PointerSensor,
  useSensor,
  useSensors,
  type Announcements,
} from '@dnd-kit/core';
import {
  SortableContext,
  sortableKeyboardCoordinates,
  useSortable,
  verticalListSortingStrategy,
} from '@dnd-kit/sortable';
import type { ReactNode } from 'react';

interface Props {
  label: string;
  /** What each row is called when it is moved. */
  names: string[];
  children: ReactNode;
  onMove: (from: number, to: number) => void;
}

/** A list whose rows are dragged to another place, by pointer, touch or keyboard. */
export function SortableList({ label, names, children, onMove }: Props) {
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { distance: 4 } }),
    useSensor(KeyboardSensor, { coordinateGetter: sortableKeyboardCoordinates }),
  );
  const ids = names.map((_, i) => String(i));
  return (
    <DndContext
      sensors={sensors}
      collisionDetection={closestCenter}
      accessibility={{
        announcements: announced(names),
        screenReaderInstructions: {
          draggable:
            'Press Space to pick it up, the arrow keys to move it, Space to put it down, Escape to leave it where it was.',
        },
      }}
      onDragEnd={({ active, over }) => {
        if (over && over.id !== active.id) onMove(Number(active.id), Number(over.id));
      }}
    >
      <SortableContext items={ids} strategy={verticalListSortingStrategy}>
        <ol aria-label={label}>{children}</ol>
      </SortableContext>
    </DndContext>
  );
}

function announced(names: string[]): Announcements {
  const name = (id: string | number) => names[Number(id)] ?? '';
  const place = (id: string | number) => `place ${Number(id) + 1} of ${names.length}`;
  return {
    onDragStart: ({ active }) => `${name(active.id)} picked up.`,
    onDragOver: ({ active, over }) => (over ? `${name(active.id)} is at ${place(over.id)}.` : undefined),
    onDragEnd: ({ active, over }) => (over ? `${name(active.id)} put down at ${place(over.id)}.` : undefined),
    onDragCancel: ({ active }) => `${name(active.id)} is where it was.`,
  };
}

interface RowProps {
  index: number;
  name: string;
  className: string;
  children: (handle: ReactNode) => ReactNode;
}

/** A row of the list; it is moved by its handle. */
export function SortableRow({ index, name, className, children }: RowProps) {
  const { attributes, listeners, setNodeRef, setActivatorNodeRef, transform, transition, isDragging } = useSortable({
    id: String(index),
  });
  const { role: _, tabIndex: __, ...described } = attributes;
  return (
    <li
      ref={setNodeRef}
      className={`${className} ${isDragging ? 'relative z-10 bg-verdigris-tint shadow-float' : ''}`}
      style={{ transform: transform ? `translateY(${transform.y}px)` : undefined, transition }}
    >
      {children(
        <button
          ref={setActivatorNodeRef}
          type="button"
          {...described}
          {...listeners}
          aria-label={`Drag ${name}`}
          className="min-h-8 min-w-8 cursor-grab touch-none rounded-small text-soft"
        >
          <span aria-hidden="true">⠿</span>
        </button>,
      )}
    </li>
  );
}
