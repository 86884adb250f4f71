const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', year: 'numeric' });

/** The one way a moment's day is said in a list: 10 Mar 2026. */
export const daySaid = (at: string): string => DAY.format(new Date(at));
