import { Dialog } from 'radix-ui';
import { places } from './places';

const others: [string, string][] = [
  ['/', 'find anything by name'],
  ['?', 'these keys'],
  ['Space', 'start or stop the job timer'],
  ['.', 'count one done'],
  ['x', 'count one lost; then 1 to 8 for the reason, a to make it again'],
  ['i', 'the work is interrupted; Space goes on with it'],
  ['u', 'undo the last change'],
  ['U', 'redo the change'],
  ['↑ ↓', 'in a number field: one more, one less; with Shift, ten'],
];

/** All the keys there are. */
export function KeyList({ open, onClose }: { open: boolean; onClose: () => void }) {
  const jumps = places.map((p): [string, string] => [p.key, `go to ${p.name}`]);
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-spine/40" />
        <Dialog.Content
          aria-modal
          aria-describedby={undefined}
          className="fixed top-20 left-1/2 z-50 w-[40rem] max-w-[92vw] -translate-x-1/2 rounded-card border border-line bg-paper p-5 shadow-float"
        >
          <Dialog.Title className="mb-3 text-figure">Keys</Dialog.Title>
          <dl className="grid grid-cols-2 gap-x-8 gap-y-1">
            {[...jumps, ...others].map(([key, does]) => (
              <div key={key} className="flex items-baseline gap-3">
                <dt className="w-14 shrink-0 text-right">
                  <kbd className="rounded-small border border-current px-1 figure text-note">{key}</kbd>
                </dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
