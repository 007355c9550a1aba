import { useSuspenseQuery } from '@tanstack/react-query';
import { money } from '../words/figures';
import { api, take } from './client';

export function useWays() {
  const { data } = useSuspenseQuery({ queryKey: ['ways'], queryFn: () => take(api.GET('/api/ways')) });
  return data;
}

/** Writes money in the studio's currency. */
export function useMoney() {
  const { currency } = useWays().ways;
  return (minor: number) => money(minor, currency);
}

export function useShelf() {
  const { data } = useSuspenseQuery({ queryKey: ['shelf'], queryFn: () => take(api.GET('/api/shelf')) });
  return data;
}

export function useMixes() {
  const { data } = useSuspenseQuery({ queryKey: ['mixes'], queryFn: () => take(api.GET('/api/mixes')) });
  return data;
}

export function usePieces() {
  const { data } = useSuspenseQuery({ queryKey: ['pieces'], queryFn: () => take(api.GET('/api/pieces')) });
  return data;
}

export function useRuns() {
  const { data } = useSuspenseQuery({ queryKey: ['runs'], queryFn: () => take(api.GET('/api/runs')) });
  return data;
}

export function useLeftovers() {
  const { data } = useSuspenseQuery({ queryKey: ['leftovers'], queryFn: () => take(api.GET('/api/leftovers')) });
  return data;
}

export function useTrials() {
  const { data } = useSuspenseQuery({ queryKey: ['trials'], queryFn: () => take(api.GET('/api/trials')) });
  return data;
}

export function useOvens() {
  const { data } = useSuspenseQuery({ queryKey: ['ovens'], queryFn: () => take(api.GET('/api/ovens')) });
  return data;
}
