import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { reread } from '../../server/changes';
import { api, take } from '../../server/client';
import type { Day, LoadItem, PlanLook, PlannedLoad, Constraints } from '../../server/types';

const LOOK_EVERY_MS = 500;

/** The items of a planned load as they are sent. */
export function itemsOf(load: PlannedLoad): LoadItem[] {
  return load.items.map(({ batchId, designId, stage, count, first }) => ({ batchId, designId, stage, count, first }));
}

/** What is held and kept apart in the plan; each change can be undone. */
export function useConstraints(day: Day) {
  const { edition, form } = day.constraints;
  const put = useMutation({
    mutationFn: (body: Constraints) =>
      take(api.PUT('/api/baking/constraints', { params: { query: { edition } }, body })),
  });
  return {
    put,
    pin: (load: PlannedLoad) =>
      put.mutate({
        ...form,
        pins: [...form.pins, { ovenId: day.ovens[load.oven]?.id ?? 1, inAt: load.inAt, items: itemsOf(load) }],
      }),
    unpin: (load: PlannedLoad) =>
      put.mutate({ ...form, pins: form.pins.filter((p) => contentOf(p.items) !== contentOf(itemsOf(load))) }),
    keepApart: (one: LoadItem, other: LoadItem) =>
      put.mutate({ ...form, apart: [...form.apart, { one: bakeOf(one), other: bakeOf(other) }] }),
    clear: () => put.mutate({ pins: [], apart: [] }),
  };
}

/** What is in a load, given the same whatever the order it is given in. */
export function contentOf(items: LoadItem[]): string {
  return items
    .map((i) => `${i.batchId}/${i.designId}/${i.stage}/${i.first ? 'first' : ''}: ${i.count}`)
    .sort()
    .join();
}

function bakeOf({ batchId, designId, stage }: LoadItem) {
  return { batchId, designId, stage };
}

export interface Move {
  from: number;
  to?: number;
  item: LoadItem;
}

/** What a move would break or cost, while one is thought about. */
export function useMoved(move: Move) {
  return useQuery({
    queryKey: ['moved', move],
    queryFn: () => take(api.POST('/api/baking/moves', { body: move })),
    retry: false,
  });
}

function isUnderWay(look: PlanLook | undefined): boolean {
  return look?.state === 'LOOKING' || look?.state === 'WAITING';
}

/** The search for a better plan: how it goes, and its buttons. */
export function usePlanLook() {
  const client = useQueryClient();
  const { data: look } = useQuery({
    queryKey: ['plan-look'],
    queryFn: async () => {
      const before = client.getQueryData<PlanLook>(['plan-look']);
      const now = await take(api.GET('/api/baking/search'));
      if (isUnderWay(before) && !isUnderWay(now)) void reread(['plan']);
      return now;
    },
    refetchInterval: (query) => (isUnderWay(query.state.data) ? LOOK_EVERY_MS : false),
  });
  const set = { onSuccess: (data: unknown) => client.setQueryData(['plan-look'], data) };
  return {
    look,
    begin: useMutation({ mutationFn: () => take(api.POST('/api/baking/search')), ...set }),
    stop: useMutation({ mutationFn: () => take(api.DELETE('/api/baking/search')), ...set }),
  };
}
