import { api, take } from '../../server/client';
import type { Oven, OvenView, Ways } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { useWays } from '../../server/use-studio';

export function useWaysDraft() {
  const { edition, ways } = useWays();
  return useDraft<Ways>({ edition, form: ways }, (at, form) =>
    take(api.PUT('/api/ways', { params: { query: { edition: at } }, body: form })),
  );
}

export function useOvenDraft({ id, edition, oven }: OvenView) {
  return useDraft<Oven>({ edition, form: oven }, (at, form) =>
    take(api.PUT('/api/ovens/{id}', { params: { path: { id }, query: { edition: at } }, body: form })),
  );
}
