import { Button } from '../../controls/button';
import { NumberField } from '../../controls/number-field';
import type { Clay } from '../../server/types';
import type { Draft } from '../../server/use-draft';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useSettings } from '../../server/use-studio';
import { minorPerWhole, u } from '../../words/figures';

type Block = Clay['blocks'][number];

/** The sizes a clay is sold in: grams, price, and how many lie unopened. */
export function BlockLines({ clay }: { clay: Draft<Clay> }) {
  const limits = useLimits();
  const { currency } = useSettings().settings;
  const { form, change, settle, errors } = clay;
  const setBlocks = (how: (blocks: Block[]) => Block[]) => change((c) => ({ ...c, blocks: how(c.blocks) }));
  const number = (i: number, field: keyof Block, per = 1) => (
    <NumberField
      label={`Block ${i + 1}, ${spanOf(limits, 'shelf', field === 'massG' ? 'massG' : field).label.replace(' in minor units', '')}`}
      value={form.blocks[i]?.[field] ?? 0}
      span={spanOf(limits, 'shelf', field)}
      per={per}
      chars={5}
      error={errorAt(errors, `blocks[${i}].${field}`)}
      onChange={(value) => setBlocks((all) => all.map((b, j) => (j === i ? { ...b, [field]: value } : b)))}
      onSettle={settle}
    />
  );
  return (
    <table className="w-full">
      <thead className="text-note text-soft">
        <tr>
          <th className="text-left font-semibold">Block, {u.g}</th>
          <th className="text-right font-semibold">Price, {currency}</th>
          <th className="text-right font-semibold">Unopened</th>
          <th>
            <span className="sr-only">Remove</span>
          </th>
        </tr>
      </thead>
      <tbody>
        {form.blocks.map((_, i) => (
          <tr key={i} className="border-t border-line">
            <td className="py-1">{number(i, 'massG')}</td>
            <td className="text-right">{number(i, 'priceMinor', minorPerWhole(currency))}</td>
            <td className="text-right">{number(i, 'onShelf')}</td>
            <td className="text-right">
              {(form.blocks.length > 1 || form.sold === false) && (
                <Button
                  kind="quiet"
                  aria-label={`Remove block ${i + 1}`}
                  onClick={() => setBlocks((all) => all.filter((_, j) => j !== i))}
                >
                  ✕
                </Button>
              )}
            </td>
          </tr>
        ))}
      </tbody>
      <tfoot>
        <tr>
          <td colSpan={4}>
            {form.blocks.length < 4 && (
              <Button
                adds
                kind="quiet"
                onClick={() => setBlocks((all) => [...all, { massG: 454, priceMinor: 1500, onShelf: 0 }])}
              >
                Add a size
              </Button>
            )}
            {errorAt(errors, 'blocks') && <p className="text-madder">{errorAt(errors, 'blocks')?.fix}</p>}
          </td>
        </tr>
      </tfoot>
    </table>
  );
}
