import type { Oven, OvenView, Ways } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { useWays } from '../../server/use-studio';

export function useWaysDraft() {
  const { edition, ways } = useWays();
  return useDraft<Ways>('/api/ways', 'Ways', { edition, form: ways });
}

export function useOvenDraft({ id, edition, oven }: OvenView) {
  return useDraft<Oven>(`/api/ovens/${id}`, oven.name, { edition, form: oven });
}
