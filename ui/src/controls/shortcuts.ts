import { places } from './places';
import { useSaved } from './use-flag';

/** What a single key does, and the key that does it unless another was chosen in this browser. */
const acts = [
  ...places.map(({ path, name, key }) => ({ act: path, does: `go to ${name}`, key })),
  { act: 'find', does: 'find anything by name', key: '/' },
  { act: 'keys', does: 'these keys', key: '?' },
  { act: 'timer', does: 'start or stop the job timer', key: ' ' },
  { act: 'count', does: 'count one done', key: '.' },
  { act: 'lose', does: 'count one lost; then 1 to 8 for the reason, a to make it again', key: 'x' },
  { act: 'interrupt', does: 'the work is interrupted; the timer key goes on with it', key: 'i' },
  { act: 'undo', does: 'undo the last change', key: 'u' },
  { act: 'redo', does: 'redo the change', key: 'U' },
];

/** Whether it is what a key types, not the name of a key. */
export const isOneKey = (key: string) => /^.$/u.test(key);

function chosenIn(saved: string): Record<string, string> {
  try {
    const read = JSON.parse(saved) as Record<string, unknown>;
    const taken = Object.entries(read).filter(
      (entry): entry is [string, string] => typeof entry[1] === 'string' && isOneKey(entry[1]),
    );
    return Object.fromEntries(taken);
  } catch {
    return {};
  }
}

/** How a key is written. */
export const keyName = (key: string) => (key === ' ' ? 'Space' : key);

/** The single keys as they are in this browser. */
export function useShortcuts() {
  const [saved, save] = useSaved('fairember.keys');
  const chosen = chosenIn(saved ?? '{}');
  const list = acts.map((one) => ({ ...one, usual: one.key, key: chosen[one.act] ?? one.key }));
  return {
    list,
    /** The key for an act. */
    keyFor: (act: string) => list.find((one) => one.act === act)?.key ?? '',
    /** What a key does. */
    actOf: (key: string) => list.find((one) => one.key === key)?.act,
    /** Chooses a key; gives what has it already, and then changes nothing. */
    choose: (act: string, key: string) => {
      const other = list.find((one) => one.key === key && one.act !== act);
      if (!other) save(JSON.stringify({ ...chosen, [act]: key }));
      return other;
    },
    changed: list.some((one) => one.key !== one.usual),
    reset: () => save('{}'),
  };
}
