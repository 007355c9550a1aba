import { useEffect, useState } from 'react';
import { dateOf } from '../words/days';

/** The server's time, going on: what it said, how long ago that was, and how fast its seconds go. */
export function useNow(said: string, asked: number, speed = 1): Date {
  const [ticked, setTicked] = useState(asked);
  useEffect(() => {
    const timer = setInterval(() => setTicked(Date.now()), 1000);
    return () => clearInterval(timer);
  }, []);
  return new Date(dateOf(said).getTime() + speed * Math.max(0, ticked - asked));
}

/** Seconds since an instant, going on while there is one. */
export function useSeconds(since: string | undefined, serverOffsetMs: number): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!since) return undefined;
    const timer = setInterval(() => setNow(Date.now()), 500);
    return () => clearInterval(timer);
  }, [since]);
  return since ? Math.max(0, (now + serverOffsetMs - new Date(since).getTime()) / 1000) : 0;
}
