import { queryOptions } from '@tanstack/react-query';
import { api, take } from './client';
import { maker } from './maker';

/** What the studio is asked for by more than one part of the page, each under one key. */
export const reads = {
  settings: queryOptions({ queryKey: ['settings'], queryFn: () => take(api.GET('/api/settings')) }),
  shelf: queryOptions({ queryKey: ['shelf'], queryFn: () => take(api.GET('/api/shelf')) }),
  mixes: queryOptions({ queryKey: ['mixes'], queryFn: () => take(api.GET('/api/mixes')) }),
  designs: queryOptions({ queryKey: ['designs'], queryFn: () => take(api.GET('/api/designs')) }),
  batches: queryOptions({ queryKey: ['batches'], queryFn: () => take(api.GET('/api/batches')) }),
  leftovers: queryOptions({ queryKey: ['leftovers'], queryFn: () => take(api.GET('/api/leftovers')) }),
  spares: queryOptions({ queryKey: ['spares'], queryFn: () => take(api.GET('/api/spares')) }),
  shopping: queryOptions({ queryKey: ['shopping'], queryFn: () => take(api.GET('/api/shopping')) }),
  trials: queryOptions({ queryKey: ['trials'], queryFn: () => take(api.GET('/api/trials')) }),
  ovens: queryOptions({ queryKey: ['ovens'], queryFn: () => take(api.GET('/api/ovens')) }),
  cutters: queryOptions({ queryKey: ['cutters'], queryFn: () => take(api.GET('/api/cutters')) }),
  machines: queryOptions({ queryKey: ['machines'], queryFn: () => take(api.GET('/api/machines')) }),
  learned: queryOptions({ queryKey: ['learned'], queryFn: () => take(api.GET('/api/daybook/learned')) }),
  baking: queryOptions({ queryKey: ['baking'], queryFn: () => take(api.GET('/api/baking')) }),
  changes: queryOptions({ queryKey: ['changes'], queryFn: () => take(api.GET('/api/changes/last')) }),
  bench: queryOptions({
    queryKey: ['bench'],
    queryFn: () => take(api.GET('/api/bench', { params: { query: { maker: maker() } } })),
  }),
  /** Every field's range and unit, and every choice with its words, as the core has them. */
  limits: queryOptions({
    queryKey: ['limits'],
    queryFn: () => take(api.GET('/api/limits')),
    staleTime: Infinity,
  }),
  studio: queryOptions({
    queryKey: ['studio'],
    queryFn: () => take(api.GET('/api/studio')),
    staleTime: Infinity,
  }),
  design: (id: number) =>
    queryOptions({
      queryKey: ['design', id],
      queryFn: () => take(api.GET('/api/designs/{id}', { params: { path: { id } } })),
    }),
  batch: (id: number) =>
    queryOptions({
      queryKey: ['batch', id],
      queryFn: () => take(api.GET('/api/batches/{id}', { params: { path: { id } } })),
    }),
};
