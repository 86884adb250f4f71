import { remember, useRemembered } from './remembered';

const NAME = 'from the card';

/** Keeps a figure of the card in hand, for a field elsewhere, also in another tab. */
export const takeFromCard = (text: string): void => remember(NAME, text);

/** What was taken from the card last; empty where nothing was. */
export const useFromCard = (): string => useRemembered(NAME, '')[0];
