const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

const MOMENT = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long', timeStyle: 'short' });

/** The one way a moment is said: 10 March 2026 at 06:50. */
export const momentSaid = (at: string): string => MOMENT.format(new Date(at));

const TIME = new Intl.DateTimeFormat('en-GB', { timeStyle: 'short' });

/** The time of a moment whose day was said: 06:50. */
export const timeSaid = (at: string): string => TIME.format(new Date(at));

/** The one way a moment's day is said in a list: 10 Mar 2026. */
export const daySaid = (at: string): string => DAY.format(new Date(at));
