import { Button } from '../../controls/button';
import { Caution } from '../../controls/caution';
import { NumberField } from '../../controls/number-field';
import { DraftText } from '../../controls/draft-text';
import type { Line, Shelf } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { spanOf, useLimits } from '../../server/use-limits';
import { wrongAt } from '../../server/use-measured';
import { useShelf } from '../../server/use-studio';
import { useShelfActs } from './use-shelf-acts';

const fields = [
  { field: 'lowC', head: 'From', unit: '°C' },
  { field: 'highC', head: 'To', unit: '°C' },
  { field: 'ceilingC', head: 'Ceiling', unit: '°C' },
  { field: 'per6MmMin', head: 'Per 6 mm', unit: 'min' },
  { field: 'leastMin', head: 'Least', unit: 'min' },
  { field: 'mostMin', head: 'Most', unit: 'min' },
  { field: 'greatestMm', head: 'Thickest', unit: 'mm' },
  { field: 'densityGPerCm3', head: 'Density', unit: 'g/cm³' },
  { field: 'driesH', head: 'Air-dries, per 6 mm', unit: 'h' },
] as const;

const newLine: Line = {
  name: 'New line',
  lowC: 125,
  highC: 135,
  ceilingC: 150,
  per6MmMin: 15,
  leastMin: 20,
  mostMin: 90,
  greatestMm: 12,
  densityGPerCm3: 1.75,
};

/** The lines of clay and what their packets say of the oven. */
export function LinesTable() {
  const { lines } = useShelf();
  const { addLine, removeLine } = useShelfActs();
  return (
    <div className="flex max-w-5xl flex-col gap-3">
      <div className="relative overflow-x-auto rounded-card border border-line bg-paper">
        <table className="w-full">
          <thead className="text-note text-soft">
            <tr>
              <th className="py-2 pl-3 text-left font-semibold">Line</th>
              {fields.map((f) => (
                <th key={f.field} className="pr-2 text-right font-semibold">
                  {f.head}, {f.unit}
                </th>
              ))}
              <th>
                <span className="sr-only">Remove</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {lines.map((line) => (
              <LineRow key={line.id} held={line} onRemove={() => removeLine.mutate(line)} />
            ))}
          </tbody>
        </table>
        {lines.length === 0 && <p className="px-3 py-2 text-soft">Type here what the packet of your clay says.</p>}
        <Button kind="quiet" className="m-1" onClick={() => addLine.mutate(newLine)}>
          Add a line
        </Button>
      </div>
      <Caution>
        Copy these from the packet you hold. The packet and the maker’s safety sheet decide, not these defaults.
      </Caution>
    </div>
  );
}

function LineRow({ held, onRemove }: { held: Shelf['lines'][number]; onRemove: () => void }) {
  const limits = useLimits();
  const line = useDraft<Line>(`/api/shelf/lines/${held.id}`, held.line.name, {
    edition: held.edition,
    form: held.line,
  });
  return (
    <tr className="border-t border-line">
      <td className="py-1.5 pl-3">
        <DraftText draft={line} field="name" label="Name of the line" className="w-48 font-semibold" />
      </td>
      {fields.map(({ field }) => (
        <td key={field} className="pr-2 text-right">
          <NumberField
            label={`${line.form.name}, ${spanOf(limits, 'shelf', field).label}`}
            value={line.form[field] ?? 0}
            span={spanOf(limits, 'shelf', field)}
            chars={4}
            wrong={wrongAt(line.wrongs, field)}
            onChange={(value) => line.change((l) => ({ ...l, [field]: value }))}
            onSettle={line.settle}
          />
        </td>
      ))}
      <td className="text-right">
        <Button kind="quiet" aria-label={`Remove ${line.form.name}`} onClick={onRemove}>
          ✕
        </Button>
      </td>
    </tr>
  );
}
