import { useSuspenseQuery } from '@tanstack/react-query';
import { reads } from './reads';
import type { Limits, Span } from './types';

export function useLimits() {
  const { data } = useSuspenseQuery(reads.limits);
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
