import { useState } from 'react';
import { Button } from '../../controls/button';
import { Caution } from '../../controls/caution';
import { Choice } from '../../controls/choice';
import { AdviceList } from '../../controls/advice-list';
import { Pair } from '../../controls/place';
import { Segments } from '../../controls/segments';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import type { HeatedStage, MeasuredDesign, Design } from '../../server/types';
import { choicesOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useOvens } from '../../server/use-studio';
import { grams, minutes, mm, plainIn, u } from '../../words/figures';
import { assembliesOf, bakeTitle, withAssembly } from './assemblies';
import { AssemblyFields } from './assembly-fields';
import { BuildOrderDrawing } from './build-order-drawing';
import { StageHeat, useHeat, type Air } from './stage-heat';
import { CheckLines } from './check-lines';
import type { DesignDraft } from './use-design';
import { inUnits } from '../../words/units';

/** The assemblies of a design with their bakes, what each bake needs of the oven, and the checks before the last. */
export function BakesPair({ design }: { design: DesignDraft }) {
  const { draft, measured, measuredForm, errors } = design;
  const limits = useLimits();
  const [asked, setAsked] = useState<Air | null>(null);
  const ovens = useOvens();
  const air = asked ?? ovens[0]?.oven.air ?? 'STILL';
  const heat = useHeat(measuredForm, air);
  return (
    <Pair
      ledger={
        <>
          <BakingMethodChoice design={design} />
          {assembliesOf(draft.form).map((assembly, a) => (
            <AssemblyFields key={a} design={design} assembly={assembly} index={a} />
          ))}
          <div>
            <Button adds onClick={() => draft.change(withAssembly)}>
              Add an assembly
            </Button>
          </div>
          <CheckLines design={design} />
        </>
      }
      drawing={
        <>
          <Segments
            label="Oven air"
            value={air}
            options={choicesOf(limits, 'air').map((a) => ({ value: a.value as Air, label: a.label }))}
            onChange={setAsked}
          />
          {assembliesOf(measuredForm).length > 1 && <BuildOrderDrawing design={measuredForm} measured={measured} />}
          {measured.stages.map((stage, i) => (
            <StageNeed
              key={i}
              title={bakeTitle(measuredForm, i)}
              stage={stage}
              heated={heat?.[i]}
              quench={measuredForm.stages[i]?.quench ?? false}
            />
          ))}
          <AdviceList advice={measured.advice.filter((f) => adviceHere.includes(f.rule))} />
          <Caution>
            Never exceed the packet’s ceiling: overheated clay gives off irritant fumes. Use an oven thermometer, air
            the room and stay with the oven. The packet and its safety sheet decide.
          </Caution>
          {errorAt(errors, 'stages') && <p className="text-madder">{errorAt(errors, 'stages')?.fix}</p>}
        </>
      }
    />
  );
}

const adviceHere = [
  'windows-apart',
  'hold-long',
  'light-long',
  'heat-limit',
  'heat-limit-unknown',
  'air-and-oven',
  'own-outside',
  'lump-thick',
  'never-cured',
  'cold-raw',
  'joint-cured',
  'joint-alike',
];

const STUDIO = 'STUDIO';

/** How this design is baked, when it is not as the studio bakes. */
function BakingMethodChoice({ design }: { design: DesignDraft }) {
  const limits = useLimits();
  const { draft } = design;
  const set = (bakingMethod: string) =>
    draft.change(({ bakingMethod: _, ...rest }) =>
      bakingMethod === STUDIO ? rest : { ...rest, bakingMethod: bakingMethod as NonNullable<Design['bakingMethod']> },
    );
  return (
    <label className="inline-flex items-center gap-2">
      Baking method{' '}
      <Choice
        label="Baking method of this design"
        value={draft.form.bakingMethod ?? STUDIO}
        options={[{ value: STUDIO, label: 'as in Settings' }, ...choicesOf(limits, 'bakingMethod')]}
        onChange={set}
      />
    </label>
  );
}

interface NeedProps {
  title: string;
  stage: MeasuredDesign['stages'][number];
  heated: HeatedStage | undefined;
  quench: boolean;
}

function StageNeed({ title, stage, heated, quench }: NeedProps) {
  return (
    <article className="rounded-card border border-line bg-paper px-4 py-3">
      <h2 className="text-figure">{title}</h2>
      <p className="mt-1">
        {stage.driesMin === undefined ? (
          <>
            <span className="figure text-large font-semibold text-ember-deep">{minutes(stage.bakingMin)}</span>{' '}
            <span className="text-soft">
              at {stage.lowC === stage.highC ? '' : `${plainIn('°C', stage.lowC)} to `}
              {plainIn('°C', stage.highC)} {u.c}, at most {minutes(stage.mostMin)}
            </span>
          </>
        ) : (
          <>
            <span className="figure text-large font-semibold">{minutes(stage.driesMin)}</span>{' '}
            <span className="text-soft">air-dries, no oven</span>
          </>
        )}
      </p>
      <p className="mt-1">{inUnits(stage.reason)}</p>
      {stage.solidBakingMin > stage.bakingMin && (
        <p className="text-note text-soft">
          Without its cores: {minutes(stage.solidBakingMin)}. The cores save{' '}
          {minutes(stage.solidBakingMin - stage.bakingMin)}.
        </p>
      )}
      {stage.lump && (
        <p className="text-note">
          {stage.lump.parts} make one raw lump, {mm(stage.lump.thickestMm)} {u.mm} thick (give or take{' '}
          {mm(stage.lump.withinMm)} {u.mm}).
        </p>
      )}
      <p className="text-note text-soft">
        In the oven: {contentWords(stage.contents)}. {grams(stage.massG)} {u.g} per piece.
      </p>
      <p className="text-note text-soft">
        {stage.unitsEach > 1 ? `${stage.unitsEach} items on the tray per piece, each ` : 'On the tray: '}{' '}
        {mm(stage.unit.widthMm)} × {mm(stage.unit.depthMm)} {u.mm}, {mm(stage.unit.heightMm)} {u.mm} high
      </p>
      {heated && stage.driesMin === undefined && <StageHeat heated={heated} stage={stage} />}
      {heated && stage.driesMin === undefined && <CoolingWords heated={heated} quench={quench} />}
      <ShowWorking>
        <WorkingsList workings={stage.workings} />
      </ShowWorking>
    </article>
  );
}

const contentWords = (contents: MeasuredDesign['stages'][number]['contents']) =>
  contents.map((c) => (c.state === 'CURED' ? `${c.name} (cured)` : c.name)).join(', ');

const about = (min: number) => (min < 1 ? 'less than a minute' : `about ${minutes(min)}`);

/** How long until it can be handled, the way it is cooled and the other way, and why either. */
function CoolingWords({ heated, quench }: { heated: HeatedStage; quench: boolean }) {
  return (
    <p className="mt-1 text-note">
      {quench
        ? `Cool enough to handle after ${about(heated.quenchedMin)} in cold water, after ${about(heated.coolsSlowlyMin)} on a rack. Water keeps translucents clear; thick and cored pieces may crack in water, and flat ones may warp.`
        : `Cool enough to handle after ${about(heated.coolsSlowlyMin)} on a rack, after ${about(heated.quenchedMin)} in cold water. Slow cooling suits thick, cored and flat pieces; water keeps translucents clear.`}
    </p>
  );
}
