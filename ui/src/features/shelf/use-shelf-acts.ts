import { useMutation, useQueryClient } from '@tanstack/react-query';
import { api, take, type Edition } from '../../server/client';
import { settled } from '../../server/unsaved';
import type { Findings, Clay, Coil, Line } from '../../server/types';

/** Adding and removing what is on the shelf; each can be undone. */
export function useShelfActs() {
  const client = useQueryClient();
  const refresh = () => client.invalidateQueries();
  return {
    addRange: useMutation({
      mutationFn: (body: Line) => take(api.POST('/api/shelf/ranges', { body })),
      onSuccess: refresh,
    }),
    addClay: useMutation({
      mutationFn: (body: Clay) => take(api.POST('/api/shelf/clays', { body })),
      onSuccess: refresh,
    }),
    addFinding: useMutation({
      mutationFn: (body: Findings) => take(api.POST('/api/shelf/findings', { body })),
      onSuccess: refresh,
    }),
    addCoil: useMutation({
      mutationFn: (body: Coil) => take(api.POST('/api/shelf/coils', { body })),
      onSuccess: refresh,
    }),
    removeCoil: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/shelf/coils/${id}`, edition);
        return take(api.DELETE('/api/shelf/coils/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
      onSuccess: refresh,
    }),
    removeRange: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/shelf/ranges/${id}`, edition);
        return take(api.DELETE('/api/shelf/ranges/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
      onSuccess: refresh,
    }),
    removeClay: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/shelf/clays/${id}`, edition);
        return take(api.DELETE('/api/shelf/clays/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
      onSuccess: refresh,
    }),
    removeFinding: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/shelf/findings/${id}`, edition);
        return take(api.DELETE('/api/shelf/findings/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
      onSuccess: refresh,
    }),
  };
}
