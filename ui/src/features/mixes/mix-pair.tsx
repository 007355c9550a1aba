import { useMutation } from '@tanstack/react-query';
import { Link, useSearchParams } from 'react-router';
import { useKeptChoice } from '../../controls/use-kept-choice';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import { Pair } from '../../controls/place';
import { ProblemNote } from '../../controls/problem-note';
import { Switch } from '../../controls/switch';
import { TextField } from '../../controls/text-field';
import { api, take } from '../../server/client';
import type { Mix } from '../../server/types';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useMixes } from '../../server/use-studio';
import { grams, u } from '../../words/figures';
import { MixCoat } from './mix-coat';
import { MixDrawing } from './mix-drawing';
import { MixInstead } from './mix-instead';
import { MixLines } from './mix-lines';
import { MixInclusions } from './mix-inclusions';
import { MixUsed } from './mix-used';
import { MixWeigh } from './mix-weigh';
import { useMix } from './use-mix';
import { WorkedMix } from './worked-mix';

/** What is wanted before anyone says so: of a glaze counted in drops, a little. */
const USUAL_G = 100;
const FEW_G = 5;

/** A mix: its parts and the grams wanted at the left, the colour they make at the right. */
export function MixPair({ id }: { id: number }) {
  const limits = useLimits();
  const [asked] = useSearchParams();
  const dripped = useMixes().find((m) => m.id === id)?.mix.unit === 'DROPS';
  const [wantedG, setWantedG] = useKeptChoice('grams', Number(asked.get('g')) || (dripped ? FEW_G : USUAL_G));
  const { draft, measured, errors, problem } = useMix(id, wantedG);
  const { name, unit = 'PARTS', retired = false, worked } = draft.form;
  const general = errorAt(errors, 'parts') ?? errorAt(errors, 'inclusions');
  const recount = useMutation({
    mutationFn: (to: NonNullable<Mix['unit']>) =>
      take(api.POST('/api/mixes/restate', { params: { query: { unit: to, wantedG, id } }, body: draft.form })),
    onSuccess: (mix) => draft.change(() => mix),
  });
  return (
    <Pair
      ledger={
        <>
          <ProblemNote problem={problem} />
          <div className="flex flex-wrap items-baseline gap-x-5">
            <TextField
              label="Name of the mix"
              value={name}
              error={errorAt(errors, 'name')}
              onChange={(next) => draft.change((m) => ({ ...m, name: next }))}
              onSettle={draft.settle}
              className="w-60 font-head text-large font-bold"
            />
            <label className="inline-flex items-baseline gap-1 text-soft">
              for{' '}
              <NumberField
                label="Grams in the pieces"
                value={wantedG}
                span={spanOf(limits, 'mix', 'wantedG')}
                chars={5}
                error={errorAt(errors, 'wantedG')}
                onChange={setWantedG}
                onSettle={draft.settle}
              />{' '}
              {u.g} in the pieces
            </label>
            {!worked && (
              <span className="inline-flex items-baseline gap-1 text-soft">
                in{' '}
                <Choice
                  label="Unit of the recipe"
                  value={unit}
                  options={choicesOf(limits, 'mixUnit')}
                  onChange={(to) => recount.mutate(to as NonNullable<Mix['unit']>)}
                />
              </span>
            )}
          </div>
          <p className="px-1 text-soft">
            {worked ? 'Make' : 'Mix'}{' '}
            <b className="figure text-ink">
              {grams(measured.toMixG)} {u.g}
            </b>
          </p>
          {worked ? (
            <WorkedMix id={id} mix={draft.form} measured={measured} />
          ) : (
            <>
              <MixLines id={id} draft={draft} measured={measured} errors={errors} />
              <MixInclusions draft={draft} measured={measured} errors={errors} />
            </>
          )}
          {general && (
            <p role="alert" className="rounded-card border border-madder bg-madder-tint px-3 py-2 text-madder">
              {general.message}
            </p>
          )}
          {!worked && (
            <>
              <MixInstead id={id} mix={draft.form} wantedG={wantedG} shortG={measured.shortG} />
              <MixWeigh id={id} mix={draft.form} wantedG={wantedG} />
              <p className="px-1 text-note">
                <Link
                  to={`/mixes/find?mix=${id}&g=${wantedG}&onhand=1`}
                  className="font-semibold text-verdigris underline underline-offset-4"
                >
                  Other recipes for this colour
                </Link>{' '}
                <span className="text-soft">
                  using what is on the shelf, for {grams(wantedG)} {u.g} in the pieces.
                </span>
              </p>
            </>
          )}
          <MixUsed mixId={id} />
          <Switch
            label="retired: kept for old batches, not offered for new ones"
            on={retired}
            onChange={(on) => draft.change((m) => ({ ...m, retired: on }))}
          />
        </>
      }
      drawing={
        <>
          <MixDrawing name={name} mix={measured} />
          {!worked && <MixCoat id={id} mix={draft.form} />}
        </>
      }
    />
  );
}
