import { useEffect, useState } from 'react';

/** Turning and typing come first; the address and the server are told once the hand rests. */
const REST_MS = 150;

/** A text, once it has stood still for a moment. */
export function useRested(text: string): string {
  const [rested, setRested] = useState(text);
  useEffect(() => {
    const wait = setTimeout(() => setRested(text), REST_MS);
    return () => clearTimeout(wait);
  }, [text]);
  return rested;
}
