import type { ReactNode } from 'react';

const WITH_UNIT = /((?:[+−±<>] ?)?\d[\d.,]* (?:mm|in|µm|°C|%)(?!\p{L}))/u;

/** A sentence whose figures stay with their units on one line; its words are as they were. */
export const tied = (sentence: string): ReactNode =>
  sentence.split(WITH_UNIT).map((piece, i) =>
    i % 2 === 0 ? (
      piece
    ) : (
      <span key={i} className="whitespace-nowrap">
        {piece}
      </span>
    ),
  );
