import { type ReactNode, useId, useState } from 'react';

interface FieldProps {
  label: string;
  value: string;
  /** Told when the field is left or Enter is pressed with another text in it. */
  onWrite: (value: string) => void;
  /** Told at each stroke. */
  onType?: (value: string) => void;
  /** What is understood of it. */
  means?: ReactNode;
  /** Why it cannot be; the text stays. */
  refused?: string | undefined;
  hint?: string;
  wide?: boolean;
  /** Enter sends the form it stands in: nothing else is to be said there. */
  sends?: boolean;
}

/** A text with what was understood of it right under. What is refused stays in the field, with the sentence. */
export function Field({
  label,
  value,
  onWrite,
  onType,
  means,
  refused,
  hint,
  wide = false,
  sends = false,
}: FieldProps) {
  const id = useId();
  const [text, setText] = useState<string | undefined>();
  const shown = text ?? value;
  const write = () => {
    if (text !== undefined && text !== value) {
      onWrite(text);
    }
    setText(undefined);
  };
  return (
    <div className={wide ? 'col-span-full' : ''}>
      <label htmlFor={id} className="label mb-1 block">
        {label}
      </label>
      <input
        id={id}
        value={shown}
        placeholder={hint}
        autoComplete="off"
        spellCheck={false}
        aria-invalid={refused ? true : undefined}
        aria-describedby={refused || means ? `${id} means` : undefined}
        onChange={(event) => {
          setText(event.target.value);
          onType?.(event.target.value);
        }}
        onBlur={write}
        onKeyDown={(event) => {
          if (event.key === 'Enter') {
            event.preventDefault();
            write();
            if (sends) {
              event.currentTarget.form?.requestSubmit();
            }
          } else if (event.key === 'Escape' && text !== undefined) {
            event.stopPropagation();
            setText(undefined);
            onType?.(value);
          }
        }}
        className={`min-h-11 w-full rounded-edge border-2 bg-paper px-3 placeholder:text-quiet ${
          refused ? 'border-ink' : 'border-line'
        }`}
      />
      {(refused || means) && (
        <p
          id={`${id} means`}
          className={`mt-1 text-label ${refused ? 'border-l-4 border-ink pl-2 font-semibold' : 'text-quiet'}`}
        >
          {refused || means}
        </p>
      )}
    </div>
  );
}
