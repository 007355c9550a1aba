import type { Oven, OvenView, Settings } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { useSettings } from '../../server/use-studio';

export function useSettingsDraft() {
  const { edition, settings } = useSettings();
  return useDraft<Settings>('/api/settings', 'Settings', { edition, form: settings });
}

export function useOvenDraft({ id, edition, oven }: OvenView) {
  return useDraft<Oven>(`/api/ovens/${id}`, oven.name, { edition, form: oven });
}
