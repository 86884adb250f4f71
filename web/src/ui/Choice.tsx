import { useId } from 'react';

interface ChoiceProps {
  label: string;
  value: string;
  choices: Record<string, string>;
  onChoose: (value: string) => void;
  /** Stands under it: that it is a starting value still. */
  remark?: string;
}

/** One of a few. */
export function Choice({ label, value, choices, onChoose, remark }: ChoiceProps) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="label mb-1 block">
        {label}
      </label>
      <select
        id={id}
        value={value}
        onChange={(event) => onChoose(event.target.value)}
        className="min-h-11 w-full rounded-edge border-2 border-line bg-paper px-2"
      >
        {Object.entries(choices).map(([code, name]) => (
          <option key={code} value={code}>
            {name}
          </option>
        ))}
      </select>
      {remark && <p className="mt-1 text-label text-quiet">{remark}</p>}
    </div>
  );
}
