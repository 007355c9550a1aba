import { useSuspenseQuery } from '@tanstack/react-query';
import { money } from '../words/figures';
import { api, take } from './client';

export function useSettings() {
  const { data } = useSuspenseQuery({ queryKey: ['settings'], queryFn: () => take(api.GET('/api/settings')) });
  return data;
}

/** Writes money in the studio's currency. */
export function useMoney() {
  const { currency } = useSettings().settings;
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

export function useDesigns() {
  const { data } = useSuspenseQuery({ queryKey: ['designs'], queryFn: () => take(api.GET('/api/designs')) });
  return data;
}

export function useBatches() {
  const { data } = useSuspenseQuery({ queryKey: ['batches'], queryFn: () => take(api.GET('/api/batches')) });
  return data;
}

export function useLeftovers() {
  const { data } = useSuspenseQuery({ queryKey: ['leftovers'], queryFn: () => take(api.GET('/api/leftovers')) });
  return data;
}

/** The box of spare parts. */
export function useSpares() {
  const { data } = useSuspenseQuery({ queryKey: ['spares'], queryFn: () => take(api.GET('/api/spares')) });
  return data;
}

/** What to order for all batches. */
export function useShopping() {
  const { data } = useSuspenseQuery({ queryKey: ['shopping'], queryFn: () => take(api.GET('/api/shopping')) });
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
