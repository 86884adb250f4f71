import { type FormEvent, type RefObject, useState } from 'react';
import { ServerAway, type Setting, type Shown } from '../api/client';
import { scaleSetting } from '../api/queries';
import type { PartCounts } from '../drawings/scaleSum';
import { LOOK_FIRST, type Reader } from './useReader';

interface SetItProps {
  reader: Reader;
  field: RefObject<HTMLInputElement | null>;
  onSet: (parts: PartCounts) => void;
}

/** A wanted size: the drawing turns to it, and its parts are said in the order in which they are set. */
export function SetIt({ reader, field, onSet }: SetItProps) {
  const { scale, base, sense } = reader;
  const [wanted, setWanted] = useState('');
  const [setting, setSetting] = useState<Setting | undefined>();
  const [refusal, setRefusal] = useState('');
  const set = async (event: FormEvent) => {
    event.preventDefault();
    if (scale.family === 'comparator' && sense === undefined) {
      setSetting(undefined);
      setRefusal(LOOK_FIRST);
      return;
    }
    try {
      const query = { base, sense: sense === undefined ? '' : String(sense), wanted };
      const found = await scaleSetting(scale.id, query);
      setSetting(found);
      setRefusal('');
      onSet(found.shown.parts);
    } catch (failure) {
      setSetting(undefined);
      setRefusal(failure instanceof Error ? failure.message : new ServerAway().message);
    }
  };
  return (
    <>
      <form onSubmit={(event) => void set(event)} className="flex flex-col">
        <label htmlFor="wanted" className="label">
          Set it to a size
        </label>
        <div className="flex border-2 border-line bg-panel">
          <input
            id="wanted"
            ref={field}
            value={wanted}
            onChange={(event) => setWanted(event.target.value)}
            onKeyDown={(event) => event.key === 'Escape' && field.current?.blur()}
            placeholder={scale.unit}
            autoComplete="off"
            className="reading min-h-11 w-20 bg-transparent px-3 placeholder:text-quiet tablet:w-32"
          />
          <button type="submit" className="border-l-2 border-line px-4 font-semibold">
            Set
          </button>
        </div>
      </form>
      {(setting || refusal) && (
        <div role="status" className="w-full border-l-4 border-now bg-panel px-3 py-1">
          {refusal && <p className="font-semibold">{refusal}</p>}
          {setting && <p className="font-semibold">{setting.shown.say}</p>}
          {setting?.other && (
            <p className="text-label">
              {setting.sentence} <Neighbour shown={setting.shown} onSet={onSet} />{' '}
              <Neighbour shown={setting.other} onSet={onSet} />
            </p>
          )}
        </div>
      )}
    </>
  );
}

function Neighbour({ shown, onSet }: { shown: Shown; onSet: (parts: PartCounts) => void }) {
  return (
    <button
      type="button"
      onClick={() => onSet(shown.parts)}
      className="reading mr-2 underline decoration-line underline-offset-4"
    >
      {shown.size.text}
    </button>
  );
}
