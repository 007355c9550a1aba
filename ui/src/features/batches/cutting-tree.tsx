import { useQuery } from '@tanstack/react-query';
import { Swatch } from '../../controls/swatch';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import { api, take } from '../../server/client';
import type { CuttingPlan } from '../../server/types';
import { count, grams, mm, u, plainIn } from '../../words/figures';

type Write = (size: number) => string;

/** How the portions of the batch are cut out of blocks and lumps, and its wires out of coils. */
export function CuttingTree({ batchId }: { batchId: number }) {
  const cutting = useQuery({
    queryKey: ['batch-cutting', batchId],
    queryFn: () => take(api.GET('/api/batches/{id}/cutting', { params: { path: { id: batchId } } })),
  });
  if (!cutting.data) return <p className="text-soft">Calculating the cuts…</p>;
  const { mixes, wires } = cutting.data;
  return (
    <div className="flex flex-col gap-3">
      {mixes.map((cut) => (
        <section key={cut.mixId} className="rounded-card border border-line bg-paper px-4 py-2">
          <h2 className="flex items-center gap-2 text-figure">
            <Swatch raw={cut.rawHex} cured={cut.curedHex} /> {cut.name}
            <Sums plan={cut.plan} write={grams} unit={u.g} />
          </h2>
          <Plan plan={cut.plan} write={grams} unit={u.g} whole={cut.fromBlocks ? '' : 'as mixed, with waste'} />
          <ShowWorking of={cut.name}>
            <WorkingsList workings={cut.plan.workings} />
          </ShowWorking>
        </section>
      ))}
      {wires.map((cut) => (
        <section key={`${cut.gaugeMm}-${cut.metal}`} className="rounded-card border border-line bg-paper px-4 py-2">
          <h2 className="flex items-center gap-2 text-figure">
            {plainIn('mm', cut.gaugeMm)} {u.mm} {cut.metal} wire, {mm(cut.totalMm)} {u.mm} in all
            <Sums plan={cut.plan} write={mm} unit={u.mm} />
          </h2>
          <Plan plan={cut.plan} write={mm} unit={u.mm} whole="" />
          <ShowWorking of={`${plainIn('mm', cut.gaugeMm)} ${u.mm} ${cut.metal} wire`}>
            <WorkingsList workings={cut.plan.workings} />
          </ShowWorking>
        </section>
      ))}
    </div>
  );
}

function Sums({ plan, write, unit }: { plan: CuttingPlan; write: Write; unit: string }) {
  return (
    <span className="ml-auto text-note font-normal text-soft">
      {count(plan.cuts, 'cut')}, {write(plan.leftOver)} {unit} left over
    </span>
  );
}

function Plan({ plan, write, unit, whole }: { plan: CuttingPlan; write: Write; unit: string; whole: string }) {
  return (
    <>
      <ul>
        {plan.opened.map((stick) => (
          <li key={stick.name} className="border-t border-line py-1">
            <span className="font-semibold">{stick.name}</span>{' '}
            <span className="figure">
              {write(stick.size)} {unit}
            </span>{' '}
            <span className="text-note text-soft">{whole}</span>
            <ul className="ml-2 border-l-2 border-line pl-3">
              {stick.groups.map((group) => (
                <li key={group.name} className="flex flex-wrap gap-x-3">
                  <span className="mr-auto">{group.name}</span>
                  <span className="figure">
                    {group.count > 1 && `Take ${write(group.together)} ${unit}, ${stepWords(group.steps)}: `}
                    <b>
                      {group.count} × {write(group.size)} {unit}
                    </b>
                  </span>
                </li>
              ))}
              {stick.left > 0 && (
                <li className="flex text-soft">
                  <span className="mr-auto">left over</span>
                  <span className="figure">
                    {write(stick.left)} {unit}
                  </span>
                </li>
              )}
            </ul>
          </li>
        ))}
      </ul>
      {plan.unplaced.length > 0 && (
        <p className="border-t border-line py-1 font-semibold text-straw">
          Nothing on the shelf for{' '}
          {plan.unplaced.map((u) => `${u.count} × ${write(u.size)} ${unit} (${u.name})`).join(', ')}.
        </p>
      )}
    </>
  );
}

/** How to cut a lump in equal parts: "halve it, halve again, then cut each in 3". */
function stepWords(steps: number[]): string {
  return steps.map((n, i) => (i === 0 ? first(n) : i === steps.length - 1 ? `then ${again(n)}` : again(n))).join(', ');
}

const first = (n: number) => (n === 2 ? 'halve it' : `cut it in ${n}`);
const again = (n: number) => (n === 2 ? 'halve again' : `cut each in ${n}`);
