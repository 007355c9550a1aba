import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, take } from '../../server/client';
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
      mutationFn: (id: number) => take(api.DELETE('/api/pieces/{id}', { params: { path: { id } } })),
      onSuccess: refresh,
    }),
  };
}
