import { useSuspenseQuery } from '@tanstack/react-query';
import { money } from '../words/figures';
import { reads } from './reads';

export function useSettings() {
  const { data } = useSuspenseQuery(reads.settings);
  return data;
}

/** Writes money in the studio's currency. */
export function useMoney() {
  const { currency } = useSettings().settings;
  return (minor: number) => money(minor, currency);
}

export function useShelf() {
  const { data } = useSuspenseQuery(reads.shelf);
  return data;
}

export function useMixes() {
  const { data } = useSuspenseQuery(reads.mixes);
  return data;
}

export function useDesigns() {
  const { data } = useSuspenseQuery(reads.designs);
  return data;
}

export function useBatches() {
  const { data } = useSuspenseQuery(reads.batches);
  return data;
}

export function useLeftovers() {
  const { data } = useSuspenseQuery(reads.leftovers);
  return data;
}

/** The box of spare parts. */
export function useSpares() {
  const { data } = useSuspenseQuery(reads.spares);
  return data;
}

/** What to order for all batches. */
export function useShopping() {
  const { data } = useSuspenseQuery(reads.shopping);
  return data;
}

export function useTrials() {
  const { data } = useSuspenseQuery(reads.trials);
  return data;
}

export function useOvens() {
  const { data } = useSuspenseQuery(reads.ovens);
  return data;
}
