import { Button } from '../../controls/button';
import { Card } from '../../controls/card';
import { InlineNumber } from '../../controls/inline-number';
import { Pair } from '../../controls/place';
import { Switch } from '../../controls/switch';
import { spanOf, useLimits } from '../../server/use-limits';
import { wrongAt } from '../../server/use-measured';
import { InsertFields } from './insert-fields';
import { PaperPreview } from './paper-preview';
import { SectionDrawing } from './section-drawing';
import type { PieceDraft } from './use-piece';
import { WireFields } from './wire-fields';

/** What a piece is built on and hangs from: inserts with their sleeves, wires with their bends, its pin. */
export function BuiltOnPair({ id, piece }: { id: number; piece: PieceDraft }) {
  const { draft, measured, measuredForm } = piece;
  const inserts = draft.form.inserts ?? [];
  const wires = draft.form.wires ?? [];
  return (
    <Pair
      ledger={
        <>
          <PinCard piece={piece} />
          {inserts.map((insert, i) => (
            <InsertFields
              key={i}
              insert={insert}
              index={i}
              sums={measured.inserts[i]}
              wrongs={piece.wrongs}
              onChange={(change) =>
                draft.change((p) => ({ ...p, inserts: (p.inserts ?? []).map((x, j) => (j === i ? change(x) : x)) }))
              }
              onSettle={draft.settle}
              onRemove={() => draft.change((p) => ({ ...p, inserts: (p.inserts ?? []).filter((_, j) => j !== i) }))}
            />
          ))}
          {wires.map((wire, i) => (
            <WireFields
              key={i}
              wire={wire}
              index={i}
              sums={measured.wires[i]}
              wrongs={piece.wrongs}
              onChange={(change) =>
                draft.change((p) => ({ ...p, wires: (p.wires ?? []).map((x, j) => (j === i ? change(x) : x)) }))
              }
              onSettle={draft.settle}
              onRemove={() => draft.change((p) => ({ ...p, wires: (p.wires ?? []).filter((_, j) => j !== i) }))}
            />
          ))}
          {inserts.length + wires.length === 0 && (
            <p className="text-soft">
              A pencil, pen or pick that it is wrapped round, a stick that stays in, a wire inside: told here, their
              foil sleeves, sheets, lengths, weight and the heat they stand go into the sums.
            </p>
          )}
          <div className="flex flex-wrap gap-2">
            <Button
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
          </div>
        </>
      }
      drawing={
        <>
          {wires.length > 0 ? (
            <PaperPreview
              title="Bending template"
              src={`/api/pieces/${id}/bends`}
              edition={piece.edition}
              words="Bend each wire on its line: the whole batch gets one body size. Measure the check bar first."
            />
          ) : (
            <div className="flex min-h-80 flex-1 flex-col rounded-card border border-line bg-paper p-3">
              <SectionDrawing
                name={measuredForm.name}
                piece={measured}
                parts={measuredForm.parts}
                inserts={measuredForm.inserts}
                chosen={-1}
                aspect="cut"
                onChoose={() => undefined}
              />
            </div>
          )}
        </>
      }
    />
  );
}

function PinCard({ piece }: { piece: PieceDraft }) {
  const limits = useLimits();
  const { draft, measured, wrongs } = piece;
  const pin = draft.form.pin;
  const number = (field: 'acrossMm' | 'upMm', words: string) => (
    <InlineNumber
      of="Pin"
      words={words}
      value={pin?.[field] ?? 0}
      span={spanOf(limits, 'placement', field)}
      wrong={wrongAt(wrongs, `pin.${field}`)}
      onChange={(value) => draft.change((p) => (p.pin ? { ...p, pin: { ...p.pin, [field]: value } } : p))}
      onSettle={draft.settle}
    />
  );
  return (
    <Card title="Hung from">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <Switch
          label="It hangs from an eye"
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
