import { useMutation } from '@tanstack/react-query';
import { api, take, type Edition } from '../../server/client';
import { settled } from '../../server/unsaved';
import type { Design } from '../../server/types';

/** Adding and removing designs; both can be undone. */
export function useDesignActs() {
  return {
    add: useMutation({
      mutationFn: (body: Design) => take(api.POST('/api/designs', { body })),
    }),
    ready: useMutation({
      mutationFn: (body: Design) => take(api.POST('/api/designs/ready-steps', { body })),
    }),
    remove: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/designs/${id}`, edition);
        return take(api.DELETE('/api/designs/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
    }),
  };
}
