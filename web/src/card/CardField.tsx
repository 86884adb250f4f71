import { type ReactNode, useId, useLayoutEffect, useRef } from 'react';

interface CardFieldProps {
  label: string;
  value: string;
  hint: string;
  refused?: string | undefined;
  /** The one to begin with. */
  first?: boolean;
  means?: ReactNode;
  onType: (text: string) => void;
}

/** A text that is answered while it is typed, and stands in the address: the field holds nothing itself. What cannot be is said right under it. */
export function CardField({ label, value, hint, refused, first, means, onType }: CardFieldProps) {
  const id = useId();
  const input = useRef<HTMLInputElement>(null);
  useLayoutEffect(() => {
    if (first) {
      input.current?.focus();
      input.current?.select();
    }
  }, [first]);
  return (
    <div>
      <label htmlFor={id} className="label mb-1 block">
        {label}
      </label>
      <input
        ref={input}
        id={id}
        value={value}
        placeholder={hint}
        autoComplete="off"
        autoCapitalize="off"
        spellCheck={false}
        aria-invalid={refused ? true : undefined}
        aria-describedby={refused || means ? `${id} means` : undefined}
        onChange={(event) => onType(event.target.value)}
        className={`w-full rounded-edge border-2 bg-paper px-3 placeholder:font-normal placeholder:text-quiet ${
          first ? 'reading min-h-touch text-title' : 'min-h-11'
        } ${refused ? 'border-ink' : 'border-line'}`}
      />
      {(refused || means) && (
        <p
          id={`${id} means`}
          role={refused ? 'alert' : undefined}
          className={`mt-1 text-label ${refused ? 'border-l-4 border-ink pl-2 font-semibold' : 'text-quiet'}`}
        >
          {refused || means}
        </p>
      )}
    </div>
  );
}
