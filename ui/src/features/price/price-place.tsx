import { useSuspenseQuery } from '@tanstack/react-query';
import { Link, useNavigate, useParams } from 'react-router';
import { Choice } from '../../controls/choice';
import { Empty } from '../../controls/empty';
import { NumberField } from '../../controls/number-field';
import { Pair, Place } from '../../controls/place';
import { Switch } from '../../controls/switch';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import { api, take } from '../../server/client';
import type { Cost } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useMoney, useDesigns, useSettings } from '../../server/use-studio';
import { grams, minorPerWhole, minutes, mm, percent, plain, u, plainIn } from '../../words/figures';
import { useDesign } from '../designs/use-design';
import { CostLadder, rungLooks } from './cost-ladder';

const batches = [1, 6, 12, 24];

/** Cost and price of a design, by the size of its batch. */
export function PricePlace() {
  const { id } = useParams();
  const designs = useDesigns();
  const go = useNavigate();
  const design = designs.find((p) => p.id === Number(id)) ?? designs[0];
  if (!design) {
    return (
      <Place title="Price">
        <Empty
          title="Nothing to price yet"
          step={
            <Link to="/designs" className="font-semibold text-verdigris underline">
              Draw a design first
            </Link>
          }
        >
          Each design is costed here from its clay, foil, findings, oven and work, and priced for the margin you want.
        </Empty>
      </Place>
    );
  }
  return (
    <Place
      title="Price"
      name={`Price of ${design.design.name}`}
      about={
        <Choice
          label="Design"
          value={String(design.id)}
          options={designs.map((p) => ({ value: String(p.id), label: p.design.name }))}
          onChange={(next) => void go(`/price/${next}`)}
          className="text-figure font-semibold text-ink"
        />
      }
    >
      <DesignPrice key={design.id} id={design.id} name={design.design.name} />
    </Place>
  );
}

function DesignPrice({ id, name }: { id: number; name: string }) {
  const money = useMoney();
  const { data: price } = useSuspenseQuery({
    queryKey: ['price', id],
    queryFn: () =>
      take(api.GET('/api/price/{designId}', { params: { path: { designId: id }, query: { quantities: batches } } })),
  });
  const twelve = price.batches.find((b) => b.quantity === 12) ?? price.batches[0];
  return (
    <Pair
      ledger={
        <>
          <CostTable costs={price.batches} money={money} />
          {twelve && <PriceFields id={id} cost={twelve} />}
          {twelve && <GoesIn cost={twelve} money={money} />}
        </>
      }
      drawing={
        <div className="flex min-h-80 flex-1 flex-col rounded-card border border-line bg-paper p-4">
          <h2 className="text-figure">From clay to price</h2>
          <LadderLegend />
          <CostLadder name={name} costs={price.batches} money={money} />
        </div>
      }
    />
  );
}

function LadderLegend() {
  return (
    <p className="mt-1 flex flex-wrap gap-x-3 text-note text-soft">
      {Object.keys(rungLooks).map((name) => (
        <span key={name} className="inline-flex items-center gap-1.5">
          <svg width="16" height="16" aria-hidden="true">
            <rect x="0.5" y="0.5" width="15" height="15" fill={`url(#rung-${name})`} stroke="#16201d" />
          </svg>{' '}
          {name}
        </span>
      ))}
      <span className="inline-flex items-center gap-1.5">
        <span className="w-4 border-t-2 border-ink" /> cost
      </span>
      <span className="inline-flex items-center gap-1.5">
        <span className="w-4 border-t-[3px] border-verdigris" /> price
      </span>
    </p>
  );
}

function CostTable({ costs, money }: { costs: Cost[]; money: (minor: number) => string }) {
  const names = costs[0]?.rungs.map((r) => r.name) ?? [];
  const row = (label: string, of: (cost: Cost) => string, strong = false) => (
    <tr key={label} className={`border-t ${strong ? 'border-ink font-semibold' : 'border-line'}`}>
      <th scope="row" className={`py-1 pl-3 text-left ${strong ? '' : 'font-normal'}`}>
        {label}
      </th>
      {costs.map((cost) => (
        <td key={cost.quantity} className="pr-3 text-right figure text-figure">
          {of(cost)}
        </td>
      ))}
    </tr>
  );
  return (
    <div className="rounded-card border border-line bg-paper">
      <table className="w-full">
        <thead className="text-note text-soft">
          <tr>
            <th className="py-2 pl-3 text-left font-semibold">Per piece</th>
            {costs.map((c) => (
              <th key={c.quantity} className="pr-3 text-right font-semibold">
                batch of {c.quantity}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {names.map((name, i) => row(name, (c) => money(c.rungs[i]?.costMinor ?? 0)))}
          {row('cost', (c) => money(c.costMinor), true)}
          {row('profit', (c) => money(c.profitMinor))}
          {row('margin', (c) => `${percent(c.marginPercent)} %`)}
          {row('price', (c) => money(c.priceMinor), true)}
        </tbody>
      </table>
    </div>
  );
}

function PriceFields({ id, cost }: { id: number; cost: Cost }) {
  const limits = useLimits();
  const { settings } = useSettings();
  const { draft, errors } = useDesign(id);
  const asked = draft.form.priceMinor;
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-1 rounded-card border border-line bg-paper px-4 py-2">
      <Switch
        label="Set my own price"
        on={asked !== undefined}
        onChange={(on) =>
          draft.change((p) => {
            const { priceMinor, ...rest } = p;
            return on ? { ...rest, priceMinor: cost.priceMinor } : rest;
          })
        }
      />
      {asked !== undefined ? (
        <label className="inline-flex items-baseline gap-1 text-soft">
          {settings.currency}
          <NumberField
            label="My price"
            value={asked}
            span={spanOf(limits, 'shelf', 'priceMinor')}
            per={minorPerWhole(settings.currency)}
            chars={6}
            error={errorAt(errors, 'priceMinor')}
            onChange={(priceMinor) => draft.change((p) => ({ ...p, priceMinor }))}
            onSettle={draft.settle}
          />
        </label>
      ) : (
        <p className="text-soft">
          Priced for a {plain(settings.marginPercent)} % margin (change it in{' '}
          <Link to="/settings" className="text-verdigris underline">
            Settings
          </Link>
          ).
        </p>
      )}
    </div>
  );
}

function GoesIn({ cost, money }: { cost: Cost; money: (minor: number) => string }) {
  return (
    <div className="rounded-card border border-line bg-paper px-4 py-3">
      <h2 className="text-figure">Cost of one piece in a batch of {cost.quantity}</h2>
      <ul className="mt-1">
        {cost.clays.map((clay) => (
          <li key={clay.name} className="flex justify-between gap-2">
            <span className="truncate">{clay.name}</span>
            <span className="figure whitespace-nowrap">
              {grams(clay.massG)} {u.g}{' '}
              <span className="text-note text-soft">
                at {money(clay.blockMinor)}/{plainIn('g', clay.blockG)} {u.g}
              </span>
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-2">
        Foil{' '}
        <b className="figure">
          {mm(cost.tornMm)} {u.mm}
        </b>
        . Work <b className="figure">{minutes(cost.handsMin)}</b> for the batch: {plain(cost.setupMin)} min set-up and{' '}
        {plain(cost.eachMin)} min per piece. Oven{' '}
        <b className="figure">{plain(Math.round(cost.energyKwh * 100) / 100)} kWh</b> in {cost.loads}{' '}
        {cost.loads === 1 ? 'load' : 'loads'}.
      </p>
      <p className="text-note text-soft">Taxes, fees and selling rules are not included; ask your local authority.</p>
      <ShowWorking>
        <WorkingsList workings={cost.workings} />
      </ShowWorking>
    </div>
  );
}
