import { useRef } from 'react';
import { useNavigate, useParams } from 'react-router';
import { useKeptChoice } from '../../controls/use-kept-choice';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { AdviceList } from '../../controls/advice-list';
import { Pair, Place } from '../../controls/place';
import { ProblemNote } from '../../controls/problem-note';
import { Segments } from '../../controls/segments';
import { TabsLine } from '../../controls/tabs-line';
import { TextField } from '../../controls/text-field';
import type { Part, Design } from '../../server/types';
import { choicesOf, useLimits } from '../../server/use-limits';
import type { Edition } from '../../server/client';
import { errorAt } from '../../server/use-measured';
import { mm, u } from '../../words/figures';
import { partPoints } from './assemblies';
import { BakesPair } from './bakes-pair';
import { BalancePair } from './balance-pair';
import { BuiltOnPair } from './built-on-pair';
import { newPart, withoutPart } from './new-design';
import { PartDetail } from './part-detail';
import { PartsLedger } from './parts-ledger';
import { DesignTotals } from './design-totals';
import { PortionsPair } from './portions-pair';
import { StepsPair } from './steps-pair';
import { SectionDrawing } from './section-drawing';
import type { Aspect } from './section-geometry';
import { SizePair } from './size-pair';
import { asDrawn, duplicated, movedParts, swapped, withPartsOf } from './part-moves';
import { resized } from './sizing';
import { UnderlayCard } from './underlay-card';
import { useMarks } from './use-marks';
import { useDesign, type DesignDraft } from './use-design';
import { useDesignActs } from './use-design-acts';

const tabs = [
  { path: '', label: 'Parts' },
  { path: 'weigh-out', label: 'Weigh out' },
  { path: 'built-on', label: 'Built on' },
  { path: 'balance', label: 'Balance' },
  { path: 'bakes', label: 'Bakes and checks' },
  { path: 'steps', label: 'Steps and findings' },
  { path: 'size', label: 'Size and versions' },
];

/** A design: its parts and their drawing, its bakes and checks, its steps and findings. */
export function DesignScreen() {
  const { id, tab = '' } = useParams();
  return <OneDesign key={id} id={Number(id)} tab={tab} />;
}

function OneDesign({ id, tab }: { id: number; tab: string }) {
  const draft = useDesign(id);
  return (
    <Place
      title={<NameField design={draft} />}
      name={`${draft.draft.form.name}, ${tabs.find((t) => t.path === tab)?.label ?? ''}`}
      about={<About design={draft} />}
      actions={<Actions id={id} edition={draft.edition} />}
    >
      <TabsLine label="Parts of this design" base={`/designs/${id}`} tabs={tabs} />
      <ProblemNote problem={draft.problem} />
      {tab === '' && <PartsPair id={id} design={draft} />}
      {tab === 'weigh-out' && <PortionsPair id={id} design={draft} />}
      {tab === 'built-on' && <BuiltOnPair id={id} design={draft} />}
      {tab === 'balance' && <BalancePair design={draft} />}
      {tab === 'size' && <SizePair id={id} design={draft} />}
      {tab === 'bakes' && <BakesPair design={draft} />}
      {tab === 'steps' && <StepsPair design={draft} />}
    </Place>
  );
}

function NameField({ design }: { design: DesignDraft }) {
  const { form, change, settle } = design.draft;
  return (
    <TextField
      label="Name of the design"
      value={form.name}
      error={errorAt(design.errors, 'name')}
      onChange={(name) => change((p) => ({ ...p, name }))}
      onSettle={settle}
      fit
      className="border-transparent font-head"
    />
  );
}

function About({ design }: { design: DesignDraft }) {
  const limits = useLimits();
  const { form, change } = design.draft;
  const { box } = design.measured;
  return (
    <span className="inline-flex items-baseline gap-3">
      <Choice
        label="Kind"
        value={form.kind}
        options={choicesOf(limits, 'designKind')}
        onChange={(kind) => change((p) => ({ ...p, kind: kind as Design['kind'] }))}
      />
      {form.kind === 'EARRINGS' && (
        <Choice
          label="Drawn"
          placeholder="is one drawn, or the pair?"
          value={form.drawn ?? ''}
          options={choicesOf(limits, 'drawn')}
          onChange={(drawn) => change((p) => ({ ...p, drawn: drawn as NonNullable<Design['drawn']> }))}
        />
      )}
      <span className="figure">
        {mm(box.widthMm)} × {mm(box.depthMm)} × {mm(box.heightMm)} {u.mm}
      </span>
      <span role="status" className="text-note">
        {
          {
            saved: 'saved',
            typing: '…',
            saving: 'saving',
            refused: 'not saved: see the marked field',
            waiting: 'not saved yet',
            clash: 'not saved: see below',
          }[design.draft.state]
        }
      </span>
    </span>
  );
}

function Actions({ id, edition }: Edition) {
  const { remove } = useDesignActs();
  const go = useNavigate();
  return (
    <>
      <Button onClick={() => remove.mutate({ id, edition }, { onSuccess: () => void go('/designs') })}>
        Remove this design
      </Button>
      <Button kind="main" onClick={() => void go(`/price/${id}`)}>
        Cost and price
      </Button>
    </>
  );
}

function PartsPair({ id, design }: { id: number; design: DesignDraft }) {
  const { draft, measured, measuredForm: drawn, errors } = design;
  const [chosen, setChosen] = useKeptChoice('part', 0);
  const [aspect, setAspect] = useKeptChoice<Aspect>('aspect', 'cut');
  const marks = useMarks();
  const side = aspect === 'side' ? 'SIDE' : 'FRONT';
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
            errors={errors}
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
            onCopy={(from) => {
              setChosen(parts.length);
              draft.change((form) => withPartsOf(form, from));
            }}
            onSettle={draft.settle}
          />
          <DesignTotals design={measured} />
          <AdviceList advice={measured.advice} />
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
              design={measured}
              parts={drawn.parts}
              inserts={drawn.inserts}
              chosen={Math.min(at, drawn.parts.length - 1)}
              aspect={aspect}
              onChoose={setChosen}
              typed={parts}
              behind={draft.form.underlays?.find((one) => one.side === side)}
              marks={marks}
              hand={{
                onMove: (index, move, of, on) =>
                  setParts((all) => movedParts(asDrawn(all, measured.parts), index, move, of, on)),
                onSize: (index, handle, times) => change(index, (p) => resized(p, handle, times)),
                onSettle: draft.settle,
              }}
            />
          </div>
          {aspect !== 'cut' && (
            <UnderlayCard
              key={side}
              id={id}
              edition={design.edition}
              side={side}
              design={draft.form}
              highMm={measured.box.heightMm}
              errors={errors}
              marks={marks}
              onChange={(how) => draft.change((form) => ({ ...form, underlays: how(form.underlays ?? []) }))}
              onSettle={draft.settle}
            />
          )}
          {part && (
            <PartDetail
              ref={detail}
              part={part}
              design={draft.form}
              index={at}
              places={partPoints(draft.form)}
              measured={measured.parts[at]}
              errors={errors}
              onChange={(how) => change(at, how)}
              onSettle={draft.settle}
              onRemove={() => draft.change((form) => withoutPart(form, at))}
              onDuplicate={() => {
                setChosen(parts.length);
                setParts((all) => duplicated(all, at));
              }}
              onSwap={(index) => {
                setChosen(index === at ? at - 1 : at + 1);
                draft.change((form) => swapped(form, index));
              }}
            />
          )}
        </>
      }
    />
  );
}
