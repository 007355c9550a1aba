import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { ColourField } from '../../controls/colour-field';
import { NumberField } from '../../controls/number-field';
import { ProblemNote } from '../../controls/problem-note';
import { Swatch } from '../../controls/swatch';
import { TextField } from '../../controls/text-field';
import { api, Problem, take, wrongsOf } from '../../server/client';
import type { Leftovers } from '../../server/types';
import { useBench } from '../../server/use-bench';
import { spanOf, useLimits } from '../../server/use-limits';
import { wrongAt } from '../../server/use-measured';
import { useMixes, useShelf } from '../../server/use-studio';
import { isoDay } from '../../words/days';

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
  const client = useQueryClient();
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
    onSuccess: () => client.invalidateQueries(),
  });
  const wrongs = wrongsOf(put.error);
  if (!mix) return null;
  return (
    <div className="flex flex-wrap items-center gap-3 rounded-card border border-line bg-paper px-3 py-2">
      <span className="text-soft">left of</span>
      <Choice
        label="Mix it is left of"
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
          label="Left over"
          value={massG}
          span={spanOf(limits, 'mix', 'massG')}
          chars={4}
          wrong={wrongAt(wrongs, 'lumps[0].massG')}
          onChange={setMass}
          onSettle={nothing}
        />
        g
      </label>
      <Button onClick={() => put.mutate()}>Put it in the box</Button>
    </div>
  );
}

/** A lump whose recipe is lost becomes something of its own on the shelf, not to be bought, and a mix of it alone. */
function BySwatch() {
  const limits = useLimits();
  const { lines } = useShelf();
  const client = useQueryClient();
  const [name, setName] = useState('Lump without a recipe');
  const [hex, setHex] = useState('#8a8f7a');
  const [openG, setOpen] = useState(20);
  const line = lines[0];
  const log = useMutation({
    meta: { form: true },
    mutationFn: async (lineId: number) => {
      const clay = await take(
        api.POST('/api/shelf/clays', {
          body: {
            name,
            lineId,
            rawHex: hex,
            curedHex: hex,
            opacity: 'OPAQUE',
            strength: 'NORMAL',
            openG,
            blocks: [],
            sold: false,
          },
        }),
      );
      return take(api.POST('/api/mixes', { body: { name, parts: [{ clayId: clay.id, parts: 1 }] } }));
    },
    onSuccess: () => client.invalidateQueries(),
  });
  const wrongs = wrongsOf(log.error);
  if (!line) return null;
  return (
    <div className="rounded-card border border-line bg-paper px-3 py-2">
      <h2 className="text-figure">A mix whose recipe is lost</h2>
      <p className="text-note text-soft">
        By its swatch it can be used up, mixed on and looked for; it cannot be bought. Its raw and cured colour and its
        line stand on the shelf, to be put right there.
      </p>
      <ProblemNote problem={log.error instanceof Problem && wrongs.length === 0 ? log.error : null} />
      <div className="flex flex-wrap items-center gap-3 pt-1">
        <TextField
          label="Name of what is logged"
          value={name}
          wrong={wrongAt(wrongs, 'name')}
          onChange={setName}
          onSettle={nothing}
          className="w-52"
        />
        <ColourField
          label="Colour of what is logged"
          value={hex}
          wrong={wrongAt(wrongs, 'rawHex')}
          onChange={setHex}
          onSettle={nothing}
        />
        <label className="inline-flex items-baseline gap-1 text-soft">
          <NumberField
            label="Grams of what is logged"
            value={openG}
            span={spanOf(limits, 'shelf', 'openG')}
            chars={4}
            wrong={wrongAt(wrongs, 'openG')}
            onChange={setOpen}
            onSettle={nothing}
          />
          g
        </label>
        <Button onClick={() => log.mutate(line.id)}>Log it by its swatch</Button>
      </div>
    </div>
  );
}
