import { useQueries } from '@tanstack/react-query';
import { api, take } from '../../server/client';
import type { CaneSum, Mix } from '../../server/types';
import { keyOf, measureOptions } from '../../server/use-measured';
import { useMixes } from '../../server/use-studio';

type Cane = NonNullable<NonNullable<Mix['worked']>['cane']>;

/** A kept cane as it looks cut across. */
export interface CaneLook {
  sum: CaneSum;
  square: boolean;
}

/** How a kept cane is asked for; pages that show the same one share the answer. */
export const keptCane = (cane: Cane) => ({
  queryKey: ['kept-cane', keyOf(cane)],
  queryFn: () => take(api.POST('/api/sums/cane', { body: cane })),
  ...measureOptions,
});

/** The canes among some mixes, by the number of the mix. */
export function useKeptCanes(mixIds: number[]): Map<number, CaneLook> {
  const canes = useMixes().flatMap(({ id, mix }) =>
    mix.worked?.cane && mixIds.includes(id) ? [{ id, cane: mix.worked.cane }] : [],
  );
  return useQueries({
    queries: canes.map(({ cane }) => keptCane(cane)),
    combine: (answers) =>
      new Map(
        answers.flatMap(({ data }, i): [number, CaneLook][] => {
          const of = canes[i];
          return data && of ? [[of.id, { sum: data, square: of.cane.square ?? false }]] : [];
        }),
      ),
  });
}
