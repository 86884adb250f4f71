interface MomentProps {
  label: string;
  /** As the field has it; empty for none. */
  value: string;
  onPick: (value: string) => void;
}

/** A day and an hour that is picked. */
export function Moment({ label, value, onPick }: MomentProps) {
  return (
    <label className="flex flex-col gap-1">
      <span className="label">{label}</span>
      <input
        type="datetime-local"
        step={1}
        value={value}
        onChange={(event) => onPick(event.target.value)}
        className="min-h-touch border-2 border-line bg-paper px-4"
      />
    </label>
  );
}
