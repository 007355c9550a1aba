import { useState } from 'react';
import { Button } from '../../controls/button';
import { Caution } from '../../controls/caution';
import { Choice } from '../../controls/choice';
import { Findings } from '../../controls/findings';
import { NumberField } from '../../controls/number-field';
import { Pair } from '../../controls/place';
import { Segments } from '../../controls/segments';
import { Switch } from '../../controls/switch';
import { TextField } from '../../controls/text-field';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import type { HeatedStage, MeasuredPiece, Piece } from '../../server/types';
import { choicesOf, spanOf, useLimits } from '../../server/use-limits';
import { wrongAt } from '../../server/use-measured';
import { useOvens } from '../../server/use-studio';
import { minutes, mm, plain } from '../../words/figures';
import { StageHeat, useHeat, type Air } from './stage-heat';
import type { PieceDraft } from './use-piece';

type Stage = Piece['stages'][number];

/** The stage bakes of a piece with what each needs of the oven, and the gate before the last. */
export function BakesPair({ piece }: { piece: PieceDraft }) {
  const { draft, measured, measuredForm, wrongs } = piece;
  const limits = useLimits();
  const [asked, setAsked] = useState<Air | null>(null);
  const ovens = useOvens();
  const air = asked ?? ovens[0]?.oven.air ?? 'STILL';
  const heat = useHeat(measuredForm, air);
  const setStages = (change: (stages: Stage[]) => Stage[]) => draft.change((p) => ({ ...p, stages: change(p.stages) }));
  return (
    <Pair
      ledger={
        <>
          <SchoolChoice piece={piece} />
          {draft.form.stages.map((stage, i) => (
            <StageFields
              key={i}
              piece={piece}
              stage={stage}
              index={i}
              onChange={(change) => setStages((all) => all.map((s, j) => (j === i ? change(s) : s)))}
              onRemove={() => draft.change((p) => withoutStage(p, i))}
            />
          ))}
          <div>
            <Button
              onClick={() =>
                draft.change((p) =>
                  withStageBefore(p, { name: 'set details', kind: 'SET', loose: false, coolingMin: 10 }),
                )
              }
            >
              Add a bake before the last
            </Button>
          </div>
          <GateLines piece={piece} />
        </>
      }
      drawing={
        <>
          <Segments
            label="The oven's air"
            value={air}
            options={choicesOf(limits, 'air').map((a) => ({ value: a.value as Air, label: a.label }))}
            onChange={setAsked}
          />
          {measured.stages.map((stage, i) => (
            <StageNeed key={i} stage={stage} heated={heat?.[i]} quench={measuredForm.stages[i]?.quench ?? false} />
          ))}
          <Findings
            findings={measured.findings.filter((f) =>
              ['windows-apart', 'hold-long', 'light-long', 'insert-ceiling', 'air-and-oven'].includes(f.rule),
            )}
          />
          <Caution>
            Never above the packet’s ceiling; overheated clay gives off irritant fumes. Use an oven thermometer, air the
            room, stay with the oven. The packet and its safety sheet decide.
          </Caution>
          {wrongAt(wrongs, 'stages') && <p className="text-madder">{wrongAt(wrongs, 'stages')?.mend}</p>}
        </>
      }
    />
  );
}

const STUDIO = 'STUDIO';

/** How this piece is baked, when it is not as the studio bakes. */
function SchoolChoice({ piece }: { piece: PieceDraft }) {
  const limits = useLimits();
  const { draft } = piece;
  const set = (school: string) =>
    draft.change(({ school: _, ...rest }) =>
      school === STUDIO ? rest : { ...rest, school: school as NonNullable<Piece['school']> },
    );
  return (
    <label className="inline-flex items-center gap-2">
      Baked
      <Choice
        label="How this piece is baked"
        value={draft.form.school ?? STUDIO}
        options={[{ value: STUDIO, label: 'as the studio bakes' }, ...choicesOf(limits, 'school')]}
        onChange={set}
      />
    </label>
  );
}

function withStageBefore(piece: Piece, stage: Stage): Piece {
  const at = piece.stages.length - 1;
  return {
    ...piece,
    stages: [...piece.stages.slice(0, at), stage, ...piece.stages.slice(at)],
    parts: piece.parts.map((p, i) => (p.stage >= at && i > 0 ? { ...p, stage: p.stage + 1 } : p)),
    steps: piece.steps.map((s) => (s.stage >= at ? { ...s, stage: s.stage + 1 } : s)),
  };
}

function withoutStage(piece: Piece, at: number): Piece {
  const earlier = (stage: number) => (stage > at ? stage - 1 : stage);
  return {
    ...piece,
    stages: piece.stages.filter((_, i) => i !== at),
    parts: piece.parts.map((p) => ({ ...p, stage: Math.min(earlier(p.stage), piece.stages.length - 2) })),
    steps: piece.steps.map((s) => ({ ...s, stage: earlier(s.stage) })),
  };
}

interface StageProps {
  piece: PieceDraft;
  stage: Stage;
  index: number;
  onChange: (change: (stage: Stage) => Stage) => void;
  onRemove: () => void;
}

function StageFields({ piece, stage, index, onChange, onRemove }: StageProps) {
  const limits = useLimits();
  const { draft, wrongs } = piece;
  const last = index === draft.form.stages.length - 1;
  const at = `stages[${index}]`;
  return (
    <div className="flex flex-wrap items-center gap-x-4 gap-y-1 rounded-card border border-line bg-paper px-4 py-2">
      <span className="figure text-large text-soft">{index + 1}</span>
      <TextField
        label="Name of the bake"
        value={stage.name}
        wrong={wrongAt(wrongs, `${at}.name`)}
        onChange={(name) => onChange((s) => ({ ...s, name }))}
        onSettle={draft.settle}
        className="w-32 font-semibold"
      />
      <Choice
        label="What the bake is for"
        value={stage.kind}
        options={choicesOf(limits, 'stageKind')}
        onChange={(kind) => onChange((s) => ({ ...s, kind: kind as Stage['kind'] }))}
      />
      <label className="inline-flex items-baseline gap-1 text-note text-soft">
        cools
        <NumberField
          label={`${stage.name}, cooling`}
          value={stage.coolingMin}
          span={spanOf(limits, 'stage', 'coolingMin')}
          chars={3}
          wrong={wrongAt(wrongs, `${at}.coolingMin`)}
          onChange={(coolingMin) => onChange((s) => ({ ...s, coolingMin }))}
          onSettle={draft.settle}
        />
        min
      </label>
      <Switch label="quench" on={stage.quench ?? false} onChange={(quench) => onChange((s) => ({ ...s, quench }))} />
      {!last && (
        <Switch label="parts loose" on={stage.loose} onChange={(loose) => onChange((s) => ({ ...s, loose }))} />
      )}
      {draft.form.stages.length > 1 && !last && (
        <Button kind="quiet" className="ml-auto text-note" onClick={onRemove}>
          Take it out
        </Button>
      )}
    </div>
  );
}

interface NeedProps {
  stage: MeasuredPiece['stages'][number];
  heated: HeatedStage | undefined;
  quench: boolean;
}

function StageNeed({ stage, heated, quench }: NeedProps) {
  return (
    <article className="rounded-card border border-line bg-paper px-4 py-3">
      <h2 className="text-figure">{stage.name}</h2>
      <p className="mt-1">
        {stage.driesMin === undefined ? (
          <>
            <span className="figure text-large font-semibold text-ember-deep">{minutes(stage.holdMin)}</span>{' '}
            <span className="text-soft">
              at {plain(stage.lowC)} to {plain(stage.highC)} °C, at most {minutes(stage.mostMin)}
            </span>
          </>
        ) : (
          <>
            <span className="figure text-large font-semibold">{minutes(stage.driesMin)}</span>{' '}
            <span className="text-soft">in the air, no oven</span>
          </>
        )}
      </p>
      <p className="mt-1">{stage.reason}</p>
      {stage.solidHoldMin > stage.holdMin && (
        <p className="text-note text-soft">
          Without its cores it would take {minutes(stage.solidHoldMin)}: they save{' '}
          {minutes(stage.solidHoldMin - stage.holdMin)}.
        </p>
      )}
      <p className="text-note text-soft">
        {stage.unitsEach > 1 ? `${stage.unitsEach} things on the tray for one piece, each ` : 'On the tray '}
        {mm(stage.unit.widthMm)} × {mm(stage.unit.depthMm)} mm, {mm(stage.unit.heightMm)} high
      </p>
      {heated && stage.driesMin === undefined && <StageHeat heated={heated} stage={stage} />}
      {heated && stage.driesMin === undefined && <CoolingWords heated={heated} quench={quench} />}
      <ShowWorking>
        <WorkingsList workings={stage.workings} />
      </ShowWorking>
    </article>
  );
}

const about = (min: number) => (min < 1 ? 'less than a minute' : `about ${minutes(min)}`);

/** How long until it can be handled, the way it is cooled and the other way, and why either. */
function CoolingWords({ heated, quench }: { heated: HeatedStage; quench: boolean }) {
  return (
    <p className="mt-1 text-note">
      {quench
        ? `In cold water it can be handled after ${about(heated.quenchedMin)}, on a rack after ${about(heated.coolsSlowlyMin)}. Water keeps translucents clear; thick and cored pieces may crack in it, and flat ones warp.`
        : `On a rack it can be handled after ${about(heated.coolsSlowlyMin)}, in cold water after ${about(heated.quenchedMin)}. Slow cooling is kind to thick, cored and flat pieces; water keeps translucents clear.`}
    </p>
  );
}

function GateLines({ piece }: { piece: PieceDraft }) {
  const { draft, wrongs } = piece;
  const setGate = (change: (gate: string[]) => string[]) => draft.change((p) => ({ ...p, gate: change(p.gate) }));
  return (
    <section className="rounded-card border border-line bg-paper px-4 py-3">
      <h2 className="text-figure">Gate before the last bake</h2>
      <ul>
        {draft.form.gate.map((line, i) => (
          <li key={i} className="flex items-center gap-2 py-0.5">
            <TextField
              label={`Gate line ${i + 1}`}
              value={line}
              wrong={wrongAt(wrongs, `gate[${i}]`)}
              onChange={(words) => setGate((all) => all.map((l, j) => (j === i ? words : l)))}
              onSettle={draft.settle}
              className="w-80"
            />
            <Button kind="quiet" className="text-note" onClick={() => setGate((all) => all.filter((_, j) => j !== i))}>
              Take it out
            </Button>
          </li>
        ))}
        {piece.measured.gateLines.slice(piece.measuredForm.gate.length).map((line) => (
          <li key={line} className="py-1 pl-0.5">
            {line} <span className="text-note text-soft">from what it is built on</span>
          </li>
        ))}
      </ul>
      <Button kind="quiet" onClick={() => setGate((all) => [...all, 'Something to look at'])}>
        Add a line
      </Button>
    </section>
  );
}
