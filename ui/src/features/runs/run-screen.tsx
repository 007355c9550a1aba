import { useNavigate, useParams } from 'react-router';
import { Button } from '../../controls/button';
import { Place } from '../../controls/place';
import { ProblemNote } from '../../controls/problem-note';
import { TextField } from '../../controls/text-field';
import type { Edition } from '../../server/client';
import { wrongAt } from '../../server/use-measured';
import { count } from '../../words/figures';
import { CoresStation } from './cores-station';
import { FitStation } from './fit-station';
import { GateStation } from './gate-station';
import { MixStation } from './mix-station';
import { OrderPair } from './order-pair';
import { OvenStation } from './oven-station';
import { PortionStation } from './portion-station';
import { PriceStation } from './price-station';
import { StepsStation } from './steps-station';
import { stateWords } from './states';
import { Thread } from './thread';
import { useRun, useRunActs, type RunDraft } from './use-run';

/** A run: its thread, and the station that is open. */
export function RunScreen() {
  const { id, station = 'order' } = useParams();
  return <OneRun key={id} runId={Number(id)} station={station} />;
}

function OneRun({ runId, station }: { runId: number; station: string }) {
  const run = useRun(runId);
  const { remove } = useRunActs();
  const { draft, plan } = run;
  return (
    <Place
      title={
        <TextField
          label="Name of the run"
          value={draft.form.name}
          wrong={wrongAt(run.wrongs, 'name')}
          onChange={(name) => draft.change((r) => ({ ...r, name }))}
          onSettle={draft.settle}
          fit
          className="border-transparent font-head"
        />
      }
      about={
        <>
          {stateWords[draft.form.state]}, {count(plan.thread.total, 'piece')}, {plan.thread.finished} through
          {plan.thread.lost > 0 && `, ${plan.thread.lost} lost`}
        </>
      }
      actions={<StateActions run={run} id={runId} remove={remove.mutate} />}
    >
      <Thread runId={runId} thread={plan.thread} />
      <ProblemNote problem={run.problem} />
      {!plan.joint && draft.form.state !== 'FINISHED' && (
        <p role="note" className="text-note text-straw">
          ◦ A preview of this run alone, as it is typed. Once saved, its loads and times are those of all runs together.
        </p>
      )}
      <Station station={station} run={run} id={runId} />
    </Place>
  );
}

interface ActionProps {
  run: RunDraft;
  id: number;
  remove: (run: Edition, options: { onSuccess: () => void }) => void;
}

function StateActions({ run, id, remove }: ActionProps) {
  const go = useNavigate();
  const { form, change } = run.draft;
  const to = (state: typeof form.state) => change((r) => ({ ...r, state }));
  if (form.state === 'PLANNED') {
    return (
      <>
        <Button kind="main" onClick={() => to('ON_BENCH')}>
          Put on the bench
        </Button>
        <Button onClick={() => remove({ id, edition: run.edition }, { onSuccess: () => void go('/runs') })}>
          Remove
        </Button>
      </>
    );
  }
  if (form.state === 'ON_BENCH') {
    return (
      <>
        <Button onClick={() => to('PLANNED')}>Take off the bench</Button>
        <Button onClick={() => to('FINISHED')}>It is finished</Button>
      </>
    );
  }
  return <Button onClick={() => to('ON_BENCH')}>Back on the bench</Button>;
}

function Station({ station, run, id }: { station: string; run: RunDraft; id: number }) {
  const { plan } = run;
  switch (station) {
    case 'cores':
      return <CoresStation plan={plan} runId={id} />;
    case 'mix':
      return <MixStation plan={plan} runId={id} />;
    case 'portion':
      return <PortionStation plan={plan} runId={id} />;
    case 'shape':
      return <StepsStation plan={plan} station="SHAPE" runId={id} />;
    case 'gate':
      return <GateStation plan={plan} runId={id} />;
    case 'oven':
      return <OvenStation plan={plan} />;
    case 'finish':
      return <StepsStation plan={plan} station="FINISH" runId={id} />;
    case 'fit':
      return <FitStation plan={plan} runId={id} />;
    case 'price':
      return <PriceStation plan={plan} />;
    default:
      return <OrderPair run={run} />;
  }
}
