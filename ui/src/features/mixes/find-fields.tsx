import { Check } from '../../controls/check';
import { Choice } from '../../controls/choice';
import { ColourField } from '../../controls/colour-field';
import { NumberField } from '../../controls/number-field';
import { Segments } from '../../controls/segments';
import { Swatch } from '../../controls/swatch';
import { Switch } from '../../controls/switch';
import type { InputError } from '../../server/client';
import type { Find } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useMixes, useShelf } from '../../server/use-studio';
import { lookOf, lookWords } from './looks';
import { PhotoReader } from './photo-reader';
import { u } from '../../words/figures';

interface Props {
  find: Find;
  errors: InputError[];
  onChange: (change: (find: Find) => Find) => void;
}

const nothing = () => undefined;

/** The same search, however what it finds hides and shimmers. */
function anyLook(find: Find): Find {
  const free = { ...find };
  delete free.like;
  return free;
}

/** What is looked for: the colour, how it is to be had, and what may go in. */
export function FindFields({ find, errors, onChange }: Props) {
  const limits = useLimits();
  const mixes = useMixes();
  const set = (change: Partial<Find>) => onChange((f) => ({ ...f, ...change }));
  const like = mixes.find((m) => (find.face === 'RAW' ? m.measured.rawHex : m.measured.curedHex) === find.targetHex);
  return (
    <div className="flex flex-col gap-3 rounded-card border border-line bg-paper px-4 py-3">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <span className="inline-flex items-center gap-2">
          <span className="text-soft">target colour</span>
          <ColourField
            label="Target colour"
            value={find.targetHex}
            error={errorAt(errors, 'targetHex')}
            onChange={(targetHex) => set({ targetHex })}
            onSettle={nothing}
          />
        </span>
        <Choice
          label="Or the colour of a mix"
          placeholder="or the colour of a mix"
          value={like ? String(like.id) : ''}
          options={mixes.map((m) => ({
            value: String(m.id),
            label: m.mix.name,
            mark: <Swatch raw={m.measured.rawHex} cured={m.measured.curedHex} />,
          }))}
          onChange={(id) => {
            const mix = mixes.find((m) => m.id === Number(id));
            if (mix)
              set({
                targetHex: find.face === 'RAW' ? mix.measured.rawHex : mix.measured.curedHex,
                like: lookOf(mix.measured),
              });
          }}
        />
        <Segments
          label="Raw or cured colour"
          value={find.face}
          options={[
            { value: 'CURED', label: 'Cured' },
            { value: 'RAW', label: 'Raw' },
          ]}
          onChange={(face) => set({ face })}
        />
      </div>
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <span className="inline-flex items-center gap-2 text-soft">
          at most{' '}
          <Segments
            label="Most clays in one mix"
            value={String(find.mostKinds)}
            options={['1', '2', '3', '4'].map((n) => ({ value: n, label: n }))}
            onChange={(n) => set({ mostKinds: Number(n) })}
          />{' '}
          clays
        </span>
        <label className="inline-flex items-baseline gap-1 text-soft">
          at most{' '}
          <NumberField
            label="Most parts in all"
            value={find.mostParts}
            span={spanOf(limits, 'find', 'mostParts')}
            error={errorAt(errors, 'mostParts')}
            onChange={(mostParts) => set({ mostParts: Math.round(mostParts) })}
            onSettle={nothing}
          />{' '}
          parts in all
        </label>
        <label className="inline-flex items-baseline gap-1 text-soft">
          for{' '}
          <NumberField
            label="Grams in the pieces"
            value={find.wantedG}
            span={spanOf(limits, 'mix', 'wantedG')}
            chars={4}
            error={errorAt(errors, 'wantedG')}
            onChange={(wantedG) => set({ wantedG })}
            onSettle={nothing}
          />{' '}
          {u.g} in the pieces
        </label>
        <Switch
          label="only recipes I have enough clay for"
          on={find.onHandOnly}
          onChange={(onHandOnly) => set({ onHandOnly })}
        />
      </div>
      <div className="flex flex-wrap items-start gap-x-5 gap-y-2">
        <span className="inline-flex items-center gap-2 text-soft">
          made from{' '}
          <Segments
            label="What to make the colour from"
            value={find.from ?? 'CLAYS'}
            options={[
              { value: 'CLAYS', label: 'Clays' },
              { value: 'LEFTOVERS', label: 'Leftovers' },
              { value: 'BOTH', label: 'Both' },
            ]}
            onChange={(from) => set({ from })}
          />
        </span>
        {find.like ? (
          <Switch label={`only recipes that are ${lookWords(find.like)}`} on onChange={() => onChange(anyLook)} />
        ) : (
          like && (
            <Switch
              label={`only recipes that are ${lookWords(lookOf(like.measured))}`}
              on={false}
              onChange={() => set({ like: lookOf(like.measured) })}
            />
          )
        )}
        <PhotoReader of="target colour" onRead={(targetHex) => set({ targetHex })} />
      </div>
      {find.from === 'LEFTOVERS' ? (
        errorAt(errors, 'choices') && (
          <p role="alert" className="text-madder">
            The box of leftovers is empty or has too many lumps for one search. Add a lump, or knead some lumps
            together.
          </p>
        )
      ) : (
        <ClayChoice find={find} error={errorAt(errors, 'choices') ?? errorAt(errors, 'clayIds')} onChange={onChange} />
      )}
    </div>
  );
}

function ClayChoice({
  find,
  error,
  onChange,
}: {
  find: Find;
  error: InputError | undefined;
  onChange: Props['onChange'];
}) {
  const clays = useShelf().clays.filter((c) => c.clay.dropG === undefined);
  const chosen = find.clayIds ?? clays.map((c) => c.id);
  return (
    <fieldset>
      <legend className="mb-1 text-note text-soft">
        {chosen.length} of {clays.length} clays may be used
      </legend>
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(10.5rem,1fr))] gap-x-2">
        {clays.map((c) => (
          <li key={c.id} className="flex items-center gap-2">
            <Check
              label={c.clay.name}
              on={chosen.includes(c.id)}
              onChange={(on) =>
                onChange((f) => {
                  const before = (f.clayIds ?? clays.map((each) => each.id)).filter((id) => id !== c.id);
                  return { ...f, clayIds: on ? [...before, c.id] : before };
                })
              }
            />
            <Swatch raw={c.clay.rawHex} cured={c.clay.curedHex} />
          </li>
        ))}
      </ul>
      {error && (
        <p role="alert" className="text-madder">
          {error.message}
        </p>
      )}
    </fieldset>
  );
}
