import { useMutation, useSuspenseQuery } from '@tanstack/react-query';
import { api, take } from '../../server/client';
import type { components } from '../../server/schema';

export function useUses() {
  const { data } = useSuspenseQuery({
    queryKey: ['leftovers', 'uses'],
    queryFn: () => take(api.GET('/api/finds/uses')),
  });
  return data;
}

/** Kneading lumps together; it can be undone. */
export function useKneading(edition: number) {
  return useMutation({
    mutationFn: (body: components['schemas']['MergeForm']) =>
      take(api.POST('/api/leftovers/merge', { params: { query: { edition } }, body })),
  });
}
