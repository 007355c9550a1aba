import { Link } from 'react-router';
import { AdviceList } from '../../controls/advice-list';
import { Pair } from '../../controls/place';
import { Swatch } from '../../controls/swatch';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import type { BatchPlan } from '../../server/types';
import { useLeftovers, useMoney, useSettings } from '../../server/use-studio';
import { grams, minutes, plain, u, plainIn } from '../../words/figures';
import { words as partsWords } from '../mixes/found-recipes';
import { MixBar } from '../mixes/mix-bar';
import { useUses } from '../mixes/use-leftovers';
import { WeighedMix } from './weighed-mix';
import { StepList } from './step-list';

type Clay = BatchPlan['needs']['clays'][number];

/** Mixes to make and clays to take: from opened blocks, blocks to open, blocks to buy. */
export function MixStation({ plan, batchId }: { plan: BatchPlan; batchId: number }) {
  const { settings } = useSettings();
  return (
    <Pair
      ledger={
        <>
          <AdviceList advice={plan.advice.filter((a) => a.rule === 'clay-condition')} />
          <ClayTable plan={plan} />
          <h2 className="text-figure">Still to do</h2>
          <StepList plan={plan} station="MIX" batchId={batchId} />
        </>
      }
      drawing={
        <div className="flex flex-col gap-4 rounded-card border border-line bg-paper p-4">
          <h2 className="text-figure">
            Mixes to make{' '}
            <span className="font-text text-note font-normal text-soft">
              with {plain(settings.wastePercent)} % waste, or as weighed before
            </span>
          </h2>
          <p className="-mt-2 text-note text-soft">
            Light to dark, to save wiping. A note says where a trace of the mix before would show.
          </p>
          {inTurn(plan).map(({ mix, turn }) => (
            <section key={mix.mixId} aria-label={mix.name}>
              {turn.wipeBefore && (
                <p className="mb-2 border-t border-straw pt-1 text-note font-semibold text-straw">
                  ◦ Wipe hands and machine: 1 % of the mix before would change {mix.name} by a colour difference of{' '}
                  {plain(Math.round(turn.tintedBy * 10) / 10)}
                </p>
              )}
              <div className="mb-1 flex items-center gap-2.5">
                <Swatch raw={mix.rawHex} cured={mix.curedHex} size={30} />
                <Link
                  to={`/mixes/${mix.mixId}?g=${Math.max(0.1, Math.round(mix.netG * 10) / 10)}`}
                  className="font-semibold underline decoration-dotted underline-offset-4"
                >
                  {mix.name}
                </Link>
                <span className="ml-auto figure text-figure font-semibold whitespace-nowrap">
                  {grams(mix.toMixG)} {u.g}
                </span>
                <span className="w-36 text-right text-note whitespace-nowrap text-soft">
                  {grams(mix.netG)} {u.g} in the pieces
                </span>
              </div>
              <MixBar name={mix.name} clays={mix.lines} height={22} />
              {mix.inclusions.length > 0 && (
                <p className="text-note">
                  Then add {mix.inclusions.map((i) => `${grams(i.massG)} ${u.g} ${i.name}`).join(', ')}.
                </p>
              )}
              {mix.intoOthersG > 0 && (
                <p className="text-note">
                  {grams(mix.intoOthersG)} {u.g} of this mix go into other mixes: make it before them.
                </p>
              )}
              {mix.made && (
                <p className="text-note">
                  {mix.made.kind}: make {mix.made.count}
                  {mix.made.makingMin > 0 && `, ${minutes(mix.made.makingMin)}`}.{' '}
                  {mix.made.wastedG >= 0.05 &&
                    `${grams(mix.made.wastedG)} ${u.g} is cut off or left behind: keep it as a leftover.`}
                </p>
              )}
              {mix.letDowns.map((down) => (
                <p key={down.tint} className="text-note">
                  Too little {down.tint} for the scale: knead {grams(down.tintG)} {u.g} of it into {grams(down.otherG)}{' '}
                  {u.g} {down.into}, take{' '}
                  <b className="figure">
                    {grams(down.takeG)} {u.g}
                  </b>{' '}
                  of that, and only {grams(down.otherLeftG)} {u.g} {down.into} besides.
                </p>
              ))}
              <LeftOfIt mixId={mix.mixId} toMixG={mix.toMixG} />
              {mix.netG > 0 && <WeighedMix mix={mix} batchId={batchId} />}
              <ShowWorking of={mix.name}>
                <WorkingsList workings={mix.workings} />
              </ShowWorking>
            </section>
          ))}
        </div>
      }
    />
  );
}

/** What is left of a mix from before. */
function LeftOfIt({ mixId, toMixG }: { mixId: number; toMixG: number }) {
  const left = useLeftovers().lumps.filter((l) => l.lump.mixId === mixId);
  const kneaded = useUses().find((use) => use.mixId === mixId && use.recipe.parts.length > 1);
  if (left.length === 0) {
    return kneaded ? (
      <p className="text-note text-soft">
        Leftovers kneaded together come near it, up to {grams(kneaded.recipe.mostG)} {u.g}: {partsWords(kneaded.recipe)}
        , {kneaded.recipe.differs}.{' '}
        <Link to="/mixes/leftovers" className="underline">
          Knead them
        </Link>{' '}
        before you mix new.
      </p>
    ) : null;
  }
  const all = left.reduce((sum, l) => sum + l.lump.massG, 0);
  return (
    <p className="text-note text-soft">
      You have {grams(all)} {u.g} left over.{' '}
      {all >= toMixG ? 'That is enough: mix none.' : `Use it and mix only ${grams(toMixG - all)} ${u.g}.`}
    </p>
  );
}

/** The mixes in the order in which they are handled. */
function inTurn(plan: BatchPlan) {
  return plan.needs.handling.flatMap((turn) => {
    const mix = plan.needs.mixes.find((m) => m.mixId === turn.mixId);
    return mix ? [{ mix, turn }] : [];
  });
}

function blocks(list: Clay['open']): string {
  return list.map((b) => `${b.count}×${plainIn('g', b.massG)} ${u.g}`).join(', ');
}

function ClayTable({ plan }: { plan: BatchPlan }) {
  const money = useMoney();
  return (
    <div className="rounded-card border border-line bg-paper">
      <table className="w-full">
        <thead className="text-left text-note text-soft">
          <tr>
            <th className="py-2 pl-3 font-semibold">Clay</th>
            <th className="pl-3 text-right font-semibold">Need, {u.g}</th>
            <th className="pl-3 text-right font-semibold max-md:hidden">Opened, {u.g}</th>
            <th className="pl-3 font-semibold max-md:hidden">Open</th>
            <th className="pl-3 font-semibold max-md:hidden">Buy</th>
            <th className="pr-3 text-right font-semibold">Left, {u.g}</th>
          </tr>
        </thead>
        <tbody>
          {plan.needs.clays.map((clay) => (
            <tr key={clay.clayId} className="border-t border-line">
              <td className="py-1.5 pl-3">
                <span className="inline-flex items-center gap-2 font-semibold whitespace-nowrap">
                  <Swatch raw={clay.rawHex} cured={clay.curedHex} size={20} /> {clay.name}
                </span>
                <span className="block figure text-note text-soft md:hidden">
                  {[
                    clay.fromOpenG > 0 && `opened ${grams(clay.fromOpenG)} ${u.g}`,
                    clay.open.length > 0 && `open ${blocks(clay.open)}`,
                    clay.buy.length > 0 && `buy ${blocks(clay.buy)}`,
                    clay.missingG > 0 && `${grams(clay.missingG)} ${u.g} missing`,
                  ]
                    .filter((words) => words !== false)
                    .join('; ')}
                </span>
                {clay.reservedG > 0 && (
                  <span className="block text-note text-soft">
                    {grams(clay.reservedG)} {u.g} kept for earlier batches
                  </span>
                )}
              </td>
              <td className="pl-3 text-right figure text-figure font-semibold">{grams(clay.neededG)}</td>
              <td className="pl-3 text-right figure max-md:hidden">{grams(clay.fromOpenG)}</td>
              <td className="pl-3 figure text-note whitespace-nowrap max-md:hidden">{blocks(clay.open) || '–'}</td>
              <td
                className={`pl-3 figure text-note whitespace-nowrap max-md:hidden ${clay.missingG > 0 ? 'font-semibold text-madder' : clay.buy.length > 0 ? 'font-semibold text-straw' : ''}`}
              >
                {clay.missingG > 0 && `✕ ${grams(clay.missingG)} ${u.g}, no longer sold`}
                {clay.missingG === 0 && (clay.buy.length > 0 ? `◦ ${blocks(clay.buy)}, ${money(clay.costMinor)}` : '–')}
              </td>
              <td className="pr-3 pl-3 text-right figure text-soft">{grams(clay.leftG)}</td>
            </tr>
          ))}
        </tbody>
        <tfoot>
          <tr className="border-t border-ink font-semibold">
            <td className="py-1.5 pl-3">Total</td>
            <td className="text-right figure text-figure">
              {grams(plan.needs.clays.reduce((sum, c) => sum + c.neededG, 0))}
            </td>
            <td colSpan={2} />
            <td className="pl-3 figure whitespace-nowrap">
              {money(plan.needs.clays.reduce((sum, c) => sum + c.costMinor, 0))}
            </td>
            <td />
          </tr>
        </tfoot>
      </table>
      <div className="border-t border-line px-2 py-1">
        <ShowWorking of="clays to take and to buy">
          <div className="flex flex-col gap-3">
            {plan.needs.clays.map((clay) => (
              <WorkingsList key={clay.clayId} workings={clay.workings} />
            ))}
          </div>
        </ShowWorking>
      </div>
    </div>
  );
}
