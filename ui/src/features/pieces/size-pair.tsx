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
import { wrongAt } from '../../server/use-measured';
import { usePieces } from '../../server/use-studio';
import { grams, mm, plain } from '../../words/figures';
import { SideBySide } from './side-by-side';
import type { PieceDraft } from './use-piece';
import { usePieceActs } from './use-piece-acts';

/** How large the piece is, what it is sold with, its twin as another product, and what it was when runs used it. */
export function SizePair({ id, piece }: { id: number; piece: PieceDraft }) {
  return (
    <Pair
      ledger={
        <>
          <ScaleCard piece={piece} />
          <SoldCard id={id} piece={piece} />
          <VersionsCard id={id} piece={piece} />
        </>
      }
      drawing={<Neighbours id={id} piece={piece} />}
    />
  );
}

type Way = 'factor' | 'height' | 'part';

function ScaleCard({ piece }: { piece: PieceDraft }) {
  const limits = useLimits();
  const { draft, measured } = piece;
  const [way, setWay] = useState<Way>('height');
  const [factor, setFactor] = useState(1.25);
  const [height, setHeight] = useState(Math.round(measured.box.heightMm));
  const [part, setPart] = useState('0');
  const scale = useMutation({
    meta: { form: true },
    mutationFn: () =>
      take(
        api.POST('/api/pieces/scale', {
          body: {
            piece: draft.form,
            ...(way === 'height' ? { heightMm: height } : { factor }),
            ...(way === 'part' ? { part: Number(part) } : {}),
          },
        }),
      ),
    onSuccess: (scaled) => draft.change(() => scaled.piece),
  });
  const wrongs = scale.error instanceof Problem ? scale.error.wrongs : [];
  const other = wrongs.find((w) => !['factor', 'heightMm'].includes(w.field));
  return (
    <Card title="Another size">
      <Segments
        label="What is scaled"
        value={way}
        options={[
          { value: 'height', label: 'All of it to a height' },
          { value: 'factor', label: 'All of it by a factor' },
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
        label={way === 'height' ? `height, now ${mm(measured.box.heightMm)} mm` : 'factor'}
        unit={way === 'height' ? 'mm' : ''}
      >
        <NumberField
          label={way === 'height' ? 'New height' : 'Factor'}
          value={way === 'height' ? height : factor}
          span={spanOf(limits, 'scale', way === 'height' ? 'heightMm' : 'factor')}
          chars={5}
          wrong={wrongAt(wrongs, way === 'height' ? 'heightMm' : 'factor')}
          onChange={way === 'height' ? setHeight : setFactor}
          onSettle={() => undefined}
        />
      </FieldLine>
      <div>
        <Button kind="main" disabled={scale.isPending} onClick={() => scale.mutate()}>
          Scale it
        </Button>
      </div>
      {other && (
        <p role="alert" className="text-note text-madder">
          {other.field}: found {other.found}, allowed is {other.allowed}. {other.mend}
        </p>
      )}
      {scale.data && (
        <div role="status">
          <p className="font-semibold">Scaled by {plain(scale.data.factor)}; undo brings the old size back.</p>
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

function SoldCard({ id, piece }: { id: number; piece: PieceDraft }) {
  const { draft, wrongs } = piece;
  const { add } = usePieceActs();
  const go = useNavigate();
  const name = `${draft.form.name.slice(0, 50)}, another`;
  return (
    <Card title="As a product">
      <FieldLine label="collection">
        <TextField
          label="Collection"
          value={draft.form.collection ?? ''}
          wrong={wrongAt(wrongs, 'collection')}
          onChange={(collection) => draft.change((p) => ({ ...p, collection }))}
          onSettle={draft.settle}
          className="w-56 text-right"
        />
      </FieldLine>
      <div>
        <Button
          onClick={() =>
            add.mutate({ ...draft.form, name }, { onSuccess: ({ id: twin }) => void go(`/pieces/${twin}`) })
          }
          aria-describedby={`twin-${id}`}
        >
          Make it another product
        </Button>
        <p id={`twin-${id}`} className="text-note text-soft">
          A copy with its own name, to change freely; this one stays.
        </p>
      </div>
    </Card>
  );
}

function VersionsCard({ id, piece }: { id: number; piece: PieceDraft }) {
  const versions = useQuery({
    queryKey: ['piece-versions', id],
    queryFn: () => take(api.GET('/api/pieces/{id}/versions', { params: { path: { id } } })),
  });
  const bring = useMutation({
    mutationFn: (edition: number) =>
      take(api.GET('/api/pieces/{id}/versions/{edition}', { params: { path: { id, edition } } })),
    onSuccess: (old) => piece.draft.change(() => old.piece),
  });
  const kept = versions.data ?? [];
  return (
    <Card title="Versions that runs keep to">
      {kept.length === 0 ? (
        <p className="text-soft">
          When this piece changes after a run has begun to make it, that run keeps to the piece as it was, and it is
          listed here. A run that has not begun it follows the change; so does one that is taken off the bench.
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
                {version.runs.length > 0 ? `used by ${version.runs.join(', ')}` : 'its run was removed'}
              </span>
              <Button className="min-h-8 text-note" onClick={() => bring.mutate(version.edition)}>
                Bring version {version.edition} back
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
    queryKey: ['piece-version', id, edition],
    queryFn: () => take(api.GET('/api/pieces/{id}/versions/{edition}', { params: { path: { id, edition } } })),
  });
  if (!old.data) return null;
  const { box, weightG } = old.data.measured;
  return (
    <span className="figure text-note">
      {mm(box.heightMm)} mm tall, {grams(weightG)} g
    </span>
  );
}

/** The piece among those of its collection, at one scale. */
function Neighbours({ id, piece }: { id: number; piece: PieceDraft }) {
  const pieces = usePieces();
  const collection = piece.draft.form.collection ?? '';
  const others = pieces.filter((p) => p.id !== id && collection !== '' && p.piece.collection === collection);
  const own = { id, name: piece.draft.form.name, measured: piece.measured };
  return (
    <section className="flex min-h-80 flex-1 flex-col gap-2 rounded-card border border-line bg-paper p-3">
      <h2 className="text-figure">{others.length > 0 ? `${collection}, at one scale` : 'At its size'}</h2>
      <SideBySide pieces={[own, ...others.map((o) => ({ id: o.id, name: o.piece.name, measured: o.measured }))]} />
    </section>
  );
}
