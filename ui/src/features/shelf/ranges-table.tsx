import { useQuery } from '@tanstack/react-query';
import { Button } from '../../controls/button';
import { Caution } from '../../controls/caution';
import { Menu } from '../../controls/menu';
import { NumberField } from '../../controls/number-field';
import { DraftText } from '../../controls/draft-text';
import { TextField } from '../../controls/text-field';
import { api, errorsOf, take } from '../../server/client';
import type { Line, Shelf } from '../../server/types';
import { useDraft, type Draft } from '../../server/use-draft';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useShelf } from '../../server/use-studio';
import { useReady } from '../beginning/use-beginning';
import { useShelfActs } from './use-shelf-acts';
import { plain, plainIn, u, unitOf } from '../../words/figures';

const fields = [
  { field: 'lowC', head: 'From', unit: '°C' },
  { field: 'highC', head: 'To', unit: '°C' },
  { field: 'ceilingC', head: 'Ceiling', unit: '°C' },
  { field: 'per6MmMin', head: 'Per 6 mm of clay', unit: 'min' },
  { field: 'leastMin', head: 'Shortest', unit: 'min' },
  { field: 'mostMin', head: 'Longest', unit: 'min' },
  { field: 'greatestMm', head: 'Thickest', unit: 'mm' },
  { field: 'densityGPerCm3', head: 'Density', unit: 'g/cm³' },
  { field: 'driesH', head: 'Air-dries, per 6 mm', unit: 'h' },
] as const;

/** The ranges of clay and what their packets say of the oven. */
export function RangesTable() {
  const { ranges } = useShelf();
  const { addRange, removeRange } = useShelfActs();
  const { packets } = useReady();
  return (
    <div className="flex max-w-6xl flex-col gap-3">
      <div className="relative overflow-x-auto rounded-card border border-line bg-paper">
        <table className="w-full">
          <thead className="text-note text-soft">
            <tr>
              <th className="py-2 pl-3 text-left font-semibold">Clay range</th>
              {fields.map((f) => (
                <th key={f.field} className="pr-2 text-right font-semibold">
                  {f.head}, {unitOf(f.unit)}
                </th>
              ))}
              <th>
                <span className="sr-only">Remove</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {ranges.map((range) => (
              <RangeRow key={range.id} saved={range} onRemove={() => removeRange.mutate(range)} />
            ))}
          </tbody>
        </table>
        {ranges.length === 0 && <p className="px-3 py-2 text-soft">Type here what the packet of your clay says.</p>}
        <Menu
          align="start"
          trigger={
            <Button adds kind="quiet" className="m-1">
              Add a clay range
            </Button>
          }
          items={packets.map(({ name }, i) => ({ value: String(i), label: `as ${name}, to change` }))}
          onChoose={(i) => {
            const packet = packets[Number(i)];
            if (packet) addRange.mutate({ ...packet, name: 'New clay range' });
          }}
        />
      </div>
      <Caution>
        Copy these from the packet in your hand. The packet and the maker’s safety sheet decide, not these defaults.
      </Caution>
    </div>
  );
}

function RangeRow({ saved, onRemove }: { saved: Shelf['ranges'][number]; onRemove: () => void }) {
  const limits = useLimits();
  const range = useDraft<Line>(`/api/shelf/ranges/${saved.id}`, saved.range.name, {
    edition: saved.edition,
    form: saved.range,
  });
  return (
    <tr className="border-t border-line align-baseline">
      <td className="py-1.5 pl-3">
        <DraftText draft={range} field="name" label="Name of the clay range" className="w-48 font-semibold" />
        <Printed range={range} />
      </td>
      {fields.map(({ field }) => (
        <td key={field} className="pr-2 text-right">
          <NumberField
            label={`${range.form.name}, ${spanOf(limits, 'shelf', field).label}`}
            value={range.form[field] ?? 0}
            span={spanOf(limits, 'shelf', field)}
            chars={4}
            error={errorAt(range.errors, field)}
            onChange={(value) => range.change((l) => ({ ...l, [field]: value }))}
            onSettle={range.settle}
          />
        </td>
      ))}
      <td className="text-right">
        <Button kind="quiet" aria-label={`Remove ${range.form.name}`} onClick={onRemove}>
          ✕
        </Button>
      </td>
    </tr>
  );
}

/** What the packet says in its own units, and what it means. */
function Printed({ range }: { range: Draft<Line> }) {
  const { form, change, settle } = range;
  const printed = form.printed ?? '';
  const { data, error } = useQuery({
    queryKey: ['sum-packet', printed],
    queryFn: () => take(api.POST('/api/sums/packet', { body: { printed } })),
    enabled: printed.trim() !== '',
    retry: false,
  });
  const wrong = printed.trim() === '' ? undefined : errorAt(errorsOf(error), 'printed');
  const meant = [
    data?.per6MmMin !== undefined && `${plain(data.per6MmMin)} min per 6 mm`,
    data?.lowC !== undefined &&
      `${[...new Set([data.lowC, data.highC ?? data.lowC])].map((c) => plainIn('°C', c)).join(' to ')} ${u.c}`,
  ].filter((words) => words !== false);
  const used =
    (data?.per6MmMin === undefined || data.per6MmMin === form.per6MmMin) &&
    (data?.lowC === undefined || (data.lowC === form.lowC && (data.highC ?? data.lowC) === form.highC));
  return (
    <div className="text-note">
      <TextField
        label={`${form.name}, as printed`}
        value={printed}
        placeholder="as printed: 20 min per 1/4 inch at 275 °F"
        error={wrong}
        onChange={(text) => change((l) => ({ ...l, printed: text }))}
        onSettle={settle}
        className="min-h-7 w-full min-w-64"
      />
      {data && meant.length > 0 && (
        <p className="text-soft">
          means {meant.join(' at ')}
          {used ? ', as used' : '. '}
          {!used && (
            <Button
              kind="quiet"
              className="px-1"
              aria-label={`Use what is printed for ${form.name}`}
              onClick={() => {
                change((l) => ({
                  ...l,
                  ...(data.per6MmMin === undefined ? {} : { per6MmMin: data.per6MmMin }),
                  ...(data.lowC === undefined ? {} : { lowC: data.lowC, highC: data.highC ?? data.lowC }),
                }));
                settle();
              }}
            >
              Use this
            </Button>
          )}
        </p>
      )}
    </div>
  );
}
