import { useId } from 'react';

interface SecretProps {
  label: string;
  value: string;
  onType: (value: string) => void;
}

/** A passphrase: never shown, never kept by the page. */
export function Secret({ label, value, onType }: SecretProps) {
  const id = useId();
  return (
    <span className="min-w-64 grow">
      <label htmlFor={id} className="label mb-1 block">
        {label}
      </label>
      <input
        id={id}
        type="password"
        value={value}
        autoComplete="off"
        onChange={(event) => onType(event.target.value)}
        className="min-h-11 w-full border-2 border-line bg-panel px-3"
      />
    </span>
  );
}
