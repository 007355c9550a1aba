import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, take, type Edition } from '../../server/client';
import { settled } from '../../server/unsaved';
import type { Piece } from '../../server/types';

/** Adding and removing pieces; both can be undone. */
export function usePieceActs() {
  const client = useQueryClient();
  const refresh = () => client.invalidateQueries();
  return {
    add: useMutation({
      mutationFn: (body: Piece) => take(api.POST('/api/pieces', { body })),
      onSuccess: refresh,
    }),
    remove: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/pieces/${id}`, edition);
        return take(api.DELETE('/api/pieces/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
      onSuccess: refresh,
    }),
  };
}
