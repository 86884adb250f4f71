interface WordedProps {
  label: string;
  value: string;
  onType: (text: string) => void;
  /** Why it cannot be. */
  refused?: string | undefined;
}

/** A line of a person's own words in a form. */
export function Worded({ label, value, onType, refused }: WordedProps) {
  return (
    <label className="flex flex-col gap-1">
      <span className="font-semibold">{label}</span>
      <input
        value={value}
        maxLength={200}
        autoComplete="off"
        aria-invalid={refused ? true : undefined}
        onChange={(event) => onType(event.target.value)}
        className="min-h-touch w-full border-2 border-line bg-paper px-4"
      />
      {refused && (
        <span role="alert" className="font-semibold">
          {refused}
        </span>
      )}
    </label>
  );
}
