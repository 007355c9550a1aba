import { Dialog } from 'radix-ui';
import { keyName, useShortcuts } from '../controls/shortcuts';

/** All the keys there are. */
export function KeyList({ open, onClose }: { open: boolean; onClose: () => void }) {
  const { list } = useShortcuts();
  const lines = [
    ...list.map(({ key, does }) => ({ key: keyName(key), does })),
    { key: '↑ ↓', does: 'in a number field: one more, one less; with Shift, ten' },
  ];
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
            {lines.map(({ key, does }) => (
              <div key={does} className="flex items-baseline gap-3">
                <dt className="w-14 shrink-0 text-right">
                  <kbd className="rounded-small border border-current px-1 figure text-note">{key}</kbd>
                </dt>
                <dd>{does}</dd>
              </div>
            ))}
          </dl>
          <p className="pt-3 text-note text-soft">
            You can switch the keys off, or choose others, in Settings under “This browser”.
          </p>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
