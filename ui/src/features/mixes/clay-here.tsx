import { Choice } from '../../controls/choice';
import { ColourField } from '../../controls/colour-field';
import { DraftText } from '../../controls/draft-text';
import type { Clay, Shelf } from '../../server/types';
import { useDraft } from '../../server/use-draft';
import { errorAt } from '../../server/use-measured';

/** A clay that was missed where a mix is made: its name, range and colour, without leaving; the rest is on the shelf. */
export function ClayHere({ saved, ranges }: { saved: Shelf['clays'][number]; ranges: Shelf['ranges'] }) {
  const clay = useDraft<Clay>(`/api/shelf/clays/${saved.id}`, saved.clay.name, {
    edition: saved.edition,
    form: saved.clay,
  });
  const { form, change, settle, errors } = clay;
  return (
    <div
      role="group"
      aria-label="The new clay"
      className="flex flex-wrap items-center gap-2 border-t border-line px-3 py-1.5"
    >
      <DraftText draft={clay} field="name" label="Name of the new clay" className="w-40 font-semibold" />
      <Choice
        label="Range of the new clay"
        value={String(form.rangeId)}
        options={ranges.map((range) => ({ value: String(range.id), label: range.range.name }))}
        onChange={(id) => change((c) => ({ ...c, rangeId: Number(id) }))}
      />
      <ColourField
        label="Colour of the new clay"
        value={form.rawHex}
        error={errorAt(errors, 'rawHex')}
        onChange={(hex) => change((c) => ({ ...c, rawHex: hex, curedHex: hex }))}
        onSettle={settle}
      />
    </div>
  );
}
