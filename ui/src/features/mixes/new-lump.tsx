import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { ColourField } from '../../controls/colour-field';
import { NumberField } from '../../controls/number-field';
import { ProblemNote } from '../../controls/problem-note';
import { Swatch } from '../../controls/swatch';
import { TextField } from '../../controls/text-field';
import { api, Problem, take, errorsOf } from '../../server/client';
import type { Leftovers } from '../../server/types';
import { useBench } from '../../server/use-bench';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useMixes, useShelf } from '../../server/use-studio';
import { isoDay } from '../../words/days';
import { u } from '../../words/figures';

const nothing = () => undefined;

/** Puts something into the box: what is left of a mix, or a lump whose recipe nobody knows, by its swatch. */
export function NewLump({ box }: { box: Leftovers }) {
  return (
    <>
      <OfMix box={box} />
      <BySwatch />
    </>
  );
}

function OfMix({ box }: { box: Leftovers }) {
  const limits = useLimits();
  const mixes = useMixes();
  const { now } = useBench().bench;
  const [mixId, setMixId] = useState(mixes[0]?.id);
  const [massG, setMass] = useState(10);
  const mix = mixes.find((m) => m.id === mixId);
  const put = useMutation({
    meta: { form: true },
    mutationFn: () =>
      take(
        api.PUT('/api/leftovers', {
          params: { query: { edition: box.edition } },
          body: {
            lumps: [
              ...(mix
                ? [
                    {
                      name: mix.mix.name,
                      madeOn: isoDay(now),
                      massG,
                      mixId: mix.id,
                      parts: mix.measured.clays.map((c) => ({ clayId: c.clayId, parts: c.parts })),
                    },
                  ]
                : []),
              ...box.lumps.map((l) => l.lump),
            ],
          },
        }),
      ),
  });
  const errors = errorsOf(put.error);
  if (!mix) return null;
  return (
    <div className="flex flex-wrap items-center gap-3 rounded-card border border-line bg-paper px-3 py-2">
      <span className="text-soft">left over from</span>
      <Choice
        label="Mix left over"
        value={String(mix.id)}
        options={mixes.map((m) => ({
          value: String(m.id),
          label: m.mix.name,
          mark: <Swatch raw={m.measured.rawHex} cured={m.measured.curedHex} />,
        }))}
        onChange={(id) => setMixId(Number(id))}
      />
      <label className="inline-flex items-baseline gap-1 text-soft">
        <NumberField
          label="Grams left over"
          value={massG}
          span={spanOf(limits, 'mix', 'massG')}
          chars={4}
          error={errorAt(errors, 'lumps[0].massG')}
          onChange={setMass}
          onSettle={nothing}
        />
        {u.g}
      </label>
      <Button onClick={() => put.mutate()}>Add to the box</Button>
    </div>
  );
}

/** A lump whose recipe is lost becomes something of its own on the shelf, not to be bought, and a mix of it alone. */
function BySwatch() {
  const limits = useLimits();
  const { ranges } = useShelf();
  const [name, setName] = useState('Lump without a recipe');
  const [hex, setHex] = useState('#8a8f7a');
  const [openG, setOpen] = useState(20);
  const range = ranges[0];
  const log = useMutation({
    meta: { form: true },
    mutationFn: (rangeId: number) => take(api.POST('/api/leftovers/unknown', { body: { name, rangeId, hex, openG } })),
  });
  const errors = errorsOf(log.error);
  if (!range) return null;
  return (
    <div className="rounded-card border border-line bg-paper px-3 py-2">
      <h2 className="text-figure">Clay of unknown recipe</h2>
      <p className="text-note text-soft">
        A lump added by colour can be used up, mixed and searched, but not bought. Correct its raw and cured colour and
        its clay range on the Shelf.
      </p>
      <ProblemNote problem={log.error instanceof Problem && errors.length === 0 ? log.error : null} />
      <div className="flex flex-wrap items-center gap-3 pt-1">
        <TextField
          label="Name of the lump"
          value={name}
          error={errorAt(errors, 'name')}
          onChange={setName}
          onSettle={nothing}
          className="w-52"
        />
        <ColourField
          label="Colour of the lump"
          value={hex}
          error={errorAt(errors, 'hex')}
          onChange={setHex}
          onSettle={nothing}
        />
        <label className="inline-flex items-baseline gap-1 text-soft">
          <NumberField
            label="Grams of the lump"
            value={openG}
            span={spanOf(limits, 'shelf', 'openG')}
            chars={4}
            error={errorAt(errors, 'openG')}
            onChange={setOpen}
            onSettle={nothing}
          />
          {u.g}
        </label>
        <Button onClick={() => log.mutate(range.id)}>Add by colour</Button>
      </div>
    </div>
  );
}
