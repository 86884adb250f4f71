import { useState } from 'react';
import { Link } from 'react-router';
import type { Method } from '../api/client';
import { FitnessMark } from '../drawings/FitnessMark';
import { Button } from '../ui/Button';
import { Contributions } from '../ui/Contributions';

interface MethodCardProps {
  method: Method;
  inForce: boolean;
  /** Whether the one in force was picked rather than proposed. */
  picked: boolean;
  nobody: boolean;
  onPick: (method: string) => void;
}

/** One gauge for a feature: how good, how well, how long, and what picking it would cost. */
export function MethodCard({ method, inForce, picked, nobody, onPick }: MethodCardProps) {
  const [open, setOpen] = useState(false);
  const { number, name, fitness, word, reason, expanded, ratio, time, costs, remark } = method;
  return (
    <article
      aria-label={number}
      className={`border-2 bg-panel p-3 ${inForce ? 'border-ink' : 'border-line'}`}
    >
      <div className="grid items-center gap-x-4 gap-y-1 tablet:grid-cols-[2.5rem_minmax(0,1fr)] wide:grid-cols-[2.5rem_minmax(0,1fr)_7rem_8rem_9.5rem]">
        <FitnessMark fitness={fitness} large />
        <div className="min-w-0">
          <h3 className="text-body font-bold">
            {number} <span className="font-medium">{name}</span>
          </h3>
          <p className="text-label">
            <strong className="font-semibold">{word}.</strong> {reason} {remark}
          </p>
        </div>
        {/* Beside the words where there is room, else under them. */}
        <div className="flex flex-wrap items-end gap-x-8 gap-y-2 tablet:col-start-2 wide:contents">
          <p>
            <span className="label block">U</span>
            <span className="reading">
              {expanded?.text} {expanded?.unit}
            </span>
          </p>
          <p>
            <span className="label block">{ratio === '' ? 'time' : 'zone to 2U'}</span>
            {ratio !== '' && <span className="reading">{ratio}</span>}{' '}
            <span className="whitespace-nowrap text-label">{time}</span>
          </p>
          <div className="flex flex-wrap items-center gap-2">
            {inForce ? (
              <>
                <strong className="font-semibold">
                  {picked ? 'picked' : 'proposed, in force'}
                </strong>
                {picked && (
                  <Button small disabled={nobody} onClick={() => onPick('')}>
                    Take the proposed one
                  </Button>
                )}
              </>
            ) : (
              <Button small disabled={nobody} onClick={() => onPick(method.key)}>
                Pick it
                <span className="label block">{costs}</span>
              </Button>
            )}
          </div>
        </div>
      </div>
      <div className="mt-1 flex gap-5 text-label">
        <button
          type="button"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          className="min-h-11 underline decoration-line underline-offset-4"
        >
          what its U comes of
        </button>
        <Link
          to={`/technique/${method.technique}`}
          className="inline-flex min-h-11 items-center underline decoration-line underline-offset-4"
        >
          how it is held and read
        </Link>
      </div>
      {open && method.uncertainty && <Contributions uncertainty={method.uncertainty} />}
    </article>
  );
}
