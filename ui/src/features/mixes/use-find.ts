import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { api, Problem, take } from '../../server/client';
import type { Find } from '../../server/types';

const ASK_AGAIN_MS = 150;

/** A search for recipes: begun, watched while it is under way, and stopped. */
export function useFind() {
  const [id, setId] = useState<number>();
  const begin = useMutation({
    mutationFn: (body: Find) => take(api.POST('/api/finds', { body })),
    onSuccess: (begun) => setId(begun.id),
  });
  const { data: found } = useQuery({
    queryKey: ['find', id],
    queryFn: () => take(api.GET('/api/finds/{id}', { params: { path: { id: id ?? 0 } } })),
    enabled: id !== undefined,
    retry: false,
    refetchInterval: (query) => (query.state.data?.done === false ? ASK_AGAIN_MS : false),
  });
  const stop = useMutation({
    mutationFn: () => take(api.DELETE('/api/finds/{id}', { params: { path: { id: id ?? 0 } } })),
  });
  const problem = begin.error instanceof Problem ? begin.error : null;
  return { begin: begin.mutate, stop: stop.mutate, found, problem, errors: problem?.errors ?? [] };
}
