import type { ReactNode } from 'react';
import { plain } from '../words/figures';
import { Button } from './button';
import { useKeptChoice } from './use-kept-choice';

/** The first of a long list, and a button for more of them; how far it was opened is there again when the maker comes back. */
export function useSome<T>(all: T[], first: number, words: string): { shown: T[]; more: ReactNode } {
  const [count, setCount] = useKeptChoice(`how many ${words}`, first);
  const left = all.length - count;
  return {
    shown: left > 0 ? all.slice(0, count) : all,
    more: left > 0 && (
      <Button className="self-start" onClick={() => setCount(count + 5 * first)}>
        Show {plain(Math.min(left, 5 * first))} more of {plain(all.length)} {words}
      </Button>
    ),
  };
}
