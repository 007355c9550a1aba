import { Link, useNavigate } from 'react-router';
import { Button } from '../../controls/button';
import { Choice } from '../../controls/choice';
import { Empty } from '../../controls/empty';
import { Menu } from '../../controls/menu';
import { Place } from '../../controls/place';
import { useKeptChoice } from '../../controls/use-kept-choice';
import { useSome } from '../../controls/use-some';
import { Segments } from '../../controls/segments';
import type { Advice, Design, DesignView } from '../../server/types';
import { choicesOf, useLimits } from '../../server/use-limits';
import { useDesigns } from '../../server/use-studio';
import { count, grams, mm, whole, u, plainIn } from '../../words/figures';
import { usePlain } from '../beginning/use-beginning';
import { DesignThumb } from './design-thumb';
import { longestBake } from './longest-bake';
import { SideBySide } from './side-by-side';

const ALL = 'all';

/** The designs of the studio, each by its own drawing; or side by side at one scale. */
export function DesignsPlace() {
  const designs = useDesigns();
  const [view, setView] = useKeptChoice<'cards' | 'scale'>('view', 'cards');
  const [collection, setCollection] = useKeptChoice('collection', ALL);
  const collections = [...new Set(designs.map((p) => p.design.collection ?? '').filter((c) => c !== ''))].sort();
  const shown = designs.filter((p) => collection === ALL || p.design.collection === collection);
  const cards = useSome(shown, 24, 'designs');
  const begin = <NewDesign />;
  return (
    <Place
      title="Designs"
      about={designs.length > 0 && count(shown.length, 'design')}
      actions={
        designs.length > 0 && (
          <>
            {collections.length > 0 && (
              <Choice
                label="Collection"
                value={collection}
                options={[
                  { value: ALL, label: 'all collections' },
                  ...collections.map((c) => ({ value: c, label: c })),
                ]}
                onChange={setCollection}
              />
            )}
            <Segments
              label="View"
              value={view}
              options={[
                { value: 'cards', label: 'One by one' },
                { value: 'scale', label: 'Side by side, to scale' },
              ]}
              onChange={setView}
            />
            {begin}
          </>
        )
      }
    >
      {designs.length === 0 && (
        <Empty title="No designs yet" step={<FirstStep />}>
          A design is a list of parts at their true size. Fair Ember works out the grams and ball size of each part, the
          foil core, the weight and the baking time.
        </Empty>
      )}
      {designs.length > 0 && view === 'cards' && (
        <ul className="grid grid-cols-[repeat(auto-fill,minmax(11.5rem,1fr))] gap-4 overflow-y-auto pb-2">
          {cards.shown.map((design) => (
            <DesignCard key={design.id} design={design} />
          ))}
          {cards.more && <li>{cards.more}</li>}
        </ul>
      )}
      {designs.length > 0 && view === 'scale' && (
        <div className="flex min-h-0 flex-1 flex-col rounded-card border border-line bg-paper p-3">
          <SideBySide
            designs={shown.map((p) => ({ id: p.id, name: p.design.name, parts: p.design.parts, measured: p.measured }))}
          />
        </div>
      )}
    </Place>
  );
}

/** What leads on from nothing. */
function FirstStep() {
  return (
    <span className="flex flex-wrap items-center gap-4">
      <Link to="/begin" className="font-semibold text-verdigris underline">
        Make a first plan
      </Link>
      <NewDesign />
    </span>
  );
}

/** Begins a design of a kind from a sensible one. */
function NewDesign() {
  const kinds = choicesOf(useLimits(), 'designKind');
  const go = useNavigate();
  const { design } = usePlain();
  return (
    <Menu
      align="end"
      trigger={
        <Button kind="main" aria-label="New design">
          New design ▾
        </Button>
      }
      items={kinds}
      // The empty place that this button stood in may be gone by then: a promise outlives it, a callback does not.
      onChoose={(kind) => void design.mutateAsync(kind as Design['kind']).then(({ id }) => go(`/designs/${id}`))}
    />
  );
}

function DesignCard({ design: { id, design, measured } }: { design: DesignView }) {
  const kind = choicesOf(useLimits(), 'designKind').find((k) => k.value === design.kind)?.label;
  const longest = longestBake(measured);
  const of = (grade: Advice['grade']) => measured.advice.filter((f) => f.grade === grade).length;
  const stops = of('STOP');
  const flaws = of('CAUTION');
  return (
    <li>
      <Link
        to={`/designs/${id}`}
        className="flex h-full flex-col rounded-card border border-line bg-paper p-4 hover:border-verdigris"
      >
        <span className="flex h-40 items-end justify-center">
          <DesignThumb design={measured} parts={design.parts} width={150} height={156} />
        </span>
        <span className="mt-3 font-head text-figure font-bold">{design.name}</span>
        <span className="text-note text-soft">
          {kind}, {mm(measured.box.heightMm)} {u.mm} tall, {count(design.parts.length, 'part')}
        </span>
        {design.collection && <span className="text-note text-soft">{design.collection}</span>}
        <span className="mt-1 figure text-figure font-semibold">
          {grams(measured.weightG)} {u.g}
        </span>
        {longest && (
          <span className="figure text-note whitespace-nowrap text-ember-deep">
            {whole(longest.bakingMin)} min at {plainIn('°C', longest.lowC)} {u.c}
          </span>
        )}
        {stops > 0 && <span className="mt-1 text-note font-semibold text-madder">✕ {count(stops, 'stop')}</span>}
        {flaws > 0 && <span className="mt-1 text-note font-semibold text-straw">◦ {count(flaws, 'caution')}</span>}
      </Link>
    </li>
  );
}
