import type { ReactNode } from 'react';
import { Caution } from '../../controls/caution';
import { Figure, FigureStrip } from '../../controls/figure';
import { AdviceList } from '../../controls/advice-list';
import { Pair } from '../../controls/place';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import type { Balance } from '../../server/types';
import { degrees, grams, mm, u, whole } from '../../words/figures';
import { BalanceDrawing } from './balance-drawing';
import type { DesignDraft } from './use-design';

/** Whether a design stands, hangs straight, sits well on its stick and is light enough to wear; and what would fix it. */
export function BalancePair({ design }: { design: DesignDraft }) {
  const { balance } = design.measured;
  return (
    <Pair
      ledger={
        <>
          <FigureStrip>
            <Figure value={grams(balance.massG)} unit={u.g}>
              as it is
            </Figure>
            <Figure value={grams(balance.solidMassG)} unit={u.g}>
              if it were solid
            </Figure>
            <Figure value={mm(balance.standing?.aboveMm ?? balance.centre.upMm)} unit={u.mm}>
              height of the centre of mass
            </Figure>
            {balance.standing && (
              <Figure value={degrees(balance.standing.tipDeg)} tone={balance.standing.tipDeg < 20 ? 'straw' : 'ink'}>
                tilt before it tips
              </Figure>
            )}
          </FigureStrip>
          <Grades balance={balance} />
          <AdviceList advice={balance.advice} />
          {balance.ballast.length > 0 && <Fixes balance={balance} />}
          <Weights balance={balance} />
          <ShowWorking>
            <WorkingsList workings={balance.workings} />
          </ShowWorking>
          {balance.earringG !== undefined && (
            <Caution>
              What an ear can carry varies; nickel and some other metals can harm the skin. Local rules may apply to
              what you sell.
            </Caution>
          )}
        </>
      }
      drawing={
        <div className="flex min-h-80 flex-1 flex-col rounded-card border border-line bg-paper p-3">
          <BalanceDrawing name={design.draft.form.name} design={design.measured} pin={design.draft.form.pin ?? null} />
        </div>
      }
    />
  );
}

function Grades({ balance }: { balance: Balance }) {
  const { standing, solidStanding, hangTiltDeg, topPercent, earringG, earringWears } = balance;
  const lines: [string, ReactNode][] = [];
  if (standing) {
    const how =
      standing.tipDeg < 0
        ? 'falls over'
        : standing.tipDeg < 10
          ? 'needs work'
          : standing.tipDeg < 20
            ? 'needs care'
            : 'stable';
    lines.push(['Standing', `${how}: centre of mass ${mm(standing.insideMm)} ${u.mm} inside the base`]);
    if (solidStanding) lines.push(['If solid, tips at', degrees(solidStanding.tipDeg)]);
  }
  if (hangTiltDeg !== undefined) {
    const side = hangTiltDeg > 0 ? 'right side low' : 'left side low';
    lines.push([
      'Hanging',
      Math.abs(hangTiltDeg) < 0.05 ? 'straight' : `tilted by ${degrees(Math.abs(hangTiltDeg))}, ${side}`,
    ]);
  }
  if (topPercent !== undefined)
    lines.push(['On its stick', `centre of mass at ${whole(topPercent)} % of the length; above 80 % is top-heavy`]);
  if (earringG !== undefined) lines.push(['Each earring', `${grams(earringG)} ${u.g}, ${earringWears ?? ''}`]);
  if (lines.length === 0) lines.push(['Lying flat', 'nothing to balance; add a pin or a stick if the design has one']);
  return (
    <dl className="rounded-card border border-line bg-paper px-4 py-2">
      {lines.map(([term, words]) => (
        <div key={term} className="flex gap-3 py-0.5">
          <dt className="w-40 text-soft">{term}</dt>
          <dd className="figure">{words}</dd>
        </div>
      ))}
    </dl>
  );
}

function Fixes({ balance }: { balance: Balance }) {
  return (
    <section className="rounded-card border border-line bg-paper px-4 py-2">
      <h2 className="text-figure">Ways to fix it</h2>
      <ul>
        {balance.ballast.map((b) => (
          <li key={b.way} className="flex flex-wrap gap-x-3 border-t border-line py-1 first:border-0">
            <span className="mr-auto">{b.way}</span>
            {b.addedG > 0 && (
              <span className="figure">
                +{grams(b.addedG)} {u.g}
              </span>
            )}
            {b.widerMm > 0 && (
              <span className="figure">
                edge {mm(b.widerMm)} {u.mm} farther out
              </span>
            )}
            <span className="figure font-semibold">tips at {degrees(b.tipDeg)}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Weights({ balance }: { balance: Balance }) {
  return (
    <div
      className="min-h-24 overflow-y-auto rounded-card border border-line bg-paper"
      tabIndex={0}
      role="group"
      aria-label="Weights"
    >
      <table className="w-full">
        <thead className="sticky top-0 bg-paper text-left text-note text-soft">
          <tr>
            <th className="py-1.5 pl-3 font-semibold">Item</th>
            <th className="text-right font-semibold">Copies</th>
            <th className="text-right font-semibold">Total, {u.g}</th>
            <th className="pr-3 text-right font-semibold">Centre, {u.mm} up</th>
          </tr>
        </thead>
        <tbody>
          {balance.weights.map((sum) => (
            <tr key={sum.of} className="border-t border-line">
              <th scope="row" className="py-1 pl-3 text-left font-normal">
                {sum.of}
              </th>
              <td className="text-right figure">{sum.count}</td>
              <td className="text-right figure">{grams(sum.massG)}</td>
              <td className="pr-3 text-right figure">{mm(sum.at.upMm)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
