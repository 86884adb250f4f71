import { type FormEvent, useState } from 'react';
import { Button } from '../ui/Button';
import { type BoxedGauge, useAct } from './box';

const LIGHTS = { '': '', under: '▼ under', in: '● in', over: '▲ over' };

/** One gauge: its display, its buttons, the part behind it. */
export function BoxedGaugeCard({ gauge }: { gauge: BoxedGauge }) {
  const act = useAct();
  const { number, kind, unit, display, held, cellLow, light, told, said, waiting } = gauge;
  const isTaken = /[1-9]/.test(display);
  const press = (name: string, text = '', upper = '') =>
    act.mutate({ act: name, number, text, upper });
  return (
    <section
      aria-label={`Gauge ${number}`}
      className="flex flex-col gap-3 self-start border-2 border-ink bg-panel p-4"
    >
      <h2 className="flex items-baseline justify-between text-body">
        <strong>{number}</strong> <span className="label">{kind.replace('-', ' ')}, simulated</span>
      </h2>
      <p className="border-2 border-line bg-paper p-3">
        <span className="reading block text-right text-[2.25rem] leading-none">
          {display} <span className="text-body">{unit}</span>
        </span>
        <span className="flex min-h-6 justify-between text-label font-semibold">
          <span>
            {held && 'hold '}
            {cellLow && 'low cell '}
            {gauge.preset > 0 && `preset ${gauge.presets[gauge.preset - 1]}`}
          </span>
          <span>{LIGHTS[light]}</span>
        </span>
      </p>
      <div className="grid grid-cols-2 gap-2">
        <Button small onClick={() => press('take')}>
          {kind === 'bore-gauge' ? 'Rock it through' : 'Take the size'}
        </Button>
        <Button small look={isTaken ? 'now' : 'plain'} onClick={() => press('send')}>
          Send
        </Button>
        <Button small onClick={() => press('take-and-send')}>
          Take and send
        </Button>
        <Button small onClick={() => press('again')}>
          Send once more
        </Button>
      </div>
      <Said
        label="A part of about"
        hint={unit === 'in' ? '1.2500' : '31.950'}
        onSay={(text) => press('part', text)}
      >
        Put it in
      </Said>
      <p className="flex flex-wrap items-center justify-between gap-2 text-label">
        {told === '' ? 'Nobody has said what it really is.' : `It really is ${told} ${unit}.`}
        <Button small onClick={() => press('tell')}>
          What is it?
        </Button>
      </p>
      <details>
        <summary className="min-h-11 cursor-pointer py-2 font-semibold">Its other buttons</summary>
        <div className="flex flex-col gap-3">
          <div className="grid grid-cols-2 gap-2">
            <Button small onClick={() => press('hold')}>
              {held ? 'Let go' : 'Hold'}
            </Button>
            <Button small onClick={() => press('unit')}>
              mm or in
            </Button>
            <Button small onClick={() => press('cell')}>
              {cellLow ? 'A new cell' : 'Let its cell run down'}
            </Button>
            <Button small onClick={() => press('bad-line')}>
              Send a torn line
            </Button>
          </div>
          <Said
            label="Preset; empty: none"
            hint={gauge.presets.join(', ')}
            onSay={(text) => press('preset', text)}
          >
            Set it
          </Said>
          <Said label="Its zero is off by" hint={gauge.zero} onSay={(text) => press('zero', text)}>
            Set it
          </Said>
          <Said
            label="The hand scatters by"
            hint={`now ${gauge.noiseMicrometres} µm`}
            onSay={(text) => press('noise', text)}
          >
            Set it
          </Said>
          <Said
            label="Its light: lower, upper"
            hint={gauge.low === '' ? '' : `${gauge.low} ${gauge.high}`}
            onSay={(text) => press('limits', ...(text.trim().split(/\s+/) as [string, string]))}
          >
            Set it
          </Said>
          <Button small onClick={() => press('take-out')}>
            Take it out of the box
          </Button>
        </div>
      </details>
      {act.error && (
        <p role="alert" className="border-l-4 border-ink pl-3 font-semibold">
          {act.error.message}
        </p>
      )}
      {waiting > 0 && (
        <p role="status" className="font-semibold">
          {waiting} not answered yet: it is said again until somebody listens.
        </p>
      )}
      <ul aria-label="Said last" className="text-label">
        {said.slice(0, 4).map((line, i) => (
          <li key={`${line} ${i}`} className="border-t border-line py-1 font-mono wrap-anywhere">
            {line}
          </li>
        ))}
      </ul>
    </section>
  );
}

interface SaidProps {
  label: string;
  hint: string;
  children: string;
  onSay: (text: string) => void;
}

/** A figure, and the button that takes it. */
function Said({ label, hint, children, onSay }: SaidProps) {
  const [text, setText] = useState('');
  const say = (event: FormEvent) => {
    event.preventDefault();
    onSay(text);
    setText('');
  };
  return (
    <form onSubmit={say} className="flex items-end gap-2">
      <label className="flex min-w-0 grow flex-col gap-1">
        <span className="label">{label}</span>
        <input
          value={text}
          placeholder={hint}
          inputMode="decimal"
          onChange={(event) => setText(event.target.value)}
          className="min-h-11 w-full rounded-edge border-2 border-line bg-paper px-3"
        />
      </label>
      <Button small type="submit" className="shrink-0">
        {children}
      </Button>
    </form>
  );
}
