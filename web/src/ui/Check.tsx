interface CheckProps {
  label: string;
  checked: boolean;
  onCheck: (checked: boolean) => void;
}

/** Yes or no. */
export function Check({ label, checked, onCheck }: CheckProps) {
  return (
    <label className="flex min-h-11 items-center gap-3">
      <input
        type="checkbox"
        checked={checked}
        onChange={(event) => onCheck(event.target.checked)}
        className="size-6"
      />
      {label}
    </label>
  );
}
