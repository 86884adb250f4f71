import { useEffect, useRef } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import { newId } from '../api/newId';
import { type SetBody, useBeginSet } from '../api/practice';
import { Notice } from '../ui/Notice';
import { Shell } from '../ui/Shell';

/** Begins the set that the address asks for, and goes on to its first item. */
export function BeginSet() {
  const [search] = useSearchParams();
  const navigate = useNavigate();
  const begin = useBeginSet();
  const asked = useRef('');
  const { mutate } = begin;
  useEffect(() => {
    const query = search.toString();
    if (asked.current === query) {
      return;
    }
    asked.current = query;
    mutate(
      { id: newId(), body: bodyOf(search) },
      { onSuccess: ({ id }) => void navigate(`/practice/sets/${id}`, { replace: true }) },
    );
  }, [search, mutate, navigate]);
  return (
    <Shell title="Practice">
      {begin.error && <Notice title="This cannot be practised" words={begin.error.message} back />}
    </Shell>
  );
}

function bodyOf(search: URLSearchParams): SetBody {
  const text = (name: string) => search.get(name) ?? undefined;
  const scale = text('scale');
  const only = text('only');
  const seed = text('seed');
  return {
    level: text('level') ?? 'traps',
    items: Number(text('items') ?? 10),
    toSet: text('toSet') === 'true',
    heard: text('heard') === 'true',
    ...(scale && { scale }),
    ...(only && { only }),
    ...(seed && { seed: Number(seed) }),
  };
}
