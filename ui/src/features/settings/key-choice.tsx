import { useState } from 'react';
import { Button } from '../../controls/button';
import { isOneKey, keyName, useShortcuts } from '../../controls/shortcuts';

/** The single keys, each with a field that takes the key that is pressed in it. */
export function KeyChoice() {
  const { list, choose, changed, reset } = useShortcuts();
  const [taken, setTaken] = useState('');
  return (
    <details>
      <summary className="min-h-9 cursor-pointer content-center font-semibold">Choose other keys</summary>
      <p className="text-note text-soft">Go to a field and press the key you want. Each key does one thing.</p>
      <ul>
        {list.map(({ act, does, key }) => (
          <li key={act} className="flex items-center justify-between gap-2 border-t border-line py-0.5">
            <span className="text-note">{does}</span>
            <input
              readOnly
              aria-label={`Key: ${does}`}
              value={keyName(key)}
              className="w-16 shrink-0 field text-center figure"
              onKeyDown={(event) => {
                if (!isOneKey(event.key) || event.ctrlKey || event.metaKey || event.altKey) return;
                event.preventDefault();
                const other = choose(act, event.key);
                setTaken(other ? `“${keyName(event.key)}” is the key for “${other.does}”. Choose another.` : '');
              }}
            />
          </li>
        ))}
      </ul>
      <p role="alert" className="text-note text-madder">
        {taken}
      </p>
      {changed && (
        <Button
          kind="quiet"
          onClick={() => {
            reset();
            setTaken('');
          }}
        >
          Back to the usual keys
        </Button>
      )}
    </details>
  );
}
