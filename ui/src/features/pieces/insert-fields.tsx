import { Button } from '../../controls/button';
import { Caution } from '../../controls/caution';
import { InlineNumber } from '../../controls/inline-number';
import { Switch } from '../../controls/switch';
import { TextField } from '../../controls/text-field';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import type { Wrong } from '../../server/client';
import type { Insert, MeasuredInsert } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { wrongAt } from '../../server/use-measured';
import { grams, mm } from '../../words/figures';

interface Props {
  insert: Insert;
  index: number;
  sums: MeasuredInsert | undefined;
  wrongs: Wrong[];
  onChange: (change: (insert: Insert) => Insert) => void;
  onSettle: () => void;
  onRemove: () => void;
}

const sizes = [
  { field: 'thickMm', words: 'thick' },
  { field: 'lengthMm', words: 'long' },
  { field: 'massG', words: 'weighs' },
  { field: 'upMm', words: 'lower end at' },
  { field: 'acrossMm', words: 'across' },
] as const;

const wraps = [
  { field: 'turns', words: 'turns of foil' },
  { field: 'coveredMm', words: 'clay covers' },
  { field: 'sheetMm', words: 'sheet' },
  { field: 'seamMm', words: 'seam' },
] as const;

/** An insert: its size, what comes out of it, its foil sleeve and the sheet of clay round it. */
export function InsertFields({ insert, index, sums, wrongs, onChange, onSettle, onRemove }: Props) {
  const limits = useLimits();
  const number = (field: (typeof sizes)[number]['field'] | (typeof wraps)[number]['field'], words: string) => (
    <InlineNumber
      key={field}
      of={insert.name}
      words={words}
      value={insert[field]}
      span={spanOf(limits, 'insert', field)}
      wrong={wrongAt(wrongs, `inserts[${index}].${field}`)}
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
          wrong={wrongAt(wrongs, `inserts[${index}].name`)}
          onChange={(name) => onChange((i) => ({ ...i, name }))}
          onSettle={onSettle}
          className="w-40 border-transparent font-head text-figure font-bold"
        />
        <Switch
          label="stays in through the oven"
          on={insert.stays}
          onChange={(stays) => onChange((i) => ({ ...i, stays }))}
        />
        <Button kind="quiet" className="ml-auto min-h-8 text-note" onClick={onRemove}>
          Take it out
        </Button>
      </div>
      <div className="flex flex-wrap gap-x-3 gap-y-1">{sizes.map((s) => number(s.field, s.words))}</div>
      <div className="flex flex-wrap gap-x-3 gap-y-1">{wraps.map((s) => number(s.field, s.words))}</div>
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        {insert.stays && (
          <Switch
            label="it stands only so much heat"
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
            words="never over"
            value={insert.ceilingC}
            span={spanOf(limits, 'insert', 'ceilingC')}
            wrong={wrongAt(wrongs, `inserts[${index}].ceilingC`)}
            onChange={(ceilingC) => onChange((i) => ({ ...i, ceilingC }))}
            onSettle={onSettle}
          />
        )}
        <label className="inline-flex items-baseline gap-1 text-note text-soft">
          to be taken out of it first
          <TextField
            label={`${insert.name}, to be taken out of it first`}
            value={insert.contents ?? ''}
            wrong={wrongAt(wrongs, `inserts[${index}].contents`)}
            onChange={(contents) => onChange((i) => ({ ...i, contents }))}
            onSettle={onSettle}
            className="w-44"
          />
        </label>
      </div>
      {sums && (
        <>
          <p className="text-note text-soft">
            Foil strip{' '}
            <b className="figure text-ink">
              {mm(sums.stripMm)} × {mm(sums.widthMm)} mm
            </b>
            , {grams(sums.foilG)} g, makes it <b className="figure text-ink">Ø{mm(sums.outerMm)} mm</b>. Cut the sheet{' '}
            <b className="figure text-ink">
              {mm(sums.sheetMm)} × {mm(sums.widthMm)} mm
            </b>
            , on the neutral line with its seam.
          </p>
          <ShowWorking label="How its figures come">
            <WorkingsList workings={sums.workings} />
          </ShowWorking>
        </>
      )}
      {insert.stays && (
        <Caution>
          Wood, plastic, glue and lacquer take heat differently from clay: what its maker says decides; try one empty
          and stay with the oven.
        </Caution>
      )}
    </section>
  );
}
