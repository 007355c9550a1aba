import { useNavigate } from 'react-router';
import { Button } from '../../controls/button';
import { Card, FieldLine } from '../../controls/card';
import { Choice } from '../../controls/choice';
import { ColourField } from '../../controls/colour-field';
import { Figure, FigureStrip } from '../../controls/figure';
import { NumberField } from '../../controls/number-field';
import { Pair, Place } from '../../controls/place';
import { RefusedNote } from '../../controls/problem-note';
import { Swatch } from '../../controls/swatch';
import { WhenField } from '../../controls/when-field';
import type { Begun } from '../../server/types';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useMoney } from '../../server/use-studio';
import { clock, dayName } from '../../words/days';
import { count, grams, minutes, mm, offRoll, plainIn, u, whole } from '../../words/figures';
import { DesignThumb } from '../designs/design-thumb';
import { longestBake } from '../designs/longest-bake';
import { GuessList } from './guess-list';
import { useBeginning } from './use-beginning';

const PLAIN = 'plain';

/** From nothing to a first plan: what is made, how big, how many, by when; all else is guessed and named as a guess. */
export function BeginPlace() {
  const beginning = useBeginning();
  const { begun } = beginning;
  return (
    <Place
      title="A first plan"
      about="Say what you make, how big, how many and by when. The rest is guessed, and can be put right later."
    >
      <Pair
        ledger={
          <>
            <What beginning={beginning} />
            {begun && <Needs begun={begun} />}
            <Keep beginning={beginning} />
          </>
        }
        drawing={
          <>
            {begun && (
              <div className="flex h-72 items-end justify-center rounded-card border border-line bg-paper p-3">
                <DesignThumb design={begun.measured} parts={begun.design.parts} width={300} height={262} />
              </div>
            )}
            {begun && <GuessList guesses={begun.guesses} />}
          </>
        }
      />
    </Place>
  );
}

type Beginnings = ReturnType<typeof useBeginning>;

function What({ beginning }: { beginning: Beginnings }) {
  const limits = useLimits();
  const { form, change, errors, ready, mixes, mixId, setMixId } = beginning;
  return (
    <Card title="What do you make?">
      <div role="radiogroup" aria-label="What do you make?" className="grid grid-cols-2 gap-2 sm:grid-cols-3">
        {ready.kinds.map(({ kind, label, heightMm }) => (
          <label
            key={kind}
            className="flex min-h-11 cursor-pointer items-center gap-2 rounded-small border border-line px-3 has-checked:border-verdigris has-checked:bg-verdigris-tint has-checked:font-semibold"
          >
            <input
              type="radio"
              name="kind"
              checked={form.kind === kind}
              onChange={() => change({ kind, heightMm })}
              className="accent-verdigris"
            />
            {label}
          </label>
        ))}
      </div>
      <FieldLine label="how high" unit={u.mm}>
        <NumberField
          label="How high"
          value={form.heightMm}
          span={spanOf(limits, 'beginning', 'heightMm')}
          chars={5}
          error={errorAt(errors, 'heightMm')}
          onChange={(heightMm) => change({ heightMm })}
          onSettle={() => undefined}
        />
      </FieldLine>
      <FieldLine label="how many" unit="pieces">
        <NumberField
          label="How many"
          value={form.quantity}
          span={spanOf(limits, 'beginning', 'quantity')}
          chars={5}
          error={errorAt(errors, 'quantity')}
          onChange={(quantity) => change({ quantity })}
          onSettle={() => undefined}
        />
      </FieldLine>
      <FieldLine label="ready by">
        <WhenField
          label="Ready by"
          type="date"
          value={form.dueOn}
          error={errorAt(errors, 'dueOn')}
          onChange={(dueOn) => change({ dueOn })}
          onSettle={() => undefined}
          className="text-right"
        />
      </FieldLine>
      <FieldLine label="of which clay">
        {mixes.length > 0 && (
          <Choice
            label="Of which mix"
            value={mixId === undefined ? PLAIN : String(mixId)}
            options={[
              ...mixes.map((m) => ({
                value: String(m.id),
                label: m.mix.name,
                mark: <Swatch raw={m.measured.rawHex} cured={m.measured.curedHex} />,
              })),
              { value: PLAIN, label: 'a plain clay' },
            ]}
            onChange={(of) => setMixId(of === PLAIN ? undefined : Number(of))}
          />
        )}
        {mixId === undefined && (
          <>
            <Choice
              label="Packet of the clay"
              value={form.packet ?? 'FIRM'}
              options={packets.map((packet, i) => ({ value: packet, label: ready.packets[i]?.name ?? packet }))}
              onChange={(packet) => change({ packet: packet as NonNullable<typeof form.packet> })}
            />
            <ColourField
              label="Colour of the clay"
              value={form.colourHex}
              error={errorAt(errors, 'colourHex')}
              onChange={(colourHex) => change({ colourHex })}
              onSettle={() => undefined}
            />
          </>
        )}
      </FieldLine>
    </Card>
  );
}

const packets = ['FIRM', 'SOFT', 'CLEAR', 'LIGHT'] as const;

function Needs({ begun }: { begun: Begun }) {
  const money = useMoney();
  const { measured, needs } = begun;
  const longest = longestBake(measured);
  const clay = needs.mixes.reduce((sum, m) => sum + m.toMixG, 0);
  const late = begun.daysSpare < 0;
  return (
    <>
      <FigureStrip>
        <Figure value={grams(measured.weightG)} unit={u.g}>
          one piece, {mm(measured.box.heightMm)} {u.mm} high
        </Figure>
        <Figure value={grams(clay)} unit={u.g}>
          clay for all, with waste
        </Figure>
        <Figure value={money(needs.buyMinor)}>to buy</Figure>
        <Figure value={money(begun.priceMinor)}>price of one; it costs you {money(begun.costMinor)}</Figure>
      </FigureStrip>
      <FigureStrip>
        <Figure value={whole(begun.loads)} tone="heat">
          {begun.loads === 1 ? 'oven load' : 'oven loads'}
          {longest && `, ${minutes(longest.bakingMin)} at ${plainIn('°C', longest.lowC)} ${u.c}`}
        </Figure>
        <Figure value={minutes(begun.handsMin)}>work</Figure>
        <Figure value={dayName(begun.finish)} tone={late ? 'straw' : 'ink'}>
          finished, {clock(begun.finish)}
          {late ? `: ${count(-begun.daysSpare, 'day')} late. Make fewer, or choose a later day.` : ''}
        </Figure>
      </FigureStrip>
      <p className="text-soft">
        {needs.clays
          .flatMap((clay) =>
            clay.buy.map((of) => `${whole(of.count)} × ${plainIn('g', of.massG)} ${u.g} of ${clay.name}`),
          )
          .map((words, i) => (i === 0 ? `To buy: ${words}` : words))
          .join(', ')}
        {needs.tornMm > 0 && ` and ${offRoll(needs.tornMm)} of foil for the cores`}
      </p>
    </>
  );
}

function Keep({ beginning }: { beginning: Beginnings }) {
  const { keep, errors, refused, begun } = beginning;
  const atFields = ['heightMm', 'quantity', 'dueOn', 'colourHex'];
  const go = useNavigate();
  return (
    <div className="flex flex-wrap items-center gap-3">
      <Button
        kind="main"
        disabled={keep.isPending || refused !== null || !begun}
        onClick={() => keep.mutate(undefined, { onSuccess: ({ batchId }) => void go(`/batches/${batchId}`) })}
      >
        Keep this plan
      </Button>
      <span className="text-note text-soft">
        It becomes a design and a batch on your bench. Undo takes all of it back.
      </span>
      {refused && !errors.some((error) => atFields.includes(error.field)) && <RefusedNote error={refused} />}
    </div>
  );
}
