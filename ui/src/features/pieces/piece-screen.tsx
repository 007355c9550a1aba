import { useRef, useState } from 'react';
import { useNavigate, useParams } from 'react-router';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { Findings } from '../../controls/findings';
import { Pair, Place } from '../../controls/place';
import { ProblemNote } from '../../controls/problem-note';
import { Segments } from '../../controls/segments';
import { TabsLine } from '../../controls/tabs-line';
import { TextField } from '../../controls/text-field';
import type { Part, Piece } from '../../server/types';
import { choicesOf, useLimits } from '../../server/use-limits';
import type { Edition } from '../../server/client';
import { wrongAt } from '../../server/use-measured';
import { mm } from '../../words/figures';
import { BakesPair } from './bakes-pair';
import { BalancePair } from './balance-pair';
import { BuiltOnPair } from './built-on-pair';
import { newPart, withoutPart } from './new-piece';
import { PartDetail } from './part-detail';
import { PartsLedger } from './parts-ledger';
import { PieceTotals } from './piece-totals';
import { PortionsPair } from './portions-pair';
import { RoutePair } from './route-pair';
import { SectionDrawing } from './section-drawing';
import type { Aspect } from './section-geometry';
import { SizePair } from './size-pair';
import { usePiece, type PieceDraft } from './use-piece';
import { usePieceActs } from './use-piece-acts';

const tabs = [
  { path: '', label: 'Parts' },
  { path: 'portions', label: 'Portions' },
  { path: 'built-on', label: 'Built on' },
  { path: 'balance', label: 'Balance' },
  { path: 'bakes', label: 'Bakes and gate' },
  { path: 'route', label: 'Route and findings' },
  { path: 'size', label: 'Size and versions' },
];

/** A piece: its parts and their drawing, its bakes and gate, its route and findings. */
export function PieceScreen() {
  const { id, tab = '' } = useParams();
  return <OnePiece key={id} id={Number(id)} tab={tab} />;
}

function OnePiece({ id, tab }: { id: number; tab: string }) {
  const draft = usePiece(id);
  return (
    <Place
      title={<NameField piece={draft} />}
      about={<About piece={draft} />}
      actions={<Actions id={id} edition={draft.edition} />}
    >
      <TabsLine label="Parts of this piece" base={`/pieces/${id}`} tabs={tabs} />
      <ProblemNote problem={draft.problem} />
      {tab === '' && <PartsPair piece={draft} />}
      {tab === 'portions' && <PortionsPair id={id} piece={draft} />}
      {tab === 'built-on' && <BuiltOnPair id={id} piece={draft} />}
      {tab === 'balance' && <BalancePair piece={draft} />}
      {tab === 'size' && <SizePair id={id} piece={draft} />}
      {tab === 'bakes' && <BakesPair piece={draft} />}
      {tab === 'route' && <RoutePair piece={draft} />}
    </Place>
  );
}

function NameField({ piece }: { piece: PieceDraft }) {
  const { form, change, settle } = piece.draft;
  return (
    <TextField
      label="Name of the piece"
      value={form.name}
      wrong={wrongAt(piece.wrongs, 'name')}
      onChange={(name) => change((p) => ({ ...p, name }))}
      onSettle={settle}
      fit
      className="border-transparent font-head"
    />
  );
}

function About({ piece }: { piece: PieceDraft }) {
  const limits = useLimits();
  const { form, change } = piece.draft;
  const { box } = piece.measured;
  return (
    <span className="inline-flex items-baseline gap-3">
      <Choice
        label="Kind"
        value={form.kind}
        options={choicesOf(limits, 'pieceKind')}
        onChange={(kind) => change((p) => ({ ...p, kind: kind as Piece['kind'] }))}
      />
      {form.kind === 'EARRINGS' && (
        <Choice
          label="Drawn is"
          placeholder="one drawn, or the pair?"
          value={form.drawn ?? ''}
          options={choicesOf(limits, 'drawn')}
          onChange={(drawn) => change((p) => ({ ...p, drawn: drawn as NonNullable<Piece['drawn']> }))}
        />
      )}
      <span className="figure">
        {mm(box.widthMm)} × {mm(box.depthMm)} × {mm(box.heightMm)} mm
      </span>
      <span role="status" className="text-note">
        {
          {
            saved: 'saved',
            typing: '…',
            saving: 'saving',
            refused: 'not saved, see the marked field',
            waiting: 'not saved yet',
            clash: 'not saved, see below',
          }[piece.draft.state]
        }
      </span>
    </span>
  );
}

function Actions({ id, edition }: Edition) {
  const { remove } = usePieceActs();
  const go = useNavigate();
  return (
    <>
      <Button onClick={() => remove.mutate({ id, edition }, { onSuccess: () => void go('/pieces') })}>Remove</Button>
      <Button kind="main" onClick={() => void go(`/worth/${id}`)}>
        Its worth
      </Button>
    </>
  );
}

function PartsPair({ piece }: { piece: PieceDraft }) {
  const { draft, measured, measuredForm: drawn, wrongs } = piece;
  const [chosen, setChosen] = useState(0);
  const [aspect, setAspect] = useState<Aspect>('cut');
  const detail = useRef<HTMLDivElement>(null);
  const parts = draft.form.parts;
  const at = Math.min(chosen, parts.length - 1);
  const part = parts[at];
  const setParts = (change: (parts: Part[]) => Part[]) => draft.change((p) => ({ ...p, parts: change(p.parts) }));
  const change = (index: number, how: (part: Part) => Part) =>
    setParts((all) => all.map((p, i) => (i === index ? how(p) : p)));
  return (
    <Pair
      ledger={
        <>
          <PartsLedger
            parts={parts}
            measured={measured.parts}
            wrongs={wrongs}
            chosen={at}
            onChoose={setChosen}
            onMore={(index) => {
              setChosen(index);
              detail.current?.focus();
            }}
            onChange={change}
            onAdd={() => {
              setChosen(parts.length);
              setParts((all) => [
                ...all,
                newPart(parts[0]?.mixId ?? 1, `Part ${all.length + 1}`, measured.box.heightMm),
              ]);
            }}
            onSettle={draft.settle}
          />
          <PieceTotals piece={measured} />
          <Findings findings={measured.findings} />
        </>
      }
      drawing={
        <>
          <div className="flex min-h-80 flex-1 flex-col rounded-card border border-line bg-paper p-3">
            <Segments
              label="View"
              value={aspect}
              options={[
                { value: 'cut', label: 'Cut through the middle' },
                { value: 'front', label: 'Front' },
                { value: 'side', label: 'Side' },
              ]}
              onChange={setAspect}
            />
            <SectionDrawing
              name={drawn.name}
              piece={measured}
              parts={drawn.parts}
              inserts={drawn.inserts}
              chosen={Math.min(at, drawn.parts.length - 1)}
              aspect={aspect}
              onChoose={setChosen}
            />
          </div>
          {part && (
            <PartDetail
              ref={detail}
              part={part}
              parts={parts}
              index={at}
              stages={draft.form.stages}
              measured={measured.parts[at]}
              wrongs={wrongs}
              onChange={(how) => change(at, how)}
              onSettle={draft.settle}
              onRemove={() => setParts((all) => withoutPart(all, at))}
            />
          )}
        </>
      }
    />
  );
}
