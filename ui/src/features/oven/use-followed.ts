import { useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { useNavigate } from 'react-router';
import type { Day, LoadItem } from '../../server/types';
import { contentOf, itemsOf } from './use-plan';

/**
 * Keeps the address on the load that is looked at: when the plan changes and its loads are numbered again, it goes where
 * what is in that load went.
 *
 * @param index of the load in the plan; none while the address names no load of it
 * @returns a call that goes to the load with these things
 */
export function useFollowed(day: Day, index: number | undefined) {
  const client = useQueryClient();
  const go = useNavigate();
  const seen = useRef<{ index: number; content: string } | null>(null);
  useEffect(() => {
    const load = index === undefined ? undefined : day.planned[index];
    const content = load && contentOf(itemsOf(load));
    const last = seen.current;
    const at = last?.index === index && last?.content !== content ? placeOf(day, last?.content) : -1;
    if (at >= 0) void go(`/oven/planned/${at + 1}`, { replace: true });
    else seen.current = index === undefined || content === undefined ? null : { index, content };
  }, [day, index, go]);
  return (items: LoadItem[]) => {
    const at = placeOf(client.getQueryData<Day>(['baking']) ?? day, contentOf(items));
    if (at >= 0) void go(`/oven/planned/${at + 1}`, { replace: true });
  };
}

function placeOf(day: Day, content: string | undefined): number {
  return day.planned.findIndex((load) => contentOf(itemsOf(load)) === content);
}
