import { useMutation, useSuspenseInfiniteQuery, useSuspenseQuery } from '@tanstack/react-query';
import { api, sendFile, take, type Edition } from '../../server/client';
import { reads } from '../../server/reads';
import { rereadAll } from '../../server/changes';
import { settled } from '../../server/unsaved';
import type { BakeLine, DaybookLine, DaybookLineView } from '../../server/types';
import { isoDay } from '../../words/days';

const PAGE = 100;

/** What the daybook is looked at for. */
export interface Asked {
  batchId?: number;
  kind?: DaybookLine['kind'];
}

/** The lines of the daybook, the latest first, a page at a time. */
export function useDaybook(asked: Asked) {
  const { data, fetchNextPage, hasNextPage, isFetchingNextPage } = useSuspenseInfiniteQuery({
    queryKey: ['daybook', asked],
    initialPageParam: undefined as string | undefined,
    queryFn: ({ pageParam: before }) =>
      take(
        api.GET('/api/daybook', {
          params: { query: { most: PAGE, ...asked, ...(before === undefined ? {} : { before }) } },
        }),
      ),
    getNextPageParam: (page) => page.earlier,
  });
  return {
    days: inDays(
      data.pages.flatMap((page) => page.lines),
      data.pages.flatMap((page) => page.bakes),
    ),
    more: hasNextPage ? () => void fetchNextPage() : null,
    loading: isFetchingNextPage,
  };
}

export type Entry = { at: string } & ({ line: DaybookLineView } | { bake: BakeLine });

export interface DaybookDay {
  day: string;
  entries: Entry[];
}

/** Lines and loads by the day they were on, the latest first. */
function inDays(lines: DaybookLineView[], bakes: BakeLine[]): DaybookDay[] {
  const entries: Entry[] = [
    ...lines.map((line) => ({ at: line.line.at, line })),
    ...bakes.map((bake) => ({ at: bake.inAt, bake })),
  ];
  entries.sort((a, b) => b.at.localeCompare(a.at));
  const days = new Map<string, Entry[]>();
  for (const entry of entries) {
    const day = isoDay(entry.at);
    days.set(day, [...(days.get(day) ?? []), entry]);
  }
  return [...days].map(([day, of]) => ({ day, entries: of }));
}

/** What the daybook has taught. */
export function useLearned() {
  const { data } = useSuspenseQuery(reads.learned);
  return data;
}

/** What a line was before each of its changes. */
export function useEarlier(id: number) {
  const { data } = useSuspenseQuery({
    queryKey: ['daybook-earlier', id],
    queryFn: () => take(api.GET('/api/daybook/{id}/earlier', { params: { path: { id } } })),
  });
  return data;
}

/** Adding and removing lines, one or a file of them; each can be undone. */
export function useDaybookActs() {
  return {
    add: useMutation({ mutationFn: (body: DaybookLine) => take(api.POST('/api/daybook', { body })) }),
    check: useMutation({
      mutationFn: async ({ id, edition, words }: Edition & { words: string }) => {
        await settled(`/api/daybook/${id}`, edition);
        return take(
          api.POST('/api/daybook/{id}/check', { params: { path: { id } }, body: { words, before: 'LAST_BAKE' } }),
        );
      },
    }),
    remove: useMutation({
      mutationFn: async ({ id, edition }: Edition) => {
        const newest = await settled(`/api/daybook/${id}`, edition);
        return take(api.DELETE('/api/daybook/{id}', { params: { path: { id }, query: { edition: newest } } }));
      },
    }),
    take: useMutation({
      mutationFn: (file: File) => sendFile<{ lines: number }>('/api/daybook/lines.csv', file),
      onSuccess: () => rereadAll(),
    }),
  };
}
