import { useMutation } from '@tanstack/react-query';
import { api, take, type Edition } from '../../server/client';
import { settled } from '../../server/unsaved';
import type { Findings, Clay, Coil, Line, Supply } from '../../server/types';

/** Adding and removing what is on the shelf; each can be undone. */
export function useShelfActs() {
  return {
    addRange: useMutation({
      mutationFn: (body: Line) => take(api.POST('/api/shelf/ranges', { body })),
    }),
    addClay: useMutation({
      mutationFn: (body: Clay) => take(api.POST('/api/shelf/clays', { body })),
    }),
    addFinding: useMutation({
      mutationFn: (body: Findings) => take(api.POST('/api/shelf/findings', { body })),
    }),
    addCoil: useMutation({
      mutationFn: (body: Coil) => take(api.POST('/api/shelf/coils', { body })),
    }),
    addSupply: useMutation({
      mutationFn: (body: Supply) => take(api.POST('/api/shelf/supplies', { body })),
    }),
    removeSupply: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/shelf/supplies/${id}`, edition);
        return take(api.DELETE('/api/shelf/supplies/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
    }),
    removeCoil: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/shelf/coils/${id}`, edition);
        return take(api.DELETE('/api/shelf/coils/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
    }),
    removeRange: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/shelf/ranges/${id}`, edition);
        return take(api.DELETE('/api/shelf/ranges/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
    }),
    removeClay: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/shelf/clays/${id}`, edition);
        return take(api.DELETE('/api/shelf/clays/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
    }),
    removeFinding: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/shelf/findings/${id}`, edition);
        return take(api.DELETE('/api/shelf/findings/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
    }),
  };
}
