import { memo } from 'react';
import type { Reading } from '../api/client';
import type { Bindings } from '../keys/bindings';
import { BelongsTo } from './BelongsTo';
import { ByHand } from './ByHand';
import { CutTaken } from './CutTaken';
import { GaugeCare } from './GaugeCare';
import { KeysHelp } from './KeysHelp';
import { PickGauge } from './PickGauge';
import { PlaceCard } from './PlaceCard';
import { ReadingCard } from './ReadingCard';
import type { Measuring } from './useMeasuring';

/** What lies beside the work; one at a time. */
export type Card =
  'belongs' | 'care' | 'cut' | 'gauge' | 'keys' | 'place' | 'worst' | { reading: Reading };

/** Opens one of them, or none. */
export interface Opens {
  none: () => void;
  /** Closes this one, if it is still open: an answer may come when another lies there. */
  close: (which: Card) => void;
  care: () => void;
  cut: () => void;
  gauge: () => void;
  place: () => void;
  belongs: () => void;
  worst: () => void;
  reading: (reading: Reading) => void;
}

interface CardsProps {
  measuring: Measuring;
  bindings: Bindings;
  card: Card | undefined;
  onClose: (which: Card) => void;
  onBelongs: () => void;
}

/** The cards of the walk. What is being typed is none of their business, and does not draw them anew. */
export const Cards = memo(function Cards({
  measuring,
  bindings,
  card,
  onClose,
  onBelongs,
}: CardsProps) {
  return (
    <>
      <CutTaken
        key={`cut ${measuring.round.number}`}
        measuring={measuring}
        open={card === 'cut'}
        onClose={() => onClose('cut')}
      />
      <PickGauge measuring={measuring} open={card === 'gauge'} onClose={() => onClose('gauge')} />
      <GaugeCare measuring={measuring} open={card === 'care'} onClose={() => onClose('care')} />
      <PlaceCard
        key={`place ${measuring.place.id}`}
        measuring={measuring}
        open={card === 'place'}
        onClose={() => onClose('place')}
        onBelongs={onBelongs}
      />
      <BelongsTo
        measuring={measuring}
        open={card === 'belongs'}
        onClose={() => onClose('belongs')}
      />
      <ByHand measuring={measuring} open={card === 'worst'} onClose={() => onClose('worst')} />
      <KeysHelp
        measuring={measuring}
        bindings={bindings}
        open={card === 'keys'}
        onClose={() => onClose('keys')}
      />
      <ReadingCard
        measuring={measuring}
        reading={typeof card === 'object' ? card.reading : undefined}
        onClose={() => card && onClose(card)}
      />
    </>
  );
});
