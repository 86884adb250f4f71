const ROWS = [
  ['7', '8', '9', '⌫'],
  ['4', '5', '6', '±'],
  ['1', '2', '3', '/'],
  ['0', '.', 'space', 'in · mm'],
];

const SPOKEN: Record<string, string> = {
  '⌫': 'rub out the last',
  '±': 'plus or minus',
  '.': 'point',
  '/': 'over',
  'in · mm': 'inch or millimetre',
};

/** Our own keys for fingers, with the figure above them; only where there is no keyboard. */
export function Keypad({ text, onType }: { text: string; onType: (text: string) => void }) {
  return (
    <div
      role="group"
      aria-label="Keypad"
      className="hidden grid-cols-4 gap-2 max-tablet:grid max-tablet:gap-1.5 pointer-coarse:grid"
    >
      {ROWS.flat().map((key) => (
        <button
          key={key}
          type="button"
          aria-label={SPOKEN[key] ?? key}
          onClick={() => onType(pressed(text, key))}
          className="min-h-touch max-tablet:min-h-12 rounded-edge border-2 border-line bg-paper text-title font-semibold active:bg-line"
        >
          {key.length > 1 ? <span className="text-body font-normal">{key}</span> : key}
        </button>
      ))}
    </div>
  );
}

/**
 * The text after a key.
 *
 * @example pressed('12.5', 'in · mm') // '12.5 in'
 */
export function pressed(text: string, key: string): string {
  switch (key) {
    case '⌫':
      return text.slice(0, -1);
    case '±':
      return text.startsWith('-') ? text.slice(1) : `-${text}`;
    case 'space':
      return `${text} `;
    case 'in · mm':
      return text.endsWith(' in') ? text.replace(/ in$/, ' mm') : `${text.replace(/ mm$/, '')} in`;
    default:
      return text + key;
  }
}
