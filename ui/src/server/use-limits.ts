import { useSuspenseQuery } from '@tanstack/react-query';
import { api, take } from './client';
import type { Limits, Span } from './types';

/** Every field's range and unit, and every choice with its words, as the core has them. */
export function useLimits() {
  const { data } = useSuspenseQuery({
    queryKey: ['limits'],
    queryFn: () => take(api.GET('/api/limits')),
    staleTime: Infinity,
  });
  return data;
}

export function spanOf(limits: Limits, group: string, field: string): Span {
  const span = limits.spans[group]?.[field];
  if (!span) throw new Error(`No span for ${group}.${field}`);
  return span;
}

export function choicesOf(limits: Limits, name: string) {
  return limits.choices[name] ?? [];
}
