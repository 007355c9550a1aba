import { useMutation, useSuspenseQuery } from '@tanstack/react-query';
import { dateOf } from '../words/days';
import { api, take } from './client';

const EVERY_MS = 30_000;

/** The current job and what comes next, and how far the server's clock is ahead of this one. */
export function useBench() {
  const { data, dataUpdatedAt } = useSuspenseQuery({
    queryKey: ['bench'],
    queryFn: () => take(api.GET('/api/bench')),
    refetchInterval: EVERY_MS,
  });
  return { bench: data, ahead: dateOf(data.now).getTime() - dataUpdatedAt };
}

/** The oven's days, and when they were asked for. */
export function useDay() {
  const { data, dataUpdatedAt } = useSuspenseQuery({
    queryKey: ['baking'],
    queryFn: () => take(api.GET('/api/baking')),
    refetchInterval: EVERY_MS,
  });
  return { day: data, asked: dataUpdatedAt };
}

function useAct<A>(act: (argument: A) => Promise<unknown>) {
  return useMutation({ mutationFn: act });
}

/** What is done at the bench; each is one request. */
export function useBenchActs() {
  return {
    timer: useAct((running: boolean) => take(api.PUT('/api/bench/timer', { body: { running } }))),
    count: useAct((body: { done: number; lost: number }) => take(api.POST('/api/bench/count', { body }))),
    take: useAct((body: { batchId: number; designId: number; step: number }) =>
      take(api.PUT('/api/bench/job', { body })),
    ),
    putDown: useAct(() => take(api.DELETE('/api/bench/job'))),
  };
}

export function useLastChanges() {
  const { data } = useSuspenseQuery({ queryKey: ['changes'], queryFn: () => take(api.GET('/api/changes/last')) });
  return data;
}

export function useUndo() {
  return {
    undo: useAct((step: number) => take(api.POST('/api/changes/undo', { params: { query: { step } } }))),
    redo: useAct((step: number) => take(api.POST('/api/changes/redo', { params: { query: { step } } }))),
  };
}
