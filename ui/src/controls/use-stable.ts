import { useCallback, useLayoutEffect, useRef } from 'react';

/** The same function from one drawing to the next, that always does what was given last: rows that get it need not be redrawn. */
export function useStable<A extends unknown[], R>(act: (...args: A) => R): (...args: A) => R {
  const latest = useRef(act);
  useLayoutEffect(() => {
    latest.current = act;
  });
  return useCallback((...args: A) => latest.current(...args), []);
}
