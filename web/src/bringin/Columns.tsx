import type { TableIn } from '../api/bringIn';
import { Choice } from '../ui/Choice';

interface ColumnsProps {
  found: TableIn;
  onMean: (at: number, means: string) => void;
}

/** What each column was taken for; whoever knows better says it. */
export function Columns({ found, onMean }: ColumnsProps) {
  return (
    <section aria-label="Columns">
      <h2 className="border-b-2 border-ink text-body font-bold">What each column holds</h2>
      <div className="mt-2 flex gap-4 overflow-x-auto pb-2">
        {found.columns.map(({ head, means, label, unit, first }, at) => (
          <div key={at} className="min-w-52">
            <Choice
              label={head === '' ? `column ${at + 1}` : head}
              value={means}
              choices={{
                [means]: label,
                '': 'left out',
                ...Object.fromEntries(found.meanings.map((each) => [each.code, each.label])),
              }}
              onChoose={(to) => onMean(at, to)}
            />
            <p className="mt-1 truncate text-label text-quiet">
              {first.filter((cell) => cell !== '').join(' · ')}
              {unit ? ` (${unit})` : ''}
            </p>
          </div>
        ))}
      </div>
    </section>
  );
}
