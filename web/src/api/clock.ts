import type { Shop } from './client';

/**
 * The shop's time, ISO 8601: a screen whose own clock is wrong still dates a reading rightly.
 *
 * @param readAt this screen's time when the shop was asked for its own, milliseconds
 */
export function shopTime(shop: Shop, readAt: number, now: number = Date.now()): string {
  return new Date(Date.parse(shop.now) + (now - readAt)).toISOString();
}
