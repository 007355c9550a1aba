import { useCallback, useState } from 'react';
import { useLocation } from 'react-router';

/** Choices by the page of the history that they were made on. */
const kept = new Map<string, unknown>();

/** A choice on a page that is there again when the maker comes back to that page. */
export function useKeptChoice<T>(name: string, first: T): [T, (next: T) => void] {
  const { key, pathname } = useLocation();
  const at = `${key} ${pathname} ${name}`;
  const [chosen, setChosen] = useState(() => (kept.has(at) ? (kept.get(at) as T) : first));
  const choose = useCallback(
    (next: T) => {
      kept.set(at, next);
      setChosen(next);
    },
    [at],
  );
  return [chosen, choose];
}
