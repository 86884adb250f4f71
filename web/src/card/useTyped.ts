import { useSearchParams } from 'react-router';

/** What is typed on a part of the card stands in its address, so that it can be sent, and is there again after a look elsewhere. */
export function useTyped<N extends string>(
  start: Record<N, string>,
): [Record<N, string>, (more: Partial<Record<N, string>>) => void] {
  const [search, setSearch] = useSearchParams();
  const typed = Object.fromEntries(
    Object.entries<string>(start).map(([name, first]) => [name, search.get(name) ?? first]),
  ) as Record<N, string>;
  const change = (more: Partial<Record<N, string>>) =>
    setSearch(
      (before) => {
        const after = new URLSearchParams(before);
        Object.entries(more).forEach(([name, text]) => after.set(name, String(text)));
        return after;
      },
      { replace: true },
    );
  return [typed, change];
}
