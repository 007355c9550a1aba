import { useSuspenseQuery } from '@tanstack/react-query';
import { useEffect } from 'react';
import { reads } from './reads';
import { beginUnsaved } from './unsaved';

/** Takes up what was typed and not saved when the page was last left, and sends what is not saved when it is left now. */
export function useUnsaved() {
  const { data } = useSuspenseQuery(reads.studio);
  useEffect(() => beginUnsaved(data.id), [data.id]);
}
