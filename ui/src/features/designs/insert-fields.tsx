import { Button } from '../../controls/button';
import { Caution } from '../../controls/caution';
import { InlineNumber } from '../../controls/inline-number';
import { Switch } from '../../controls/switch';
import { TextField } from '../../controls/text-field';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import type { InputError } from '../../server/client';
import type { Insert, MeasuredInsert } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { grams, mm, u } from '../../words/figures';

interface Props {
  insert: Insert;
  index: number;
  sums: MeasuredInsert | undefined;
  errors: InputError[];
  onChange: (change: (insert: Insert) => Insert) => void;
  onSettle: () => void;
  onRemove: () => void;
}

const sizes = [
  { field: 'thickMm', words: 'thickness' },
  { field: 'lengthMm', words: 'length' },
  { field: 'massG', words: 'weight' },
  { field: 'upMm', words: 'height of lower end' },
  { field: 'acrossMm', words: 'across' },
] as const;

const wraps = [
  { field: 'turns', words: 'turns of foil' },
  { field: 'coveredMm', words: 'covered length' },
  { field: 'sheetMm', words: 'clay sheet' },
  { field: 'seamMm', words: 'seam' },
] as const;

/** An insert: its size, what comes out of it, its foil sleeve and the sheet of clay round it. */
export function InsertFields({ insert, index, sums, errors, onChange, onSettle, onRemove }: Props) {
  const limits = useLimits();
  const number = (field: (typeof sizes)[number]['field'] | (typeof wraps)[number]['field'], words: string) => (
    <InlineNumber
      key={field}
      of={insert.name}
      words={words}
      value={insert[field]}
      span={spanOf(limits, 'insert', field)}
      error={errorAt(errors, `inserts[${index}].${field}`)}
      onChange={(value) => onChange((i) => ({ ...i, [field]: value }))}
      onSettle={onSettle}
    />
  );
  return (
    <section className="flex flex-col gap-1.5 rounded-card border border-line bg-paper px-4 py-2">
      <div className="flex flex-wrap items-center gap-x-4">
        <TextField
          label={`Name of insert ${index + 1}`}
          value={insert.name}
          error={errorAt(errors, `inserts[${index}].name`)}
          onChange={(name) => onChange((i) => ({ ...i, name }))}
          onSettle={onSettle}
          className="w-40 border-transparent font-head text-figure font-bold"
        />
        <Switch
          label="stays in during baking"
          on={insert.stays}
          onChange={(stays) => onChange((i) => ({ ...i, stays }))}
        />
        <Button kind="quiet" className="ml-auto min-h-8 text-note" onClick={onRemove}>
          Remove this insert
        </Button>
      </div>
      <div className="flex flex-wrap gap-x-3 gap-y-1">{sizes.map((s) => number(s.field, s.words))}</div>
      <div className="flex flex-wrap gap-x-3 gap-y-1">{wraps.map((s) => number(s.field, s.words))}</div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        {insert.stays && (
          <Switch
            label="highest safe temperature"
            on={insert.ceilingC !== undefined}
            onChange={(on) =>
              onChange((i) => {
                const { ceilingC: before, ...rest } = i;
                return on ? { ...rest, ceilingC: before ?? 130 } : rest;
              })
            }
          />
        )}
        {insert.stays && insert.ceilingC !== undefined && (
          <InlineNumber
            of={insert.name}
            words="at most"
            value={insert.ceilingC}
            span={spanOf(limits, 'insert', 'ceilingC')}
            error={errorAt(errors, `inserts[${index}].ceilingC`)}
            onChange={(ceilingC) => onChange((i) => ({ ...i, ceilingC }))}
            onSettle={onSettle}
          />
        )}
        <label className="inline-flex items-baseline gap-1 text-note text-soft">
          take out before baking{' '}
          <TextField
            label={`${insert.name}, take out before baking`}
            value={insert.contents ?? ''}
            error={errorAt(errors, `inserts[${index}].contents`)}
            onChange={(contents) => onChange((i) => ({ ...i, contents }))}
            onSettle={onSettle}
            className="w-44"
          />
        </label>
      </div>
      {sums && (
        <>
          <p className="text-note text-soft">
            Wrap a foil strip of{' '}
            <b className="figure text-ink">
              {mm(sums.stripMm)} × {mm(sums.widthMm)} {u.mm}
            </b>{' '}
            ({grams(sums.foilG)} {u.g}) around it to reach{' '}
            <b className="figure text-ink">
              Ø{mm(sums.outerMm)} {u.mm}
            </b>
            . Cut the clay sheet{' '}
            <b className="figure text-ink">
              {mm(sums.sheetMm)} × {mm(sums.widthMm)} {u.mm}
            </b>
            , measured on the neutral line, with its seam.
          </p>
          <ShowWorking>
            <WorkingsList workings={sums.workings} />
          </ShowWorking>
        </>
      )}
      {insert.stays && (
        <Caution>
          Wood, plastic, glue and lacquer take heat differently from clay. Follow the maker’s instructions, test one
          empty, and stay with the oven.
        </Caution>
      )}
    </section>
  );
}
