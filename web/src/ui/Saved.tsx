import { type ReactNode, useRef } from 'react';
import { saveSvg } from '../drawings/saveSvg';
import { Button } from './Button';

interface SavedProps {
  /** What the files are called after; of several drawings each one’s own name follows. */
  name: string;
  /** What stands beside the button. */
  beside?: ReactNode;
  children: ReactNode;
}

/** Drawings that can be taken away as files. */
export function Saved({ name, beside, children }: SavedProps) {
  const box = useRef<HTMLDivElement>(null);
  const save = () =>
    box.current?.querySelectorAll('svg').forEach((svg, i) => {
      const own = svg.getAttribute('aria-label')?.split(':')[0] ?? String(i + 1);
      saveSvg(svg, `${name} ${own}`);
    });
  return (
    <>
      <div ref={box}>{children}</div>
      <div className="mt-2 flex flex-wrap items-center gap-x-5 gap-y-2 text-label print:hidden">
        {beside}
        <Button onClick={save}>Save as SVG</Button>
      </div>
    </>
  );
}
