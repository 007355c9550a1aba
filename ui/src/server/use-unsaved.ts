import { useSuspenseQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { api, take } from './client';
import { beginUnsaved } from './unsaved';

/** Takes up what was typed and not saved when the page was last left, and sends what is not saved when it is left now. */
export function useUnsaved() {
  const { data } = useSuspenseQuery({
    queryKey: ['studio'],
    queryFn: () => take(api.GET('/api/studio')),
    staleTime: Infinity,
  });
  useEffect(() => beginUnsaved(data.id), [data.id]);
}
