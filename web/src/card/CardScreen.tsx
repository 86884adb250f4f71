import { Link } from 'react-router';
import { Key } from '../ui/Key';
import { CardPage } from './CardPage';
import { PARTS } from './parts';

/** What is printed on a caliper’s back, and more: the parts, each with its key. */
export function CardScreen() {
  return (
    <CardPage>
      <ul className="grid gap-3 tablet:grid-cols-2">
        {PARTS.map(({ path, key, name, does }) => (
          <li key={path}>
            <Link
              to={`/card/${path}`}
              className="flex min-h-touch items-center gap-4 border-2 border-line bg-panel px-4 py-2 hover:border-quiet"
            >
              <Key>{key.toUpperCase()}</Key>
              <span>
                <span className="block font-semibold">{name}</span>
                <span className="block text-label text-quiet">{does}</span>
              </span>
            </Link>
          </li>
        ))}
      </ul>
    </CardPage>
  );
}
