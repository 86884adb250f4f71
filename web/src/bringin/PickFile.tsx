interface PickFileProps {
  label: string;
  accept: string;
  onPick: (file: File) => void;
}

/** A file of this machine. */
export function PickFile({ label, accept, onPick }: PickFileProps) {
  return (
    <label className="flex flex-col gap-2">
      <span className="label">{label}</span>
      <input
        type="file"
        accept={accept}
        className="min-h-11"
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) {
            onPick(file);
          }
        }}
      />
    </label>
  );
}
