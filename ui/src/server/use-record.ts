import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, take } from './client';
import { reread } from './changes';
import { mayBeGone } from './connection';

const LEAST_MS = 2000;

/** A load without a probe is known by the clock alone. */
const CLOCK_MS = 10_000;

/** What a load really got, by its probe; it is asked for again whenever the probe has read something. */
export function useRecord(id: number, isIn = false) {
  const { data } = useQuery({
    queryKey: ['record', id],
    queryFn: () => take(api.GET('/api/baking/loads/{id}/record', { params: { path: { id } } })),
    refetchInterval: isIn ? CLOCK_MS : false,
  });
  return data;
}

/** Listens to the probes and to new plans, as long as the page is open. */
export function useProbesLive() {
  const client = useQueryClient();
  useEffect(() => {
    let live: EventSource | null = null;
    let later: ReturnType<typeof setTimeout> | undefined;
    let last = 0;
    const read = () => {
      // What is read soon after the last one is asked for at the end of that time, so that the newest is always shown.
      later ??= setTimeout(
        () => {
          later = undefined;
          last = Date.now();
          void client.invalidateQueries({ queryKey: ['record'] });
        },
        Math.max(0, last + LEAST_MS - Date.now()),
      );
    };
    // A page that is left gives its connection back at once: a browser has few of them for one server.
    const close = () => {
      live?.close();
      live = null;
    };
    const open = () => {
      if (live) return;
      live = new EventSource('/api/baking/live');
      live.addEventListener('read', read);
      live.addEventListener('plan', () => void reread(['plan']));
      // It ends at once when the server does.
      live.addEventListener('error', () => void mayBeGone());
    };
    open();
    window.addEventListener('pagehide', close);
    window.addEventListener('pageshow', open);
    return () => {
      window.removeEventListener('pagehide', close);
      window.removeEventListener('pageshow', open);
      clearTimeout(later);
      close();
    };
  }, [client]);
}
