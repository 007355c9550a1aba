import { useKeptChoice } from '../../controls/use-kept-choice';
import { Pair } from '../../controls/place';
import { Segments } from '../../controls/segments';
import { Swatch } from '../../controls/swatch';
import type { BatchPlan } from '../../server/types';
import { grams, mm, u } from '../../words/figures';
import { BallRow } from './ball-row';
import { CuttingTree } from './cutting-tree';
import { StepList } from './step-list';

/** Every part of the batch as balls to roll: how many, how heavy, how wide. */
export function PortionStation({ plan, batchId }: { plan: BatchPlan; batchId: number }) {
  const { portions } = plan.needs;
  const [view, setView] = useKeptChoice<'balls' | 'cuts'>('view', 'balls');
  return (
    <Pair
      ledger={
        <>
          <div
            tabIndex={0}
            role="group"
            aria-label="Lumps to weigh out"
            className="min-h-40 overflow-y-auto rounded-card border border-line bg-paper"
          >
            <table className="w-full">
              <thead className="sticky top-0 bg-paper text-left text-note text-soft">
                <tr>
                  <th className="py-2 pl-3 font-semibold">Part</th>
                  <th className="font-semibold max-sm:hidden">Mix</th>
                  <th className="pl-3 text-right font-semibold">Balls</th>
                  <th className="pl-3 text-right font-semibold">Each, {u.g}</th>
                  <th className="pl-3 text-right font-semibold">Ball, {u.mm}</th>
                  <th className="pr-3 pl-3 text-right font-semibold">Total, {u.g}</th>
                </tr>
              </thead>
              <tbody>
                {portions.map((p, i) => (
                  <tr key={i} className="border-t border-line">
                    <td className="py-1 pl-3">
                      <span className="font-semibold">{p.partName}</span>{' '}
                      {portions[i - 1]?.designId !== p.designId && (
                        <span className="text-note text-soft">{p.designName}</span>
                      )}
                      <span className="flex items-center gap-1.5 text-note sm:hidden">
                        <Swatch raw={p.rawHex} cured={p.curedHex} size={16} /> {p.mixName}
                      </span>
                      {p.fromBox > 0 && (
                        <span className="block text-note text-soft">and {p.fromBox} from the box of spares</span>
                      )}
                    </td>
                    <td className="max-sm:hidden">
                      <span className="inline-flex items-center gap-1.5">
                        <Swatch raw={p.rawHex} cured={p.curedHex} /> {p.mixName}
                      </span>
                    </td>
                    <td className="pl-3 text-right figure text-figure">{p.count}</td>
                    <td className="pl-3 text-right figure text-figure">{grams(p.massG)}</td>
                    <td className="pl-3 text-right figure text-figure">{mm(p.ballMm)}</td>
                    <td className="pr-3 pl-3 text-right figure text-soft">{grams(p.massG * p.count)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
          <h2 className="text-figure">Still to do</h2>
          <StepList plan={plan} station="WEIGH_OUT" batchId={batchId} />
        </>
      }
      drawing={
        <>
          <Segments
            label="View"
            value={view}
            options={[
              { value: 'balls', label: 'Balls to scale' },
              { value: 'cuts', label: 'How to cut them' },
            ]}
            onChange={setView}
          />
          {view === 'balls' ? <BallRow portions={portions} /> : <CuttingTree batchId={batchId} />}
        </>
      }
    />
  );
}
