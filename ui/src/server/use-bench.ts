import { useMutation, useQueryClient, useSuspenseQuery, type QueryClient } from '@tanstack/react-query';
import { dateOf } from '../words/days';
import { BENCH_ACT, QUICK_ACT } from './changes';
import { api, take } from './client';
import { lastLoss, type LastLoss } from './last-loss';
import { maker } from './maker';
import { reads } from './reads';
import type { components } from './schema';
import type { Bench, Hand } from './types';
import { allSent, isSending } from './unsaved';

const EVERY_MS = 30_000;

/** The current job and what comes next, and how far the server's clock is ahead of this one. */
export function useBench() {
  const { data, dataUpdatedAt } = useSuspenseQuery({
    ...reads.bench,
    refetchInterval: EVERY_MS,
  });
  return { bench: data, ahead: dateOf(data.now).getTime() - dataUpdatedAt };
}

/** The oven's days, and when they were asked for. */
export function useDay() {
  const { data, dataUpdatedAt } = useSuspenseQuery({
    ...reads.baking,
    refetchInterval: EVERY_MS,
  });
  return { day: data, asked: dataUpdatedAt };
}

/** Whether the timer is to run; of one that was forgotten, when the work ended or that nothing is logged. */
type Timer = components['schemas']['TimerForm'];
export type LossReason = components['schemas']['BecauseForm']['reason'];

const whose = () => ({ params: { query: { maker: maker() } } });

/** Goes on with the work: what was lost before is no longer asked about. */
async function on<T>(answer: Parameters<typeof take<T>>[0]): Promise<T> {
  lastLoss(null);
  return take(answer);
}

/** One after the other: what is pressed in a hurry is done in the order it was pressed in. */
const INTURN = { mutationKey: BENCH_ACT, scope: { id: 'bench' } };

function useAct<A>(act: (argument: A) => Promise<unknown>) {
  return useMutation({ ...INTURN, mutationFn: act });
}

/**
 * The same where a key shows at once what the answer will say: a studio of many batches takes a moment to plan anew. What the
 * answer says then stands; a refusal brings back what there was.
 */
function useQuickAct<A>(act: (argument: A) => Promise<unknown>, shown: (job: Hand, argument: A, now: Date) => Hand) {
  const client = useQueryClient();
  return useMutation({
    ...INTURN,
    mutationKey: QUICK_ACT,
    mutationFn: act,
    onMutate: (argument: A) => {
      const was = client.getQueryState<Bench>(['bench']);
      if (!was?.data?.job) return;
      // A reading that is on its way began before this, and would show what there was.
      void client.cancelQueries({ queryKey: ['bench'], exact: true });
      const { data, dataUpdatedAt: updatedAt } = was;
      // The studio's clock: the job's times are its, and it may run at another pace or on another day.
      const now = new Date(dateOf(data.now).getTime() + Date.now() - updatedAt);
      client.setQueryData<Bench>(['bench'], { ...data, job: shown(was.data.job, argument, now) }, { updatedAt });
    },
    onError: () => client.invalidateQueries({ queryKey: ['bench'], exact: true }),
  });
}

/** The job with so many more done, no more than are wanted. */
function counted(job: Hand, more: number): Hand {
  return { ...job, done: Math.min(job.wanted, Math.max(0, job.done + more)) };
}

/** The job with its timer started or stopped just now; a timer that was forgotten is asked about first. */
function timed(job: Hand, { running, stoppedAt, discard }: Timer, now: Date): Hand {
  if (running === Boolean(job.startedAt) || stoppedAt !== undefined || discard || job.forgotten) return job;
  const { startedAt, interruptedAt: _, ...standing } = job;
  if (running) return { ...standing, startedAt: now.toISOString() };
  const ran = startedAt ? Math.max(0, (now.getTime() - dateOf(startedAt).getTime()) / 1000) : 0;
  return { ...standing, loggedSec: job.loggedSec + Math.round(ran) };
}

/** What is done at the bench; each is one request. */
export function useBenchActs() {
  return {
    interrupt: useQuickAct<undefined>(
      () => on(api.POST('/api/bench/interruption', whose())),
      (job, _, now) =>
        job.startedAt ? { ...timed(job, { running: false }, now), interruptedAt: now.toISOString() } : job,
    ),
    timer: useQuickAct((body: Timer) => on(api.PUT('/api/bench/timer', { ...whose(), body })), timed),
    count: useQuickAct((done: number) => on(api.POST('/api/bench/count', { ...whose(), body: { done } })), counted),
    lose: useQuickAct<undefined>(
      async () => {
        const { lineId } = await take(
          api.POST('/api/bench/losses', { ...whose(), body: { pieces: 1, reason: 'OTHER', again: false } }),
        );
        lastLoss({ lineId, again: false });
      },
      (job) => ({ ...job, lost: job.lost + 1 }),
    ),
    because: useAct(async ({ lineId, again, reason }: LastLoss & { reason: LossReason }) => {
      await take(api.PUT('/api/bench/losses/{lineId}', { params: { path: { lineId } }, body: { reason, again } }));
    }),
    take: useAct((body: { batchId: number; designId: number; step: number }) =>
      on(api.PUT('/api/bench/job', { ...whose(), body })),
    ),
    putDown: useAct(() => on(api.DELETE('/api/bench/job', whose()))),
  };
}

export function useLastChanges() {
  const { data } = useSuspenseQuery(reads.changes);
  return data;
}

/**
 * Undo and redo of the change that is named on the page; while something pressed or typed before is still on its way, of
 * that, since that is the last the maker saw.
 */
export function useUndo() {
  const client = useQueryClient();
  const last = useLastChanges();
  const undoes = useAct(async (step: number | undefined) => {
    const undoStep = step ?? (await latest(client)).undoStep;
    if (undoStep !== undefined) await take(api.POST('/api/changes/undo', { params: { query: { step: undoStep } } }));
  });
  const redoes = useAct(async (step: number | undefined) => {
    const redoStep = step ?? (await latest(client)).redoStep;
    if (redoStep !== undefined) await take(api.POST('/api/changes/redo', { params: { query: { step: redoStep } } }));
  });
  const waits = () => client.isMutating() > 0 || isSending();
  return {
    last,
    undo: () => {
      if (waits()) undoes.mutate(undefined);
      else if (last.undoStep !== undefined) undoes.mutate(last.undoStep);
    },
    redo: () => {
      if (waits()) redoes.mutate(undefined);
      else if (last.redoStep !== undefined) redoes.mutate(last.redoStep);
    },
  };
}

/** What there is to undo once every save that is on its way has come in. */
async function latest(client: QueryClient) {
  const others = () => client.isMutating({ predicate: (m) => m.options.mutationKey?.[0] !== BENCH_ACT[0] }) > 0;
  await allSent();
  await new Promise<void>((settled) => {
    const cache = client.getMutationCache();
    const stop = cache.subscribe(look);
    look();
    function look() {
      if (others()) return;
      stop();
      settled();
    }
  });
  return client.query({ ...reads.changes, staleTime: 0 });
}
