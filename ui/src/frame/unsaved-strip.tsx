import { useSyncExternalStore } from 'react';
import { Button } from '../controls/button';
import { useGone } from '../server/connection';
import { allUnsaved, choose, discard, subscribe, type Unsaved } from '../server/unsaved';
import { clashWords } from '../words/clashes';

/** What is not saved, why, and what can be done about it. */
export function UnsavedStrip() {
  const gone = useGone();
  const entries = useSyncExternalStore(subscribe, allUnsaved);
  const stuck = entries.filter((e) => e.state === 'clash' || (e.state === 'refused' && e.problem?.errors.length === 0));
  const waiting = entries.filter((e) => e.state === 'waiting' || (gone && e.state !== 'saved'));
  return (
    <>
      {gone && (
        <p role="alert" className="border-t border-madder bg-madder-tint px-5 py-2 text-madder">
          <b>Fair Ember is not responding.</b> Everything saved is kept{' '}
          {waiting.length > 0 ? `, and what you typed in ${namesOf(waiting)} is kept here` : ''}. Start it again with{' '}
          <code>./run</code>: this page then continues by itself and saves what you type in the meantime.
        </p>
      )}
      {stuck.map((entry) => (
        <Stuck key={entry.path} entry={entry} />
      ))}
    </>
  );
}

function namesOf(entries: Unsaved[]): string {
  return entries.map((e) => e.name).join(', ');
}

function Stuck({ entry }: { entry: Unsaved }) {
  return (
    <div
      role="alert"
      className="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-madder bg-madder-tint px-5 py-1.5 text-madder"
    >
      {entry.state === 'clash' ? (
        <>
          <p className="min-w-0 flex-1">
            <b>{entry.name} was also changed in another window.</b> {clashWords(entry)}
          </p>
          <Button onClick={() => choose(entry.path, 'mine')}>Save mine</Button>
          <Button onClick={() => choose(entry.path, 'theirs')}>Keep the other</Button>
        </>
      ) : (
        <>
          <p className="min-w-0 flex-1">
            <b>The change to {entry.name} is not saved.</b> {entry.problem?.message}
          </p>
          <Button onClick={() => discard(entry.path)}>Discard my change</Button>
        </>
      )}
    </div>
  );
}
