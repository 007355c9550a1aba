import { NavLink, useLocation, useNavigate } from 'react-router';
import { KeyCap } from '../controls/button';
import { Menu } from '../controls/menu';
import { keyName, useShortcuts } from '../controls/shortcuts';
import { places } from '../controls/places';

interface Props {
  onFind: () => void;
  onKeys: () => void;
}

/** The places in a row, each with its letter underlined where it has one. */
export function Rail({ onFind, onKeys }: Props) {
  const { keyFor } = useShortcuts();
  return (
    <header className="flex h-rail items-center gap-5 border-b border-line bg-paper px-5 max-lg:gap-2 max-lg:px-3">
      <NavLink to="/bench" className="font-head text-figure font-extrabold tracking-tight whitespace-nowrap">
        Fair Ember
      </NavLink>
      <PlacesMenu />
      <nav aria-label="Places" className="flex h-full min-w-0 overflow-x-auto max-sm:hidden">
        {places.map((place) => (
          <NavLink
            key={place.path}
            to={place.path}
            aria-keyshortcuts={keyFor(place.path)}
            className="flex h-full items-center border-b-[3px] border-transparent px-2.5 text-soft hover:text-ink aria-[current=page]:border-verdigris aria-[current=page]:font-semibold aria-[current=page]:text-verdigris max-lg:px-2"
          >
            <PlaceName name={place.name} letter={keyFor(place.path)} />
          </NavLink>
        ))}
      </nav>
      <div className="ml-auto flex gap-1">
        <button type="button" className="min-h-9 rounded-small px-2 whitespace-nowrap" onClick={onFind}>
          Find <KeyCap>{keyName(keyFor('find'))}</KeyCap>
        </button>
        <button type="button" className="min-h-9 rounded-small px-2 whitespace-nowrap" onClick={onKeys}>
          Keys <KeyCap>{keyName(keyFor('keys'))}</KeyCap>
        </button>
      </div>
    </header>
  );
}

/** On a phone: the place that is open, and all of them in a menu. */
function PlacesMenu() {
  const here = useLocation().pathname;
  const go = useNavigate();
  const current = places.find((place) => here.startsWith(place.path));
  return (
    <Menu
      align="start"
      wide
      trigger={
        <button
          type="button"
          className="flex min-h-11 items-center gap-1.5 rounded-small px-2 font-semibold text-verdigris sm:hidden"
        >
          {current?.name ?? 'Places'} <span aria-hidden="true">▾</span>
        </button>
      }
      items={places.map(({ path, name }) => ({ value: path, label: name }))}
      onChoose={(path) => void go(path)}
    />
  );
}

function PlaceName({ name, letter }: { name: string; letter: string }) {
  const at = name.toLowerCase().indexOf(letter);
  if (at < 0) return <span>{name}</span>;
  return (
    <span>
      {name.slice(0, at)}
      <u className="decoration-2 underline-offset-4">{name.slice(at, at + 1)}</u>
      {name.slice(at + 1)}
    </span>
  );
}
