import { useCallback, useEffect, useRef, useState } from 'react';
import { useLocation, useNavigate, useParams, useSearchParams } from 'react-router';
import {
  type Gauge,
  type Part,
  pathToNext,
  type Place,
  type Problem,
  type Round,
  type Sheet,
  type StandsAt,
} from '../api/client';
import { shopTime } from '../api/clock';
import { keepReading, placeAt, type Read, standing } from '../api/keepReading';
import { type Fate, inTray, type WaitingReading } from '../api/outbox';
import { keys, queries, useMeasuringGauges, useSheet, useShop } from '../api/queries';
import { useComparators } from '../api/ready';
import { useWaiting } from '../api/useOutbox';
import type { KeyedGauge } from '../keys/keyedGauges';
import { readBack } from '../keys/speech';
import { play } from '../keys/sound';
import { changedIn } from '../ui/address';
import { useRemembered } from '../ui/remembered';
import type { Speaking } from './useSpeaking';

/** How a reading comes in: typed, set on the drawn scale, or made of several figures. */
export type Way = 'typed' | 'scale' | 'made';

const WAYS: readonly string[] = ['typed', 'scale', 'made'] satisfies Way[];

/** The work at hand: where in the job one is, with which gauge, and how to keep a reading there. */
export interface WorkAtHand {
  sheet: Sheet;
  round: Round;
  place: Place;
  gauges: Gauge[];
  gauge: Gauge | undefined;
  /** Whether the next figure is a quick check with another gauge: held against the readings here, and none of them. */
  checking: boolean;
  /** To a quick check, and back. */
  toggleChecking: () => void;
  /** Gauges that type, with what they put around a figure. */
  keyed: KeyedGauge[];
  /** What a comparator in hand, or a micrometer on a master, stands at; absent for one never set, and for any other gauge. */
  setting: StandsAt | undefined;
  person: number | undefined;
  way: Way;
  /** Readings of this place that the server has not acknowledged. */
  waiting: WaitingReading[];
  /** Readings that the server will not take, of any place. */
  tray: WaitingReading[];
  setWay: (way: Way) => void;
  /** By the key of the method: a gauge, or a transfer gauge with its reader. */
  setGauge: (key: string) => void;
  goToPlace: (place: number) => void;
  goTo: (part: number, feature: number) => void;
  pathTo: (part: number, feature: number) => string;
  /** To the very next thing to do, with what is in hand; nowhere when all is done. */
  goNext: () => void;
  /** @param by the gauge that its first figure was read with, where it is another than the one in hand */
  keep: (read: Read, by?: Gauge) => Promise<Fate | undefined>;
  /** The moment, by the shop's clock. */
  takenNow: () => string;
  /** What was read last with the gauge in hand on this feature, here or at the place before; absent while nothing was. */
  last: Read | undefined;
  /** Keeps that once more, and says so. */
  keepSame: () => void;
  /** What the server said last, for ears. */
  say: string;
  sounds: boolean;
  toggleSounds: () => void;
  readsBack: boolean;
  toggleReadBack: () => void;
}

/** The same, with what gauges say meanwhile. */
export interface Measuring extends WorkAtHand {
  speaking: Speaking;
}

export const NOBODY_PICKED =
  'Every reading is kept with a name: say first, at the top of the page, who measures.';

/**
 * An address from before the plan was changed names an edition that is in force no more: the page goes on under the one that is, so that
 * what is read next is read under that.
 */
function useInForce(sheet: Sheet | undefined, named: number, at: Place | undefined): void {
  const navigate = useNavigate();
  const { search } = useLocation();
  const last = useRef<Place | undefined>(undefined);
  useEffect(() => {
    if (sheet === undefined || sheet.feature.id === named) {
      last.current = at;
      return;
    }
    queries.setQueryData(keys.sheet(sheet.part.id, sheet.feature.id), sheet);
    const kept = new URLSearchParams(search);
    // The places of another edition have other numbers: one that was gone to by hand is found by what it is called.
    const same = sheet.rounds.at(-1)?.places.find(({ name }) => name === last.current?.name);
    if (kept.has('place') && same) {
      kept.set('place', String(same.id));
    } else {
      kept.delete('place');
    }
    const query = kept.toString();
    void navigate(`/parts/${sheet.part.id}/features/${sheet.feature.id}${query && `?${query}`}`, {
      replace: true,
    });
  }, [sheet, named, at, search, navigate]);
}

/** Undefined until the sheet is here. */
export function useMeasuring(): {
  measuring?: WorkAtHand;
  failure?: Problem | Error;
  away: boolean;
} {
  const { part = '', feature = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const navigate = useNavigate();
  const sheet = useSheet(Number(part), Number(feature));
  const drawer = useMeasuringGauges();
  const comparators = useComparators().data ?? [];
  const shop = useShop();
  const waiting = useWaiting();
  const [sounds, setSounds] = useRemembered('sounds', shop.data?.sounds ?? 'on');
  const [voice, setVoice] = useRemembered('read back', shop.data?.readBack ?? 'off');
  const round = sheet.data?.rounds.at(-1);
  const onTheirWay = (to: number) =>
    waiting.filter(
      ({ body, ...rest }) =>
        inTray({ body, ...rest }) === undefined &&
        body.quick !== true &&
        body.place === to &&
        body.part === Number(part) &&
        body.round === round?.number,
    );
  const [lastRead, setLastRead] = useState<ReadWith | undefined>();
  const here = sheet.data?.feature.id;
  // The same ones as long as one stays here: what only leads elsewhere is not drawn anew with each reading.
  const pathTo = useCallback(
    (toPart: number, toFeature: number) => {
      const kept = new URLSearchParams(search);
      kept.delete('place');
      if (toFeature !== here) {
        kept.delete('gauge');
      }
      const query = kept.toString();
      return `/parts/${toPart}/features/${toFeature}${query && `?${query}`}`;
    },
    [search, here],
  );
  const set = useCallback(
    (values: Partial<Record<'check' | 'unchecked' | 'place' | 'gauge' | 'by', string>>) =>
      setSearch((before) => changedIn(before, values), { replace: true }),
    [setSearch],
  );
  const goToPlace = useCallback((to: number) => set({ place: String(to) }), [set]);
  const place = round && placeAt(round, Number(search.get('place')), (to) => onTheirWay(to).length);
  useInForce(sheet.data, Number(feature), place);
  if (sheet.error) {
    return { failure: sheet.error, away: false };
  }
  const gauges = drawer.data;
  // Without knowing what is in hand and in whose, a figure could only be given back.
  if (
    sheet.data === undefined ||
    round === undefined ||
    place === undefined ||
    gauges === undefined ||
    shop.data === undefined
  ) {
    return { away: sheet.failureCount + drawer.failureCount + shop.failureCount > 0 };
  }
  const declined = search.get('unchecked') === String(place.id);
  const checkedWith =
    search.get('check') ?? (place.quickAsked && !declined ? sheet.data.quickWith : undefined);
  const checking = checkedWith !== undefined;
  const wanted = checkedWith ?? search.get('gauge') ?? sheet.data.gauge;
  const gauge = gauges.find(({ key }) => key === wanted);
  const { next } = sheet.data;
  const person = shop.data?.person?.id;
  const at = `${part} ${sheet.data.feature.key} ${gauge?.key}`;
  const last = lastRead?.at === at ? lastRead : undefined;
  const keepWith = async (
    { figure, sent, ...read }: Read,
    by: Gauge | undefined,
    same = false,
  ): Promise<Fate | undefined> => {
    if (shop.data === undefined || person === undefined || by === undefined) {
      return undefined;
    }
    const target = {
      part: sheet.data.part.id,
      feature: sheet.data.feature.id,
      round: round.number,
      place: place.id,
      ...withOf(by),
      ...(checking && { quick: true }),
    };
    const became = await keepReading(shop.data, shop.dataUpdatedAt, target, {
      figure,
      ...read,
      ...(sent && { sent }),
    });
    const kept = became === 'kept' && !checking ? placeNow(target)?.readings.at(-1) : undefined;
    const isShort = read.pressed !== undefined || kept?.pressed !== undefined;
    // Digits that were faster than what was known here of their head have become a figure.
    const whole = kept?.pressed ? kept.size.text : figure;
    if (sounds === 'on') {
      play(soundOf(became, target));
    }
    // What was refused was never read, and is not there to be kept again.
    if (typeof became === 'string' && read.made === undefined) {
      setLastRead({
        read: isShort ? { figure: whole, typed: whole } : { figure, ...read },
        at,
        same,
      });
    }
    // Nobody turned or typed it, or not all of it: whoever stands there hears which figure it was.
    if (voice === 'on' || ((same || isShort) && sounds === 'on')) {
      readBack(whole, same ? SAME_AGAIN : '');
    }
    if (became === 'kept') {
      // Gone to by hand and settled: from here the walk goes on where it stood.
      const settled = !checking && search.has('place') && placeNow(target)?.wants === false;
      // One check is enough: back to the gauge that measures.
      if (settled || search.has('check')) {
        set({ check: '', ...(settled && { place: '' }) });
      }
    }
    return became;
  };
  return {
    away: false,
    measuring: {
      sheet: sheet.data,
      round,
      place,
      gauges,
      gauge,
      keyed: shop.data.keyboardGauges,
      setting: comparators.find((each) => each.gauge === gauge?.id),
      person,
      checking,
      toggleChecking: () => {
        set(
          checking
            ? { check: '', unchecked: String(place.id) }
            : // With none that the drawer proposes the gauge is picked by hand.
              { check: sheet.data.quickWith ?? 'another', unchecked: '' },
        );
      },
      way: wayOf(search.get('by') ?? (sheet.data.made?.last ? 'made' : 'typed')),
      waiting: onTheirWay(place.id),
      tray: waiting.filter((each) => inTray(each) !== undefined),
      setWay: (way) => set({ by: way }),
      setGauge: (to) => set(checking ? { check: to } : { gauge: to }),
      goTo: (toPart, toFeature) => void navigate(pathTo(toPart, toFeature)),
      pathTo,
      goNext: () => {
        if (next) {
          void navigate(next.feature ? pathTo(next.part, next.feature) : pathToNext(next));
        }
      },
      keep: (read, by) => keepWith(read, by ?? gauge),
      takenNow: () => shopTime(shop.data, shop.dataUpdatedAt),
      last: last?.read,
      keepSame: () => void (last && keepWith(last.read, gauge, true)),
      say: `${last?.same ? `${SAME_AGAIN}. ` : ''}${sheet.data.say}`,
      sounds: sounds === 'on',
      toggleSounds: () => setSounds(sounds === 'on' ? 'off' : 'on'),
      readsBack: voice === 'on',
      toggleReadBack: () => setVoice(voice === 'on' ? 'off' : 'on'),
      goToPlace,
    },
  };
}

/** What was read, on which feature of which part and with which gauge: elsewhere the same figure is another reading. */
interface ReadWith {
  read: Read;
  at: string;
  /** Whether it was the one before once more. */
  same: boolean;
}

const wayOf = (code: string): Way =>
  (WAYS.find((way) => way === code) as Way | undefined) ?? 'typed';

/** A gauge and how it is put to use, as a reading names it. */
export const withOf = ({ id, reader, onMaster }: Gauge) => ({
  gauge: id,
  ...(reader === undefined ? {} : { reader }),
  ...(onMaster && { onMaster: true }),
});

const SAME_AGAIN = 'The same again';

interface At {
  part: number;
  feature: number;
  place: number;
}

/** As the server last said it. */
const placeNow = ({ part, feature, place }: At) =>
  queries
    .getQueryData<Sheet>(keys.sheet(part, feature))
    ?.rounds.at(-1)
    ?.places.find(({ id }) => id === place);

function soundOf(became: Fate, at: At) {
  const now = placeNow(at);
  if (became !== 'kept' || now === undefined) {
    return became === 'waiting' ? 'accepted' : 'doubted';
  }
  if (now.doubts.length > 0) {
    return 'doubted';
  }
  if (now.state === 'done') {
    return now.wants ? 'doubted' : 'finished';
  }
  return now.state === 'more' && standing(now.readings).length < 2 ? 'accepted' : 'doubted';
}

/** The part before or after in the plan; the same one at either end. */
export function neighbour<T extends Pick<Part, 'id'>>(
  all: T[],
  at: number,
  by: 1 | -1,
): T | undefined {
  const index = all.findIndex(({ id }) => id === at);
  return all[Math.min(Math.max(index + by, 0), all.length - 1)];
}
