import { render } from '@testing-library/react';
import { expect, it } from 'vitest';
import { tied } from './tied';

it('ties a figure to its unit, and to no other word', () => {
  const said = 'Oval by +0.011 mm (0.0004 in), 5 inside, 3 minutes, over 20 °C.';
  const { container } = render(<p>{tied(said)}</p>);
  expect(container.textContent).toBe(said);
  const whole = [...container.querySelectorAll('span')].map(({ textContent }) => textContent);
  expect(whole).toEqual(['+0.011 mm', '0.0004 in', '20 °C']);
});
