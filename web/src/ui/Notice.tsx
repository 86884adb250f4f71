import type { ReactNode } from 'react';
import { Link } from 'react-router';

interface NoticeProps {
  title: string;
  words: string;
  /** Offer the way back to the bench. */
  back?: boolean;
  children?: ReactNode;
}

/** What is so, and what can be done: for an empty bench, a wrong address, a server that is away. Never a wall. */
export function Notice({ title, words, back = false, children }: NoticeProps) {
  return (
    <section className="mx-auto mt-12 max-w-2xl border-2 border-line bg-panel p-8">
      <h2 className="text-title">{title}</h2>
      <p className="mt-3">{words}</p>
      {children}
      {back && (
        <Link
          to="/"
          className="mt-6 inline-flex min-h-touch items-center rounded-edge bg-now px-6 font-semibold text-on-now"
        >
          Back to the bench
        </Link>
      )}
    </section>
  );
}

/** No page can be shown until the server is back; the page goes on by itself. */
export function ServerAwayNotice() {
  return (
    <Notice
      title="The server does not answer"
      words="Nothing you measured is lost. This page asks again by itself and goes on as soon as the server is back."
    />
  );
}
