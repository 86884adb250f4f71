import { remember, remembered } from './remembered';

export type Theme = 'light' | 'dim';

let shops: string = 'device';

/** What the shop has decided for devices that have not. */
export function preferTheme(choice: string): void {
  shops = choice;
  showTheme();
}

/** The theme chosen here, else the shop's, else the one the device prefers. */
export function theme(): Theme {
  const chosen = remembered('theme');
  if (chosen === 'light' || chosen === 'dim') {
    return chosen;
  }
  if (shops === 'light' || shops === 'dim') {
    return shops;
  }
  return globalThis.matchMedia('(prefers-color-scheme: dark)').matches ? 'dim' : 'light';
}

export function showTheme(): void {
  document.documentElement.dataset['theme'] = theme();
}

/** Light for a bright bench, dim for a dark shop. */
export function changeTheme(): void {
  remember('theme', theme() === 'light' ? 'dim' : 'light');
  showTheme();
}
