import { useMutation } from '@tanstack/react-query';
import { useNavigate } from 'react-router';
import { api, take } from '../../server/client';
import type { PlannedLoad } from '../../server/types';
import { itemsOf } from './use-plan';

/** Loads go in and come out; both can be undone. */
export function useLoads() {
  const go = useNavigate();
  return {
    start: useMutation({
      mutationFn: ({ load, ovenId }: { load: PlannedLoad; ovenId: number | undefined }) =>
        take(
          api.POST('/api/baking/loads', {
            body: {
              tempC: load.tempC,
              bakingMin: load.bakingMin,
              items: itemsOf(load),
              ...(ovenId === undefined ? {} : { ovenId }),
            },
          }),
        ),
      onSuccess: ({ id }) => void go(`/oven/logged/${id}`),
    }),
    takeOut: useMutation({
      mutationFn: (id: number) => take(api.POST('/api/baking/loads/{id}/out', { params: { path: { id } } })),
    }),
  };
}
