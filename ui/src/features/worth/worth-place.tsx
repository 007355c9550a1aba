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
import { wrongAt } from '../../server/use-measured';
import { useMoney, usePieces, useWays } from '../../server/use-studio';
import { grams, minorPerWhole, minutes, mm, percent, plain } from '../../words/figures';
import { usePiece } from '../pieces/use-piece';
import { CostLadder, rungInks } from './cost-ladder';

const batches = [1, 6, 12, 24];

/** Cost and price of a piece, by the size of its batch. */
export function WorthPlace() {
  const { id } = useParams();
  const pieces = usePieces();
  const go = useNavigate();
  const piece = pieces.find((p) => p.id === Number(id)) ?? pieces[0];
  if (!piece) {
    return (
      <Place title="Worth">
        <Empty
          title="Nothing to price yet"
          step={
            <Link to="/pieces" className="font-semibold text-verdigris underline">
              Draw a piece first
            </Link>
          }
        >
          Here a piece is costed from its clay, foil, findings, oven and hands, and priced for the margin you want.
        </Empty>
      </Place>
    );
  }
  return (
    <Place
      title="Worth"
      about={
        <Choice
          label="Piece"
          value={String(piece.id)}
          options={pieces.map((p) => ({ value: String(p.id), label: p.piece.name }))}
          onChange={(next) => void go(`/worth/${next}`)}
          className="text-figure font-semibold text-ink"
        />
      }
    >
      <PieceWorth key={piece.id} id={piece.id} name={piece.piece.name} />
    </Place>
  );
}

function PieceWorth({ id, name }: { id: number; name: string }) {
  const money = useMoney();
  const { data: worth } = useSuspenseQuery({
    queryKey: ['worth', id],
    queryFn: () =>
      take(api.GET('/api/worth/{pieceId}', { params: { path: { pieceId: id }, query: { quantities: batches } } })),
  });
  const twelve = worth.batches.find((b) => b.quantity === 12) ?? worth.batches[0];
  return (
    <Pair
      ledger={
        <>
          <CostTable costs={worth.batches} money={money} />
          {twelve && <PriceFields id={id} cost={twelve} />}
          {twelve && <GoesIn cost={twelve} money={money} />}
        </>
      }
      drawing={
        <div className="flex min-h-80 flex-1 flex-col rounded-card border border-line bg-paper p-4">
          <h2 className="text-figure">From clay up to the price</h2>
          <LadderLegend />
          <CostLadder name={name} costs={worth.batches} money={money} />
        </div>
      }
    />
  );
}

function LadderLegend() {
  return (
    <p className="mt-1 flex flex-wrap gap-x-3 text-note text-soft">
      {Object.entries(rungInks).map(([name, ink]) => (
        <span key={name} className="inline-flex items-center gap-1.5">
          <span className="size-3.5" style={{ background: ink }} /> {name}
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
            <th className="py-2 pl-3 text-left font-semibold">For one piece</th>
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
          {row('kept', (c) => money(c.keptMinor))}
          {row('margin', (c) => `${percent(c.marginPercent)} %`)}
          {row('price', (c) => money(c.priceMinor), true)}
        </tbody>
      </table>
    </div>
  );
}

function PriceFields({ id, cost }: { id: number; cost: Cost }) {
  const limits = useLimits();
  const { ways } = useWays();
  const { draft, wrongs } = usePiece(id);
  const asked = draft.form.priceMinor;
  return (
    <div className="flex flex-wrap items-center gap-x-5 gap-y-1 rounded-card border border-line bg-paper px-4 py-2">
      <Switch
        label="Ask a price of my own"
        on={asked !== undefined}
        onChange={(on) =>
          draft.change((p) => {
            const { priceMinor, ...reckoned } = p;
            return on ? { ...reckoned, priceMinor: cost.priceMinor } : reckoned;
          })
        }
      />
      {asked !== undefined ? (
        <label className="inline-flex items-baseline gap-1 text-soft">
          {ways.currency}
          <NumberField
            label="Price asked"
            value={asked}
            span={spanOf(limits, 'shelf', 'priceMinor')}
            per={minorPerWhole(ways.currency)}
            chars={6}
            wrong={wrongAt(wrongs, 'priceMinor')}
            onChange={(priceMinor) => draft.change((p) => ({ ...p, priceMinor }))}
            onSettle={draft.settle}
          />
        </label>
      ) : (
        <p className="text-soft">
          Reckoned to keep {plain(ways.marginPercent)} %, set in{' '}
          <Link to="/ways" className="text-verdigris underline">
            Ways
          </Link>
          .
        </p>
      )}
    </div>
  );
}

function GoesIn({ cost, money }: { cost: Cost; money: (minor: number) => string }) {
  return (
    <div className="rounded-card border border-line bg-paper px-4 py-3">
      <h2 className="text-figure">What goes into one of {cost.quantity}</h2>
      <ul className="mt-1">
        {cost.clays.map((clay) => (
          <li key={clay.name} className="flex justify-between gap-2">
            <span className="truncate">{clay.name}</span>
            <span className="figure whitespace-nowrap">
              {grams(clay.massG)} g{' '}
              <span className="text-note text-soft">
                at {money(clay.blockMinor)}/{plain(clay.blockG)} g
              </span>
            </span>
          </li>
        ))}
      </ul>
      <p className="mt-2">
        Foil <b className="figure">{mm(cost.tornMm)} mm</b>. Hands <b className="figure">{minutes(cost.handsMin)}</b>{' '}
        for the batch: {plain(cost.setupMin)} min set-up and {plain(cost.eachMin)} min each. Oven{' '}
        <b className="figure">{plain(Math.round(cost.energyKwh * 100) / 100)} kWh</b> in {cost.loads}{' '}
        {cost.loads === 1 ? 'load' : 'loads'}.
      </p>
      <p className="text-note text-soft">
        Taxes, fees and the rules of selling are not in it; ask your local authority.
      </p>
      <ShowWorking>
        <WorkingsList workings={cost.workings} />
      </ShowWorking>
    </div>
  );
}
