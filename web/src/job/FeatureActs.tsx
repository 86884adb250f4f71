import { Button } from '../ui/Button';
import type { Planning } from './usePlanning';

/** What can be done to the feature at hand, for those without the keys. */
export function FeatureActs({ planning, onPaste }: { planning: Planning; onPaste: () => void }) {
  const key = planning.at?.key;
  const on = (act: (key: string) => void) => () => key !== undefined && act(key);
  return (
    <div className="flex flex-wrap gap-2">
      <Button small onClick={onPaste}>
        Paste rows
      </Button>
      <a
        href={`/api/v1/plans/${planning.plan.id}/drawing.csv`}
        download
        className="inline-flex min-h-11 items-center rounded-edge border-2 border-line px-3 text-label font-semibold"
      >
        Take the list along
      </a>
      <Button small disabled={!key} onClick={on(planning.duplicate)}>
        Duplicate
      </Button>
      <Button small disabled={!key} onClick={on((it) => planning.move(it, -1))}>
        Up
      </Button>
      <Button small disabled={!key} onClick={on((it) => planning.move(it, 1))}>
        Down
      </Button>
      <Button small disabled={!key} onClick={on(planning.remove)}>
        Take out
      </Button>
      <Button small disabled={!planning.canUndo} onClick={planning.undo}>
        Undo
      </Button>
      <Button small disabled={!planning.canRedo} onClick={planning.redo}>
        Do again
      </Button>
      <p className="label self-center">{planning.say}</p>
    </div>
  );
}
