import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useLeftovers, useMixes, useDesigns, useBatches, useShelf, useTrials } from '../server/use-studio';
import { count } from '../words/figures';
import { places } from '../controls/places';

interface Found {
  name: string;
  kind: string;
  path: string;
}

function useAll(): Found[] {
  const designs = useDesigns().map((p) => ({ name: p.design.name, kind: 'design', path: `/designs/${p.id}` }));
  const mixes = useMixes().map((m) => ({ name: m.mix.name, kind: 'mix', path: `/mixes/${m.id}` }));
  const batches = useBatches().map((r) => ({ name: r.batch.name, kind: 'batch', path: `/batches/${r.id}` }));
  const clays = useShelf().clays.map((c) => ({ name: c.clay.name, kind: 'clay', path: `/shelf/clays/${c.id}` }));
  const trials = useTrials().map((t) => ({ name: t.trial.name, kind: 'trial', path: `/mixes/trials/${t.id}` }));
  const lumps = useLeftovers().lumps.map((l, i) => ({
    name: l.lump.name,
    kind: 'leftover',
    path: `/mixes/leftovers#${i}`,
  }));
  const all = places.map((p) => ({ name: p.name, kind: 'place', path: p.path }));
  return [...designs, ...batches, ...mixes, ...clays, ...trials, ...lumps, ...all];
}

/** Finds anything by its name. */
export function Finder({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-spine/40" />
        <Dialog.Content
          aria-modal
          aria-describedby={undefined}
          className="fixed top-24 left-1/2 z-50 w-[32rem] max-w-[92vw] -translate-x-1/2 rounded-card border border-line bg-paper p-4 shadow-float"
        >
          <Dialog.Title className="text-figure">Find anything by name</Dialog.Title>
          <FinderList onClose={onClose} />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

function FinderList({ onClose }: { onClose: () => void }) {
  const all = useAll();
  const go = useNavigate();
  const [text, setText] = useState('');
  const [at, setAt] = useState(0);
  const wanted = text.trim().toLowerCase();
  const found = all.filter((f) => f.name.toLowerCase().includes(wanted)).slice(0, 9);
  const open = (path: string | undefined) => {
    if (!path) return;
    void go(path);
    onClose();
  };
  return (
    <>
      <input
        autoFocus
        type="text"
        role="combobox"
        aria-expanded="true"
        aria-haspopup="listbox"
        aria-autocomplete="list"
        aria-controls="found"
        aria-activedescendant={found[at] ? `found-${at}` : undefined}
        aria-label="Name"
        value={text}
        className="mt-2 w-full rounded-small border border-soft bg-paper px-3 py-2 text-figure"
        onChange={(event) => {
          setText(event.target.value);
          setAt(0);
        }}
        onKeyDown={(event) => {
          const moves: Record<string, number> = {
            ArrowDown: at + 1,
            ArrowUp: at - 1,
            PageDown: found.length - 1,
            PageUp: 0,
          };
          const next = moves[event.key];
          if (next !== undefined) {
            // The cursor stays where it is in the word.
            event.preventDefault();
            setAt(Math.max(0, Math.min(found.length - 1, next)));
          }
          if (event.key === 'Enter') open(found[at]?.path);
        }}
      />
      <ul id="found" role="listbox" aria-label="Found" className="mt-2">
        {found.map((f, i) => (
          <li
            key={f.path}
            id={`found-${i}`}
            role="option"
            aria-selected={i === at}
            className="group flex min-h-9 cursor-pointer items-center justify-between rounded-small px-3 aria-selected:bg-verdigris aria-selected:text-paper"
            onClick={() => open(f.path)}
          >
            {f.name} <span className="text-note text-soft group-aria-selected:text-paper">{f.kind}</span>
          </li>
        ))}
      </ul>
      <p role="status" className={found.length === 0 ? 'px-3 text-soft' : 'sr-only'}>
        {found.length === 0 ? 'Nothing by that name. Try fewer letters.' : `${count(found.length, 'name')} found`}
      </p>
    </>
  );
}
