import { type ReactNode, useState } from 'react';
import type { Problem } from '../api/client';
import { Field } from './Field';

interface TypedFields<T> {
  typed: T;
  change: (more: Partial<T>) => void;
  /** A text of it, with what is refused there under it. */
  field: (name: keyof T & string, label: string, hint?: string, means?: string) => ReactNode;
  /** What was refused, and belongs to no field that is shown. */
  refused: string | undefined;
}

/** The act that keeps the form: why it was refused is forgotten once something else is typed. */
interface Keeping {
  error: Error | null;
  reset: () => void;
}

/** A form of texts that is kept whole. @param shown names of its fields that show what is refused there themselves */
export function useTypedFields<T extends object>(
  start: T,
  { error, reset }: Keeping,
  shown: readonly (keyof T & string)[],
): TypedFields<T> {
  const [typed, setTyped] = useState(start);
  const failure = error as Problem | null;
  const change = (more: Partial<T>) => {
    reset();
    setTyped({ ...typed, ...more });
  };
  return {
    typed,
    change,
    field: (name, label, hint = '', means) => (
      <Field
        key={name}
        label={label}
        hint={hint}
        value={String(typed[name])}
        means={means}
        refused={failure?.field === name ? failure.message : undefined}
        onType={(value) => change({ [name]: value } as Partial<T>)}
        onWrite={(value) => change({ [name]: value } as Partial<T>)}
      />
    ),
    refused: failure && !shown.some((name) => name === failure.field) ? failure.message : undefined,
  };
}
