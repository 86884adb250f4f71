import { Link, useParams } from 'react-router';
import { Notice } from '../ui/Notice';
import { Shell } from '../ui/Shell';
import { CARDS, cardsOf, type TechniqueCard } from './cards';
import { TechniqueFigure, TurningFigure } from '../drawings/techniqueFigures';

/** How a gauge is made ready, held, read and put away; and which turning point is the size. */
export function TechniqueScreen() {
  const { kind } = useParams();
  const cards = cardsOf(kind);
  return (
    <Shell
      title="Technique"
      head={
        <>
          <h1 className="text-body font-bold">Technique</h1>
          {kind !== undefined && (
            <Link
              to="/technique"
              className="text-quiet underline decoration-line underline-offset-4"
            >
              all cards
            </Link>
          )}
        </>
      }
    >
      {kind === undefined ? (
        <AllCards />
      ) : cards.length === 0 ? (
        <Notice title="There is no such card" words="Pick one from all cards." back />
      ) : (
        <div className="mx-auto flex w-full max-w-6xl flex-col gap-8 p-4 tablet:p-6">
          {cards.map((card) => (
            <Card key={card.code} card={card} />
          ))}
        </div>
      )}
    </Shell>
  );
}

function AllCards() {
  return (
    <ul className="mx-auto grid w-full max-w-6xl gap-3 p-4 tablet:grid-cols-3 tablet:p-6 bench:grid-cols-4">
      {CARDS.map(({ code, title, figure, rule }) => (
        <li key={code}>
          <Link
            to={`/technique/${code}`}
            className="flex h-full flex-col border-2 border-line bg-panel hover:border-quiet"
          >
            <span className="block p-3">
              <TechniqueFigure name={figure} words={rule} />
            </span>
            <span className="mt-auto border-t-2 border-line px-3 py-2 text-label font-semibold">
              {title}
            </span>
          </Link>
        </li>
      ))}
    </ul>
  );
}

const SEEK = {
  smallest: 'seek the smallest',
  largest: 'seek the largest',
  none: 'nothing turns back',
};

function Card({ card }: { card: TechniqueCard }) {
  const { title, figure, turning, rule, ready, hold, read, traps, after } = card;
  return (
    <article
      aria-label={title}
      className="grid gap-6 border-2 border-ink bg-panel p-5 bench:grid-cols-[26rem_minmax(0,1fr)]"
    >
      <div className="flex flex-col gap-4">
        <h2 className="text-title">{title}</h2>
        <div className="border-2 border-line p-2">
          <TechniqueFigure name={figure} words={rule} />
        </div>
        <ul aria-label="Which turning point" className="flex flex-col gap-1">
          {turning.map(({ plane, seek }) => (
            <li key={plane} className="flex items-center gap-4">
              <TurningFigure seek={seek} />
              <span>
                {plane}
                <strong className="block font-bold">{SEEK[seek]}</strong>
              </span>
            </li>
          ))}
        </ul>
      </div>
      <div className="flex flex-col gap-3">
        <p className="text-title font-semibold">{rule}</p>
        <div className="grid gap-x-6 gap-y-4 tablet:grid-cols-2">
          <Says title="Make ready" all={ready} />
          <Says title="Hold" all={hold} />
          <Says title="Read" all={read} />
          <Says title="Traps" all={traps} />
          <Says title="Afterwards" all={after} />
        </div>
      </div>
    </article>
  );
}

function Says({ title, all }: { title: string; all: string[] }) {
  return (
    <section aria-label={title}>
      <h3 className="border-b-2 border-line text-body font-bold">{title}</h3>
      <ul>
        {all.map((each) => (
          <li key={each} className="border-b border-line py-1.5">
            {each}
          </li>
        ))}
      </ul>
    </section>
  );
}
