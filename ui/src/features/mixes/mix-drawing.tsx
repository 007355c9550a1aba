import { AdviceList } from '../../controls/advice-list';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import type { Advice, MeasuredMix } from '../../server/types';
import { useMoney } from '../../server/use-studio';
import { count, plain, plainIn, u } from '../../words/figures';
import { MixBar } from './mix-bar';

/** What a mix becomes: its bar, its half-moon raw and cured, and how the colour was calculated. */
export function MixDrawing({ name, mix }: { name: string; mix: MeasuredMix }) {
  const money = useMoney();
  return (
    <div className="flex flex-col gap-4 rounded-card border border-line bg-paper p-4">
      <MixBar name={name} clays={mix.lines} />
      <div className="flex items-center gap-6">
        <HalfMoon raw={mix.rawHex} cured={mix.curedHex} name={name} />
        <dl className="flex flex-col gap-2">
          <Face label="raw, left half" hex={mix.rawHex} />
          <Face label="cured, right half" hex={mix.curedHex} />
          <div>
            <dt className="text-note text-soft">density and cost</dt>
            <dd className="figure">
              {plain(Math.round(mix.densityGPerCm3 * 1000) / 1000)} g/cm³, {money(mix.costMinor)}
            </dd>
          </div>
          <div>
            <dt className="text-note text-soft">opaque from</dt>
            <dd className="figure">
              {mix.opaqueFromMm >= 30
                ? `over ${plainIn('mm', 30)} ${u.mm}`
                : `${plainIn('mm', Math.round(mix.opaqueFromMm * 10) / 10)} ${u.mm}`}
            </dd>
          </div>
          <div>
            <dt className="text-note text-soft">oven temperature</dt>
            <dd className="figure text-ember-deep">
              {mix.windowsMeet
                ? `${plainIn('°C', mix.lowC)} to ${plainIn('°C', mix.highC)} ${u.c}`
                : 'no temperature suits all these clays'}
            </dd>
          </div>
        </dl>
      </div>
      <p className="text-note text-soft">
        {mix.workedInto
          ? `The mean of what is seen of the ${mix.workedInto} from afar, by the room each colour takes. `
          : 'Predicted from the swatches: how the mix scatters and absorbs light. '}
        {mix.tiles > 0
          ? `Based on ${count(mix.tiles, 'trial tile')} with these clays. `
          : 'Not checked by a trial tile yet: make a small tile before a large batch. '}{' '}
        The cured colour may be off by <b className="figure">{plain(Math.round(mix.uncertaintyCured * 10) / 10)}</b> (1
        is barely visible, 5 is clearly another colour).
      </p>
      <AdviceList advice={cautions(mix)} />
      <ShowWorking>
        <div className="flex flex-col gap-3">
          {mix.workings.map((w) => (
            <WorkingsList key={w.title} workings={w} />
          ))}
        </div>
      </ShowWorking>
    </div>
  );
}

const off = (value: number) => plain(Math.round(value * 10) / 10);

/** What an even colour on a screen cannot show of this mix, and what its lots do to it. */
function cautions(mix: MeasuredMix): Advice[] {
  const found: Advice[] = [];
  if (mix.beyondScreen) {
    found.push({
      rule: 'beyond-screen',
      grade: 'CAUTION',
      message: 'This colour is outside what a screen can show; the closest is drawn.',
      fix: 'Trust the tile, not the screen.',
      about: [],
    });
  }
  if (mix.lots) {
    const of = mix.lots.clays.map((l) => `lot ${l.lot} of ${l.clay} (difference ${off(l.difference)}, ${l.differs})`);
    found.push({
      rule: 'lot',
      grade: mix.lots.difference < 1 ? 'TIP' : 'CAUTION',
      message: `Made with ${of.join('; ')}, the mix differs from its usual colour by ${off(mix.lots.difference)}${mix.lots.difference < 1 ? ', which nobody sees' : `, ${mix.lots.differs}`}.`,
      fix: mix.lots.difference < 1 ? '' : 'Make a tile, or find a recipe for the usual colour.',
      about: [],
    });
  }
  if (mix.effects.length > 0) {
    found.push({
      rule: 'effect',
      grade: 'CAUTION',
      message: `Contains ${mix.effects.map((e) => e.toLowerCase()).join(' and ')}, which an even colour cannot show.`,
      fix: 'Judge it by a tile.',
      about: [],
    });
  }
  return found;
}

function Face({ label, hex }: { label: string; hex: string }) {
  return (
    <div>
      <dt className="text-note text-soft">{label}</dt>
      <dd className="figure">{hex}</dd>
    </div>
  );
}

function HalfMoon({ raw, cured, name }: { raw: string; cured: string; name: string }) {
  return (
    <svg width="168" height="168" viewBox="-84 -84 168 168" role="img">
      <title>{`${name}: raw ${raw} on the left half, cured ${cured} on the right half`}</title>
      <path d="M0 -80A80 80 0 0 0 0 80Z" fill={raw} />
      <path d="M0 -80A80 80 0 0 1 0 80Z" fill={cured} />
      <circle r="80" fill="none" stroke="#16201d" strokeOpacity="0.4" />
    </svg>
  );
}
