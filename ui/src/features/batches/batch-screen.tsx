import { useNavigate, useParams } from 'react-router';
import { Button } from '../../controls/button';
import { Place } from '../../controls/place';
import { ProblemNote } from '../../controls/problem-note';
import { TextField } from '../../controls/text-field';
import type { Edition } from '../../server/client';
import { errorAt } from '../../server/use-measured';
import { count } from '../../words/figures';
import { CoresStation } from './cores-station';
import { FitStation } from './fit-station';
import { ChecksStation } from './checks-station';
import { MixStation } from './mix-station';
import { OrderPair } from './order-pair';
import { OvenStation } from './oven-station';
import { PortionStation } from './portion-station';
import { PriceStation } from './price-station';
import { StepsStation } from './steps-station';
import { stateWords } from './states';
import { Thread } from './thread';
import { useBatch, useBatchActs, type BatchDraft } from './use-batch';

/** A batch: its thread, and the station that is open. */
export function BatchScreen() {
  const { id, station = 'order' } = useParams();
  return <OneBatch key={id} batchId={Number(id)} station={station} />;
}

function OneBatch({ batchId, station }: { batchId: number; station: string }) {
  const batch = useBatch(batchId);
  const { remove } = useBatchActs();
  const { draft, plan } = batch;
  return (
    <Place
      title={
        <TextField
          label="Name of the batch"
          value={draft.form.name}
          error={errorAt(batch.errors, 'name')}
          onChange={(name) => draft.change((r) => ({ ...r, name }))}
          onSettle={draft.settle}
          fit
          className="border-transparent font-head"
        />
      }
      name={`${draft.form.name}, ${station.replace('-', ' ')}`}
      about={
        <>
          {stateWords[draft.form.state]}, {count(plan.thread.total, 'piece')}, {plan.thread.finished} finished
          {plan.thread.lost > 0 && `, ${plan.thread.lost} lost`}
        </>
      }
      actions={<StateActions batch={batch} id={batchId} remove={remove.mutate} />}
    >
      <Thread batchId={batchId} thread={plan.thread} />
      <ProblemNote problem={batch.problem} />
      {!plan.joint && draft.form.state !== 'FINISHED' && (
        <p role="note" className="text-note text-straw">
          ◦ Preview of this batch alone, while you type. Once saved, its loads and times come from the plan of all
          batches.
        </p>
      )}
      <Station station={station} batch={batch} id={batchId} />
    </Place>
  );
}

interface ActionProps {
  batch: BatchDraft;
  id: number;
  remove: (batch: Edition, options: { onSuccess: () => void }) => void;
}

function StateActions({ batch, id, remove }: ActionProps) {
  const go = useNavigate();
  const { form, change } = batch.draft;
  const to = (state: typeof form.state) => change((r) => ({ ...r, state }));
  if (form.state === 'PLANNED') {
    return (
      <>
        <Button kind="main" onClick={() => to('ON_BENCH')}>
          Put on the bench
        </Button>
        <Button onClick={() => remove({ id, edition: batch.edition }, { onSuccess: () => void go('/batches') })}>
          Remove this batch
        </Button>
      </>
    );
  }
  if (form.state === 'ON_BENCH') {
    return (
      <>
        <Button onClick={() => to('PLANNED')}>Take off the bench</Button>
        <Button onClick={() => to('FINISHED')}>Finish this batch</Button>
      </>
    );
  }
  return <Button onClick={() => to('ON_BENCH')}>Put back on the bench</Button>;
}

function Station({ station, batch, id }: { station: string; batch: BatchDraft; id: number }) {
  const { plan } = batch;
  switch (station) {
    case 'cores':
      return <CoresStation plan={plan} batchId={id} />;
    case 'mix':
      return <MixStation plan={plan} batchId={id} />;
    case 'weigh-out':
      return <PortionStation plan={plan} batchId={id} />;
    case 'shape':
      return <StepsStation plan={plan} station="SHAPE" batchId={id} />;
    case 'checks':
      return <ChecksStation plan={plan} batchId={id} />;
    case 'oven':
      return <OvenStation plan={plan} />;
    case 'finish':
      return <StepsStation plan={plan} station="FINISH" batchId={id} />;
    case 'fit':
      return <FitStation plan={plan} batchId={id} />;
    case 'price':
      return <PriceStation plan={plan} />;
    default:
      return <OrderPair batch={batch} batchId={id} />;
  }
}
