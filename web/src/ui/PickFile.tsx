import { type DragEvent, useState } from 'react';

interface PickFileProps {
  label: string;
  accept: string;
  onPick: (file: File) => void;
}

/** A file of this machine: picked, or dropped here. What is picked is that file as it was then, whatever is written into it later. */
export function PickFile({ label, accept, onPick }: PickFileProps) {
  const [name, setName] = useState('');
  const [isOver, setOver] = useState(false);
  const [refused, setRefused] = useState('');
  const pick = async (file: File | undefined) => {
    if (file === undefined) {
      return;
    }
    setRefused(file.size === 0 ? `${file.name} is empty: there is nothing in it.` : '');
    if (file.size === 0) {
      return;
    }
    try {
      const bytes = await file.arrayBuffer();
      // The name stands there of what is gone on with, and of nothing that was refused.
      setName(file.name);
      onPick(new File([bytes], file.name, { type: file.type }));
    } catch {
      setRefused(`${file.name} cannot be read here. Close it where it is open, and pick it again.`);
    }
  };
  const drag = (event: DragEvent, over: boolean) => {
    event.preventDefault();
    setOver(over);
  };
  return (
    <div>
      <label
        onDragOver={(event) => drag(event, true)}
        onDragLeave={(event) => drag(event, false)}
        onDrop={(event) => {
          drag(event, false);
          void pick(event.dataTransfer.files[0]);
        }}
        className={`flex min-h-touch cursor-pointer flex-wrap items-center gap-x-4 gap-y-1 rounded-edge border-2 border-dashed px-5 py-3 has-focus-visible:outline-3 has-focus-visible:outline-offset-2 has-focus-visible:outline-now ${
          isOver ? 'border-ink bg-panel' : 'border-quiet hover:bg-panel'
        }`}
      >
        <span className="font-semibold underline decoration-line underline-offset-4">{label}</span>
        <span className="text-label text-quiet">
          {name || (
            <>
              pick it<span className="max-tablet:hidden">, or drop it here</span>
            </>
          )}
        </span>
        <input
          type="file"
          accept={accept}
          className="sr-only"
          onChange={(event) => {
            void pick(event.target.files?.[0]);
            // The same file, once it is put right, is picked again.
            event.target.value = '';
          }}
        />
      </label>
      {refused && (
        <p role="alert" className="mt-2 border-l-4 border-ink pl-2 text-label font-semibold">
          {refused}
        </p>
      )}
    </div>
  );
}
