import { Check } from '../../controls/check';
import { Choice } from '../../controls/choice';
import { ColourField } from '../../controls/colour-field';
import { NumberField } from '../../controls/number-field';
import { Segments } from '../../controls/segments';
import { Swatch } from '../../controls/swatch';
import { Switch } from '../../controls/switch';
import type { Wrong } from '../../server/client';
import type { Find } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { wrongAt } from '../../server/use-measured';
import { useMixes, useShelf } from '../../server/use-studio';
import { lookOf, lookWords } from './looks';
import { PhotoReader } from './photo-reader';

interface Props {
  find: Find;
  wrongs: Wrong[];
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
export function FindFields({ find, wrongs, onChange }: Props) {
  const limits = useLimits();
  const mixes = useMixes();
  const set = (change: Partial<Find>) => onChange((f) => ({ ...f, ...change }));
  const like = mixes.find((m) => (find.face === 'RAW' ? m.measured.rawHex : m.measured.curedHex) === find.targetHex);
  return (
    <div className="flex flex-col gap-3 rounded-card border border-line bg-paper px-4 py-3">
      <div className="flex flex-wrap items-center gap-x-5 gap-y-2">
        <span className="inline-flex items-center gap-2">
          <span className="text-soft">colour</span>
          <ColourField
            label="Colour looked for"
            value={find.targetHex}
            wrong={wrongAt(wrongs, 'targetHex')}
            onChange={(targetHex) => set({ targetHex })}
            onSettle={nothing}
          />
        </span>
        <Choice
          label="As a mix has it"
          placeholder="or as a mix has it"
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
          label="When it is to have this colour"
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
          clays at most
          <Segments
            label="Clays in one mix at most"
            value={String(find.mostKinds)}
            options={['1', '2', '3', '4'].map((n) => ({ value: n, label: n }))}
            onChange={(n) => set({ mostKinds: Number(n) })}
          />
        </span>
        <label className="inline-flex items-baseline gap-1 text-soft">
          parts in all
          <NumberField
            label="Parts in all at most"
            value={find.mostParts}
            span={spanOf(limits, 'find', 'mostParts')}
            wrong={wrongAt(wrongs, 'mostParts')}
            onChange={(mostParts) => set({ mostParts: Math.round(mostParts) })}
            onSettle={nothing}
          />
        </label>
        <label className="inline-flex items-baseline gap-1 text-soft">
          for
          <NumberField
            label="Wanted"
            value={find.wantedG}
            span={spanOf(limits, 'mix', 'wantedG')}
            chars={4}
            wrong={wrongAt(wrongs, 'wantedG')}
            onChange={(wantedG) => set({ wantedG })}
            onSettle={nothing}
          />
          g in pieces
        </label>
        <Switch
          label="only what the shelf has enough of"
          on={find.onHandOnly}
          onChange={(onHandOnly) => set({ onHandOnly })}
        />
      </div>
      <div className="flex flex-wrap items-start gap-x-5 gap-y-2">
        <span className="inline-flex items-center gap-2 text-soft">
          made of
          <Segments
            label="What it is made of"
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
          <Switch label={`only what ${lookWords(find.like)}`} on onChange={() => onChange(anyLook)} />
        ) : (
          like && (
            <Switch
              label={`only what ${lookWords(lookOf(like.measured))}`}
              on={false}
              onChange={() => set({ like: lookOf(like.measured) })}
            />
          )
        )}
        <PhotoReader of="colour looked for" onRead={(targetHex) => set({ targetHex })} />
      </div>
      {find.from === 'LEFTOVERS' ? (
        wrongAt(wrongs, 'choices') && (
          <p role="alert" className="text-madder">
            The box of leftovers is empty, or has too many lumps for one search: put one in, or knead some together.
          </p>
        )
      ) : (
        <ClayChoice find={find} wrong={wrongAt(wrongs, 'choices') ?? wrongAt(wrongs, 'clayIds')} onChange={onChange} />
      )}
    </div>
  );
}

function ClayChoice({ find, wrong, onChange }: { find: Find; wrong: Wrong | undefined; onChange: Props['onChange'] }) {
  const clays = useShelf().clays.filter((c) => c.clay.dropG === undefined);
  const chosen = find.clayIds ?? clays.map((c) => c.id);
  return (
    <fieldset>
      <legend className="mb-1 text-note text-soft">
        {chosen.length} of {clays.length} clays may go in
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
      {wrong && (
        <p role="alert" className="text-madder">
          Found {wrong.found}, allowed is {wrong.allowed}. {wrong.mend}
        </p>
      )}
    </fieldset>
  );
}
