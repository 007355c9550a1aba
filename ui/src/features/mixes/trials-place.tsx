import { useMutation } from '@tanstack/react-query';
import { Link, useNavigate, useParams } from 'react-router';
import { Button } from '../../controls/button';
import { Empty } from '../../controls/empty';
import { Pair, Place } from '../../controls/place';
import { api, take, type Edition } from '../../server/client';
import { settled } from '../../server/unsaved';
import type { Trial } from '../../server/types';
import { useBench } from '../../server/use-bench';
import { useTrials } from '../../server/use-studio';
import { dayName, isoDay } from '../../words/days';
import { count } from '../../words/figures';
import { MixesTabs } from './mixes-tabs';
import { TrialCard } from './trial-card';
import { TrialStrip } from './trial-strip';

/** Finishes and tints tried side by side: the trials at the left, the one that is open at the right. */
export function TrialsPlace() {
  const trials = useTrials();
  const { now } = useBench().bench;
  const { id } = useParams();
  const go = useNavigate();
  const add = useMutation({
    mutationFn: (body: Trial) => take(api.POST('/api/trials', { body })),
    onSuccess: (added) => void go(`/mixes/trials/${added.id}`),
  });
  const remove = useMutation({
    mutationFn: async ({ id, edition }: Edition) => {
      const newest = await settled(`/api/trials/${id}`, edition);
      return take(api.DELETE('/api/trials/{id}', { params: { path: { id }, query: { edition: newest } } }));
    },
  });
  const open = trials.find((t) => t.id === Number(id)) ?? trials[0];
  const begin = (
    <Button
      kind="main"
      onClick={() =>
        add.mutate({
          name: 'New trial',
          madeOn: isoDay(now),
          note: '',
          rows: [
            { name: 'one coat', note: '', chosen: false },
            { name: 'two coats', note: '', chosen: false },
          ],
        })
      }
    >
      New trial
    </Button>
  );
  return (
    <Place title="Mixes" name="Trials" about={<MixesTabs chosen="trials" />} actions={open && begin}>
      {open ? (
        <Pair
          ledger={<TrialCard key={open.id} saved={open} onRemove={() => remove.mutate(open)} />}
          drawing={
            <>
              <TrialStrip trial={open} />
              <ul className="rounded-card border border-line bg-paper">
                {trials.map((t) => (
                  <li key={t.id} className="border-t border-line first:border-t-0">
                    <Link
                      to={`/mixes/trials/${t.id}`}
                      aria-current={t.id === open.id ? 'true' : undefined}
                      className="flex min-h-11 items-center gap-3 px-3 py-1 hover:bg-verdigris-tint aria-[current]:bg-verdigris-tint"
                    >
                      <span className="flex-1">
                        <span className="font-semibold">{t.trial.name}</span>
                        <span className="block text-note text-soft">
                          {t.trial.rows.find((r) => r.chosen)?.name ?? 'none chosen yet'}
                        </span>
                      </span>
                      <span className="text-note text-soft">{count(t.trial.rows.length, 'variant')} tried</span>
                      <span className="text-note text-soft">{dayName(t.trial.madeOn)}</span>
                    </Link>
                  </li>
                ))}
              </ul>
            </>
          }
        />
      ) : (
        <Empty title="No trials yet" step={begin}>
          Before a batch, try a finish or a tint in a few variants on scraps, and note how each one looked. The variant
          you choose stays marked for next time.
        </Empty>
      )}
    </Place>
  );
}
