import { useMutation, useSuspenseQuery } from '@tanstack/react-query';
import { api, take, type Edition } from '../../server/client';
import { settled } from '../../server/unsaved';
import type { Tile } from '../../server/types';

export function useTiles() {
  const { data } = useSuspenseQuery({ queryKey: ['tiles'], queryFn: () => take(api.GET('/api/tiles')) });
  return data;
}

/** Adding and removing tiles; both can be undone. */
export function useTileActs() {
  return {
    add: useMutation({ mutationFn: (body: Tile) => take(api.POST('/api/tiles', { body })) }),
    remove: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/tiles/${id}`, edition);
        return take(api.DELETE('/api/tiles/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
    }),
  };
}
