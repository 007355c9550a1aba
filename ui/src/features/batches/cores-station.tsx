import { Figure, FigureStrip } from '../../controls/figure';
import { Pair } from '../../controls/place';
import type { BatchPlan } from '../../server/types';
import { grams, mm, offRoll, u, whole } from '../../words/figures';
import { dimensionWords } from '../designs/section-labels';
import { CoresDrawing } from './cores-drawing';
import { StepList } from './step-list';

/** Foil sleeves to wrap round inserts, so that the designs slide off. */
function Sleeves({ sleeves }: { sleeves: BatchPlan['needs']['sleeves'] }) {
  return (
    <div className="rounded-card border border-line bg-paper">
      <table className="w-full">
        <thead className="text-left text-note text-soft">
          <tr>
            <th className="py-2 pl-3 font-semibold">Sleeve on</th>
            <th className="text-right font-semibold">Count</th>
            <th className="pl-4 font-semibold">Wrap to, {u.mm}</th>
            <th className="text-right font-semibold">Strip each</th>
            <th className="pr-3 text-right font-semibold">Foil each</th>
          </tr>
        </thead>
        <tbody>
          {sleeves.map((sleeve) => (
            <tr key={`${sleeve.designId}-${sleeve.insertName}`} className="border-t border-line">
              <td className="py-2 pl-3">
                <span className="block font-semibold">{sleeve.insertName}</span>
                <span className="block text-note text-soft">{sleeve.designName}</span>
              </td>
              <td className="text-right figure text-figure">{sleeve.count}</td>
              <td className="pl-4 figure">Ø{mm(sleeve.outerMm)}</td>
              <td className="text-right figure whitespace-nowrap">
                {mm(sleeve.stripMm)} × {mm(sleeve.widthMm)} <span className="text-note text-soft">{u.mm}</span>
              </td>
              <td className="pr-3 pl-4 text-right figure text-figure whitespace-nowrap">
                {grams(sleeve.foilG)} <span className="text-note text-soft">{u.g}</span>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

/** Cores to press: their size, the foil to tear for each, and the roll in all. */
export function CoresStation({ plan, batchId }: { plan: BatchPlan; batchId: number }) {
  const { cores, sleeves, tornMm, foilG } = plan.needs;
  return (
    <Pair
      ledger={
        <>
          {cores.length === 0 ? (
            sleeves.length === 0 && <p className="text-soft">No part of this batch has a foil core.</p>
          ) : (
            <div className="rounded-card border border-line bg-paper">
              <table className="w-full">
                <thead className="text-left text-note text-soft">
                  <tr>
                    <th className="py-2 pl-3 font-semibold">Core for</th>
                    <th className="text-right font-semibold">Count</th>
                    <th className="pl-4 font-semibold">Press to, {u.mm}</th>
                    <th className="text-right font-semibold">Tear each</th>
                    <th className="pr-3 text-right font-semibold">Foil each</th>
                  </tr>
                </thead>
                <tbody>
                  {cores.map((core) => (
                    <tr key={`${core.designId}-${core.partName}`} className="border-t border-line">
                      <td className="py-2 pl-3">
                        <span className="block font-semibold">{core.partName}</span>
                        <span className="block text-note text-soft">{core.designName}</span>
                      </td>
                      <td className="text-right figure text-figure">{core.count}</td>
                      <td className="pl-4 figure">
                        {dimensionWords(core.shape)}
                        <span className="block font-text text-note text-soft">
                          {core.packing}, shell {mm(core.shellMm)}
                        </span>
                      </td>
                      <td className="text-right figure text-figure">
                        {whole(core.tornMm)} <span className="text-note text-soft">{u.mm}</span>
                      </td>
                      <td className="pr-3 text-right figure text-figure">
                        {grams(core.foilG)} <span className="text-note text-soft">{u.g}</span>
                      </td>
                    </tr>
                  ))}
                </tbody>
              </table>
            </div>
          )}
          {sleeves.length > 0 && <Sleeves sleeves={sleeves} />}
          <FigureStrip>
            <Figure value={offRoll(tornMm)}>of the roll in total</Figure>
            <Figure value={grams(foilG)} unit={u.g}>
              of foil in total
            </Figure>
          </FigureStrip>
          <h2 className="text-figure">Still to do</h2>
          <StepList plan={plan} station="CORES" batchId={batchId} />
        </>
      }
      drawing={<CoresDrawing plan={plan} />}
    />
  );
}
