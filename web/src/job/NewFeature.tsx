import { useLayoutEffect, useRef, useState } from 'react';

interface NewFeatureProps {
  focused: boolean;
  onFocus: () => void;
  onLeave: (to: 'up' | 'here') => void;
  onName: (name: string) => void;
}

/** The row behind the last: a name makes the next feature. */
export function NewFeature({ focused, onFocus, onLeave, onName }: NewFeatureProps) {
  const [name, setName] = useState('');
  const field = useRef<HTMLInputElement>(null);
  useLayoutEffect(() => {
    if (focused) {
      field.current?.focus();
    }
  }, [focused]);
  return (
    <div role="row" className="plan-row border-b border-line">
      <div role="rowheader" className="px-2 text-right text-label text-quiet">
        +
      </div>
      <div role="gridcell" className="col-span-2 py-1">
        <input
          ref={field}
          aria-label="Name of a new feature"
          placeholder="next feature: its name"
          value={name}
          autoComplete="off"
          spellCheck={false}
          onFocus={onFocus}
          onChange={(event) => setName(event.target.value)}
          onKeyDown={(event) => {
            const given = name.trim();
            if (
              (event.key === 'Enter' || (event.key === 'Tab' && !event.shiftKey)) &&
              given !== ''
            ) {
              event.preventDefault();
              setName('');
              onName(given);
            } else if (event.key === 'ArrowUp') {
              onLeave('up');
            } else if (event.key === 'Escape') {
              setName('');
              onLeave('here');
            }
            event.stopPropagation();
          }}
          className="min-h-10 w-full rounded-edge border-2 border-line bg-paper px-2 placeholder:text-quiet"
        />
      </div>
    </div>
  );
}
