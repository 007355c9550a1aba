import { useMutation, useQuery } from '@tanstack/react-query';
import { reread } from '../../server/changes';
import { Button } from '../../controls/button';
import { FieldLine } from '../../controls/card';
import { Check } from '../../controls/check';
import { Choice } from '../../controls/choice';
import { api, take } from '../../server/client';
import type { Simulated } from '../../server/types';
import { choicesOf, useLimits } from '../../server/use-limits';

const speeds = [1, 10, 30, 60, 120];

/** The probe of an oven: the door it knocks at, and the simulated oven that stands in when there is none. */
export function ProbeFields({ ovenId }: { ovenId: number }) {
  const limits = useLimits();
  const path = { params: { path: { id: ovenId } } };
  const { data: probe } = useQuery({
    queryKey: ['probe', ovenId],
    queryFn: () => take(api.GET('/api/ovens/{id}/probe', path)),
  });
  // The studio's clock may have moved: what shows the time now is read again.
  const done = { onSuccess: () => reread(['probe', 'plan']) };
  const simulate = useMutation({
    mutationFn: (body: Simulated) => take(api.PUT('/api/ovens/{id}/probe/simulated', { ...path, body })),
    ...done,
  });
  const renew = useMutation({ mutationFn: () => take(api.POST('/api/ovens/{id}/probe/token', path)), ...done });
  if (!probe) return null;
  const { simulated } = probe;
  const set = (change: Partial<Simulated>) => simulate.mutate({ ...simulated, ...change });
  return (
    <section aria-label={`Probe of oven ${ovenId}`} className="flex flex-col gap-1 pt-2">
      <h3 className="font-semibold">Probe</h3>
      <p className="text-note text-soft">
        A probe sends its readings to <code>/api/probe/readings</code>{' '}
        {probe.token ? (
          <>
            {' '}
            with the password <code className="break-all">{probe.token}</code>{' '}
          </>
        ) : (
          'with a password. There is none yet.'
        )}
      </p>
      <Button kind="quiet" className="self-start" onClick={() => renew.mutate()}>
        {probe.token ? 'Make a new password' : 'Make a password'}
      </Button>
      <Check label="use a simulated oven" on={simulated.on} onChange={(on) => set({ on })} />
      {simulated.on && (
        <>
          <FieldLine label="kind">
            <Choice
              label={`Kind of simulated oven ${ovenId}`}
              value={simulated.preset}
              options={choicesOf(limits, 'ovenPreset')}
              onChange={(preset) => set({ preset: preset as Simulated['preset'] })}
            />
          </FieldLine>
          <FieldLine label="fault">
            <Choice
              label={`Fault of simulated oven ${ovenId}`}
              value={simulated.fault}
              options={choicesOf(limits, 'ovenFault')}
              onChange={(fault) => set({ fault: fault as Simulated['fault'] })}
            />
          </FieldLine>
          <FieldLine label="speed of the studio’s clock">
            <Choice
              label="Speed of the studio’s clock"
              value={String(simulated.speed)}
              options={speeds.map((s) => ({ value: String(s), label: s === 1 ? 'real time' : `${s} times as fast` }))}
              onChange={(speed) => set({ speed: Number(speed) })}
            />
          </FieldLine>
        </>
      )}
    </section>
  );
}
