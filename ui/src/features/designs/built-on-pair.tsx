import { Button } from '../../controls/button';
import { Card } from '../../controls/card';
import { InlineNumber } from '../../controls/inline-number';
import { Pair } from '../../controls/place';
import { Switch } from '../../controls/switch';
import { spanOf, useLimits } from '../../server/use-limits';
import type { Design, MeasuredDesign } from '../../server/types';
import { errorAt } from '../../server/use-measured';
import { useDesigns, useShelf } from '../../server/use-studio';
import { plain } from '../../words/figures';
import { partPoints } from './assemblies';
import { InsertFields } from './insert-fields';
import { firstBoard, NonClayFields } from './non-clay-fields';
import { uncovered } from './new-design';
import { PaperPreview } from './paper-preview';
import { SectionDrawing } from './section-drawing';
import type { DesignDraft } from './use-design';
import { WireFields } from './wire-fields';

/** What a design is built on and hangs from, and what else of it is not clay: inserts with their sleeves, wires with their bends, its pin. */
export function BuiltOnPair({ id, design }: { id: number; design: DesignDraft }) {
  const { findings } = useShelf();
  const designs = useDesigns()
    .filter((other) => other.id !== id)
    .map((other) => ({ id: other.id, name: other.design.name }));
  const { draft, measured, measuredForm } = design;
  const inserts = draft.form.inserts ?? [];
  const wires = draft.form.wires ?? [];
  const nonClay = draft.form.nonClay ?? [];
  return (
    <Pair
      ledger={
        <>
          <PinCard design={design} />
          {inserts.map((insert, i) => (
            <InsertFields
              key={i}
              insert={insert}
              index={i}
              sums={measured.inserts[i]}
              errors={design.errors}
              onChange={(change) =>
                draft.change((p) => ({ ...p, inserts: (p.inserts ?? []).map((x, j) => (j === i ? change(x) : x)) }))
              }
              onSettle={draft.settle}
              onRemove={() =>
                draft.change((p) => ({
                  ...p,
                  parts: uncovered(p.parts, i, 'INSERT'),
                  inserts: (p.inserts ?? []).filter((_, j) => j !== i),
                }))
              }
            />
          ))}
          <BoredParts parts={measuredForm.parts} sums={measured.parts} />
          {wires.map((wire, i) => (
            <WireFields
              key={i}
              wire={wire}
              index={i}
              sums={measured.wires[i]}
              errors={design.errors}
              onChange={(change) =>
                draft.change((p) => ({ ...p, wires: (p.wires ?? []).map((x, j) => (j === i ? change(x) : x)) }))
              }
              onSettle={draft.settle}
              onRemove={() => draft.change((p) => ({ ...p, wires: (p.wires ?? []).filter((_, j) => j !== i) }))}
            />
          ))}
          {nonClay.map((thing, i) => (
            <NonClayFields
              key={i}
              thing={thing}
              index={i}
              places={partPoints(draft.form)}
              findings={findings}
              designs={designs}
              measured={measured.nonClay[i]}
              errors={design.errors}
              onChange={(change) =>
                draft.change((p) => ({ ...p, nonClay: (p.nonClay ?? []).map((x, j) => (j === i ? change(x) : x)) }))
              }
              onSettle={draft.settle}
              onRemove={() =>
                draft.change((p) => ({
                  ...p,
                  parts: uncovered(p.parts, i, 'NON_CLAY'),
                  nonClay: (p.nonClay ?? []).filter((_, j) => j !== i),
                }))
              }
            />
          ))}
          {inserts.length + wires.length + nonClay.length === 0 && (
            <p className="text-soft">
              Add the pencil, pen or pick that the design wraps around, a stick that stays in, a wire inside, or what
              else is not clay: a board, a box, a spring, an eye, a cup that holds it in the oven. Foil sleeves, clay
              sheets, lengths, weights, tray room and heat limits are worked out from them.
            </p>
          )}
          <div className="flex flex-wrap gap-2">
            <Button
              adds
              onClick={() =>
                draft.change((p) => ({
                  ...p,
                  inserts: [
                    ...(p.inserts ?? []),
                    {
                      name: 'Pencil',
                      thickMm: 7.4,
                      lengthMm: 175,
                      coveredMm: 18,
                      massG: 4.5,
                      stays: false,
                      contents: '',
                      turns: 8,
                      sheetMm: 2.5,
                      seamMm: 1,
                      acrossMm: 0,
                      upMm: -157,
                    },
                  ],
                }))
              }
            >
              Add an insert
            </Button>
            <Button
              adds
              onClick={() =>
                draft.change((p) => ({
                  ...p,
                  wires: [
                    ...(p.wires ?? []),
                    { name: 'Wire', gaugeMm: 0.8, metal: 'STEEL', count: 1, legs: [{ lengthMm: 30, turnDeg: 0 }] },
                  ],
                }))
              }
            >
              Add a wire
            </Button>
            <Button adds onClick={() => draft.change((p) => ({ ...p, nonClay: [...(p.nonClay ?? []), firstBoard] }))}>
              Add something that is not clay
            </Button>
          </div>
        </>
      }
      drawing={
        <>
          {(wires.length === 0 || nonClay.length > 0) && (
            <div className="flex min-h-80 flex-1 flex-col rounded-card border border-line bg-paper p-3">
              <SectionDrawing
                name={measuredForm.name}
                design={measured}
                parts={measuredForm.parts}
                inserts={measuredForm.inserts}
                chosen={-1}
                aspect="cut"
                onChoose={() => undefined}
              />
            </div>
          )}
          {wires.length > 0 && (
            <PaperPreview
              title="Bending template"
              src={`/api/designs/${id}/bends`}
              edition={design.edition}
              words="Bend each wire along its line, so that the whole batch has one size. Measure the check bar first."
            />
          )}
        </>
      }
    />
  );
}

function PinCard({ design }: { design: DesignDraft }) {
  const limits = useLimits();
  const { draft, measured, errors } = design;
  const pin = draft.form.pin;
  const number = (field: 'acrossMm' | 'upMm', words: string) => (
    <InlineNumber
      of="Pin"
      words={words}
      value={pin?.[field] ?? 0}
      span={spanOf(limits, 'placement', field)}
      error={errorAt(errors, `pin.${field}`)}
      onChange={(value) => draft.change((p) => (p.pin ? { ...p, pin: { ...p.pin, [field]: value } } : p))}
      onSettle={draft.settle}
    />
  );
  return (
    <Card title="Hung from">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <Switch
          label="Hangs from an eye"
          on={Boolean(pin)}
          onChange={(on) =>
            draft.change((p) => {
              const { pin: before, ...rest } = p;
              return on
                ? { ...rest, pin: before ?? { acrossMm: 0, upMm: Math.round(measured.box.heightMm + 2) } }
                : rest;
            })
          }
        />
        {pin && number('acrossMm', 'across')}
        {pin && number('upMm', 'up')}
      </div>
    </Card>
  );
}

interface BoredProps {
  parts: Design['parts'];
  sums: MeasuredDesign['parts'];
}

/** What the inserts take out of the clay they pass through. */
function BoredParts({ parts, sums }: BoredProps) {
  const bored = parts.flatMap((part, i) => {
    const taken = sums[i]?.boredMm3 ?? 0;
    return taken > 0 ? [`${plain(Math.round(taken / 10) / 100)} cm³ of ${part.name}`] : [];
  });
  if (bored.length === 0) return null;
  return (
    <p>
      The inserts take the place of {bored.join(', ')}
      {parts.some((part) => part.count > 1) && ' (of each copy)'}. That clay is left out of the weights, and the
      thickest section is that of what is left.
    </p>
  );
}
