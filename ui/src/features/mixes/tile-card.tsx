import { Button } from '../../controls/button';
import { Card, FieldLine } from '../../controls/card';
import { Check } from '../../controls/check';
import { Choice } from '../../controls/choice';
import { ColourField } from '../../controls/colour-field';
import { NumberField } from '../../controls/number-field';
import { Swatch } from '../../controls/swatch';
import { ShowWorking, WorkingsList } from '../../controls/workings-list';
import { DraftText } from '../../controls/draft-text';
import type { Tile, Tiles } from '../../server/types';
import { useDraft, type Draft } from '../../server/use-draft';
import { spanOf, useLimits } from '../../server/use-limits';
import { errorAt } from '../../server/use-measured';
import { useShelf } from '../../server/use-studio';
import { plain } from '../../words/figures';
import { PhotoReader } from './photo-reader';
import { useTileActs } from './use-tiles';

type Saved = Tiles['tiles'][number];

/** A tile edited in place: what went in, what colour it was, and what was expected. */
export function TileCard({ saved }: { saved: Saved }) {
  const { remove } = useTileActs();
  const draft = useDraft<Tile>(`/api/tiles/${saved.id}`, saved.tile.name, {
    edition: saved.edition,
    form: saved.tile,
  });
  const { form, change } = draft;
  return (
    <Card title={form.name}>
      {saved.leftOut && <LeftOut onConfirm={() => change((t) => ({ ...t, confirmed: true }))} />}
      <FieldLine label="name">
        <DraftText draft={draft} field="name" label="Name of the tile" className="w-52 text-right" />
      </FieldLine>
      <FieldLine label="made on">
        <DraftText draft={draft} field="madeOn" label="Made on" type="date" className="w-40 text-right" />
      </FieldLine>
      <TileParts draft={draft} />
      <SeenLine label="raw" field="rawHex" draft={draft} seen={saved.raw} />
      <SeenWorking of="raw" seen={saved.raw} />
      <SeenLine label="cured" field="curedHex" draft={draft} seen={saved.cured} />
      <SeenWorking of="cured" seen={saved.cured} />
      <Check
        label="measured with an instrument, not by eye"
        on={form.measured}
        onChange={(measured) => change((t) => ({ ...t, measured }))}
      />
      {form.confirmed && (
        <Check label="confirmed, although it is far from the prediction" on onChange={() => change(unconfirmed)} />
      )}
      <FieldLine label="note">
        <DraftText draft={draft} field="note" label="Note" className="w-64 text-right" />
      </FieldLine>
      <Button kind="quiet" className="self-start" onClick={() => remove.mutate(saved)}>
        Remove this tile
      </Button>
    </Card>
  );
}

/** How the difference of a face from what was expected comes about. */
function SeenWorking({ of, seen }: { of: string; seen: Saved['raw'] }) {
  return (
    seen && (
      <ShowWorking of={`difference of the ${of} colour`}>
        <WorkingsList workings={seen.workings} />
      </ShowWorking>
    )
  );
}

/** The same tile, not confirmed as right: what changes on it has to be asked about again. */
function unconfirmed(tile: Tile): Tile {
  const free = { ...tile };
  delete free.confirmed;
  return free;
}

function LeftOut({ onConfirm }: { onConfirm: () => void }) {
  return (
    <div role="note" className="rounded-card border border-straw-line bg-straw-tint px-3 py-2">
      <p className="font-semibold text-straw">
        ◦ This tile is far from what the other tiles predict, so predictions do not use it yet.
      </p>
      <p className="text-note">Check its clays, parts and colours. Correct any mistake, or confirm the tile.</p>
      <Button className="mt-1" onClick={onConfirm}>
        Confirm this tile
      </Button>
    </div>
  );
}

function TileParts({ draft }: { draft: Draft<Tile> }) {
  const limits = useLimits();
  const { clays } = useShelf();
  const { form, change, settle, errors } = draft;
  const unused = clays.find((c) => !form.parts.some((p) => p.clayId === c.id));
  const general = errorAt(errors, 'parts');
  const set = (parts: (all: Tile['parts']) => Tile['parts']) =>
    change((t) => ({ ...unconfirmed(t), parts: parts(t.parts) }));
  return (
    <div className="border-b border-line pb-1">
      {form.parts.map((part, i) => (
        <div key={i} className="flex items-center justify-between gap-2">
          <Choice
            label={`Clay ${i + 1}`}
            value={String(part.clayId)}
            options={clays.map((c) => ({
              value: String(c.id),
              label: c.clay.name,
              mark: <Swatch raw={c.clay.rawHex} cured={c.clay.curedHex} />,
            }))}
            onChange={(id) => set((all) => all.map((p, j) => (j === i ? { ...p, clayId: Number(id) } : p)))}
            className="border-transparent"
          />
          <span className="inline-flex items-baseline gap-1">
            <NumberField
              label={`Clay ${i + 1}, parts`}
              value={part.parts}
              span={spanOf(limits, 'mix', 'parts')}
              chars={4}
              error={errorAt(errors, `parts[${i}].parts`)}
              onChange={(parts) => set((all) => all.map((p, j) => (j === i ? { ...p, parts } : p)))}
              onSettle={settle}
            />
            <span className="text-note text-soft">parts</span>
            <Button
              kind="quiet"
              aria-label={`Remove clay ${i + 1}`}
              onClick={() => set((all) => all.filter((_, j) => j !== i))}
            >
              ✕
            </Button>
          </span>
        </div>
      ))}
      {unused && (
        <Button adds kind="quiet" onClick={() => set((all) => [...all, { clayId: unused.id, parts: 1 }])}>
          Add a clay
        </Button>
      )}
      {general && (
        <p role="alert" className="text-madder">
          {general.message}
        </p>
      )}
    </div>
  );
}

interface SeenProps {
  label: string;
  field: 'rawHex' | 'curedHex';
  draft: Draft<Tile>;
  seen: Saved['raw'];
}

/** A colour that was seen, beside the one that was expected; it may be left out. */
function SeenLine({ label, field, draft, seen }: SeenProps) {
  const value = draft.form[field];
  const { [field]: _, ...without } = draft.form;
  const error = errorAt(draft.errors, field);
  if (value === undefined) {
    return (
      <FieldLine label={`${label} colour`}>
        <span className="text-note text-soft">not noted yet</span>
        <Button
          kind="quiet"
          aria-label={`Add the colour, ${label}`}
          onClick={() => draft.change((t) => ({ ...t, [field]: '' }))}
        >
          Add the colour
        </Button>
      </FieldLine>
    );
  }
  return (
    <div className="border-b border-line pb-1">
      <div className="flex items-center justify-between gap-2">
        <span>{label} colour</span>
        <span className="inline-flex items-center">
          <ColourField
            label={`${label} colour of the tile`}
            value={value}
            error={error}
            onChange={(hex) => draft.change((t) => ({ ...unconfirmed(t), [field]: hex }))}
            onSettle={draft.settle}
          />
          <Button kind="quiet" aria-label={`Remove the ${label} colour`} onClick={() => draft.change(() => without)}>
            ✕
          </Button>
        </span>
      </div>
      <PhotoReader of={`${label} tile`} onRead={(hex) => draft.change((t) => ({ ...unconfirmed(t), [field]: hex }))} />
      {seen && (
        <div className="flex items-center gap-3 py-1">
          <svg width="168" height="56" viewBox="0 0 168 56" role="img" className="shrink-0">
            <title>{`observed ${seen.seenHex} on the left, predicted ${seen.expectedHex} on the right`}</title>
            <rect width="84" height="56" fill={seen.seenHex} />
            <rect x="84" width="84" height="56" fill={seen.expectedHex} />
            <rect x="0.5" y="0.5" width="167" height="55" fill="none" stroke="#16201d" strokeOpacity="0.35" />
          </svg>
          <p className="text-note">
            observed, then predicted from the other tiles: difference{' '}
            <b className="figure">{plain(Math.round(seen.difference * 10) / 10)}</b> <br />{' '}
            <span className="text-soft">the tile is {seen.differs}</span>
          </p>
        </div>
      )}
    </div>
  );
}
