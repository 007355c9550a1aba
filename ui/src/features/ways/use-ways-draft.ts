import { api, take } from '../../server/client';
import type { Oven, Ways } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { useOven, useWays } from '../../server/use-studio';

export function useWaysDraft() {
  const { edition, ways } = useWays();
  return useDraft<Ways>({ edition, form: ways }, (at, form) =>
    take(api.PUT('/api/ways', { params: { query: { edition: at } }, body: form })),
  );
}

export function useOvenDraft() {
  const { edition, oven } = useOven();
  return useDraft<Oven>({ edition, form: oven }, (at, form) =>
    take(api.PUT('/api/oven', { params: { query: { edition: at } }, body: form })),
  );
}
