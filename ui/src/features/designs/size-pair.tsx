import { useMutation, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { Button } from '../../controls/button';
import { Card, FieldLine } from '../../controls/card';
import { Choice } from '../../controls/choice';
import { NumberField } from '../../controls/number-field';
import { Pair } from '../../controls/place';
import { Segments } from '../../controls/segments';
import { TextField } from '../../controls/text-field';
import { api, Problem, take } from '../../server/client';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useDesigns } from '../../server/use-studio';
import { grams, mm, plain, u } from '../../words/figures';
import { SideBySide } from './side-by-side';
import type { DesignDraft } from './use-design';
import { useDesignActs } from './use-design-acts';

/** How large the design is, what it is sold with, its twin as another product, and what it was when batches used it. */
export function SizePair({ id, design }: { id: number; design: DesignDraft }) {
  return (
    <Pair
      ledger={
        <>
          <ScaleCard design={design} />
          <SoldCard id={id} design={design} />
          <VersionsCard id={id} design={design} />
        </>
      }
      drawing={<Neighbours id={id} design={design} />}
    />
  );
}

type Way = 'factor' | 'height' | 'part';

function ScaleCard({ design }: { design: DesignDraft }) {
  const limits = useLimits();
  const { draft, measured } = design;
  const [way, setWay] = useState<Way>('height');
  const [factor, setFactor] = useState(1.25);
  const [height, setHeight] = useState(Math.round(measured.box.heightMm));
  const [part, setPart] = useState('0');
  const scale = useMutation({
    meta: { form: true },
    mutationFn: () =>
      take(
        api.POST('/api/designs/scale', {
          body: {
            design: draft.form,
            ...(way === 'height' ? { heightMm: height } : { factor }),
            ...(way === 'part' ? { part: Number(part) } : {}),
          },
        }),
      ),
    onSuccess: (scaled) => draft.change(() => scaled.design),
  });
  const errors = scale.error instanceof Problem ? scale.error.errors : [];
  const other = errors.find((w) => !['factor', 'heightMm'].includes(w.field));
  return (
    <Card title="Another size">
      <Segments
        label="What to scale"
        value={way}
        options={[
          { value: 'height', label: 'Whole design to a height' },
          { value: 'factor', label: 'Whole design by a factor' },
          { value: 'part', label: 'One part by a factor' },
        ]}
        onChange={setWay}
      />
      {way === 'part' && (
        <FieldLine label="part">
          <Choice
            label="Part to scale"
            value={part}
            options={draft.form.parts.map((p, i) => ({ value: String(i), label: p.name }))}
            onChange={setPart}
          />
        </FieldLine>
      )}
      <FieldLine
        label={way === 'height' ? `height, now ${mm(measured.box.heightMm)} ${u.mm}` : 'factor'}
        unit={way === 'height' ? u.mm : ''}
      >
        <NumberField
          label={way === 'height' ? 'New height' : 'Factor'}
          value={way === 'height' ? height : factor}
          span={spanOf(limits, 'scale', way === 'height' ? 'heightMm' : 'factor')}
          chars={5}
          error={errorAt(errors, way === 'height' ? 'heightMm' : 'factor')}
          onChange={way === 'height' ? setHeight : setFactor}
          onSettle={() => undefined}
        />
      </FieldLine>
      <div>
        <Button kind="main" disabled={scale.isPending} onClick={() => scale.mutate()}>
          Scale the design
        </Button>
      </div>
      {other && (
        <p role="alert" className="text-note text-madder">
          {other.message}
        </p>
      )}
      {scale.data && (
        <div role="status">
          <p className="font-semibold">Scaled by {plain(scale.data.factor)}; Undo restores the old size.</p>
          <ul className="list-disc pl-5 text-note">
            {scale.data.stays.map((line) => (
              <li key={line}>{line}.</li>
            ))}
          </ul>
        </div>
      )}
    </Card>
  );
}

function SoldCard({ id, design }: { id: number; design: DesignDraft }) {
  const { draft, errors } = design;
  const { add } = useDesignActs();
  const go = useNavigate();
  const name = `Copy of ${draft.form.name.slice(0, 50)}`;
  return (
    <Card title="Copy to a new design">
      <FieldLine label="collection">
        <TextField
          label="Collection"
          value={draft.form.collection ?? ''}
          error={errorAt(errors, 'collection')}
          onChange={(collection) => draft.change((p) => ({ ...p, collection }))}
          onSettle={draft.settle}
          className="w-56 text-right"
        />
      </FieldLine>
      <div>
        <Button
          onClick={() =>
            add.mutate({ ...draft.form, name }, { onSuccess: ({ id: twin }) => void go(`/designs/${twin}`) })
          }
          aria-describedby={`twin-${id}`}
        >
          Copy to a new design
        </Button>
        <p id={`twin-${id}`} className="text-note text-soft">
          The copy has its own name and can be changed freely; this design stays.
        </p>
      </div>
    </Card>
  );
}

function VersionsCard({ id, design }: { id: number; design: DesignDraft }) {
  const versions = useQuery({
    queryKey: ['design-versions', id],
    queryFn: () => take(api.GET('/api/designs/{id}/versions', { params: { path: { id } } })),
  });
  const bring = useMutation({
    mutationFn: (edition: number) =>
      take(api.GET('/api/designs/{id}/versions/{edition}', { params: { path: { id, edition } } })),
    onSuccess: (old) => design.draft.change(() => old.design),
  });
  const kept = versions.data ?? [];
  return (
    <Card title="Versions used by batches">
      {kept.length === 0 ? (
        <p className="text-soft">
          When you change this design after a batch has started making it, that batch keeps the old version, which is
          listed here. A batch that has not started uses the newest version; so does a batch that is taken off the
          bench.
        </p>
      ) : (
        <ul>
          {kept.map((version) => (
            <li
              key={version.edition}
              className="flex flex-wrap items-center gap-x-3 border-t border-line py-1 first:border-0"
            >
              <span className="figure font-semibold">version {version.edition}</span>
              <OldFigures id={id} edition={version.edition} />
              <span className="mr-auto text-note text-soft">
                {version.batches.length > 0 ? `used by ${version.batches.join(', ')}` : 'its batch was removed'}
              </span>
              <Button className="min-h-8 text-note" onClick={() => bring.mutate(version.edition)}>
                Restore version {version.edition}
              </Button>
            </li>
          ))}
        </ul>
      )}
    </Card>
  );
}

function OldFigures({ id, edition }: { id: number; edition: number }) {
  const old = useQuery({
    queryKey: ['design-version', id, edition],
    queryFn: () => take(api.GET('/api/designs/{id}/versions/{edition}', { params: { path: { id, edition } } })),
  });
  if (!old.data) return null;
  const { box, weightG } = old.data.measured;
  return (
    <span className="figure text-note">
      {mm(box.heightMm)} {u.mm} tall, {grams(weightG)} {u.g}
    </span>
  );
}

/** The design among those of its collection, at one scale. */
function Neighbours({ id, design }: { id: number; design: DesignDraft }) {
  const designs = useDesigns();
  const collection = design.draft.form.collection ?? '';
  const others = designs.filter((p) => p.id !== id && collection !== '' && p.design.collection === collection);
  const own = { id, name: design.draft.form.name, parts: design.measuredForm.parts, measured: design.measured };
  return (
    <section className="flex min-h-80 flex-1 flex-col gap-2 rounded-card border border-line bg-paper p-3">
      <h2 className="text-figure">{others.length > 0 ? `${collection}, to one scale` : 'At this size'}</h2>
      <SideBySide
        designs={[
          own,
          ...others.map((o) => ({ id: o.id, name: o.design.name, parts: o.design.parts, measured: o.measured })),
        ]}
      />
    </section>
  );
}
