import { ArrowRight } from 'lucide-react';
import { useEffect, useState, type ReactElement } from 'react';
import { Link } from 'react-router';
import { MoistureRule } from '../../ui/charts/MoistureRule';
import { UpdateNotice } from '../../ui/page/UpdateNotice';
import { shellWords } from '../../words/english/shell';

interface DoorProps {
  to: string;
  title: string;
  text: string;
}

function Door({ to, title, text }: DoorProps): ReactElement {
  return (
    <Link
      to={to}
      className="flex min-h-36 flex-col border-2 border-ink bg-paper p-5 hover:bg-ink hover:text-linen"
    >
      <span className="flex items-center justify-between gap-4 text-2xl font-bold">
        {title}
        <ArrowRight aria-hidden className="size-7 shrink-0" />
      </span>
      <span className="mt-3 text-lg">{text}</span>
    </Link>
  );
}

/** Example on the door: honey that is fairly surely under its limit. */
const EXAMPLE = { mean: 17.6, standardUncertainty: 0.9 };

/** Lots of one's own, once they are counted; the door does not wait for it. */
function useOwnLots(): number {
  const [lots, setLots] = useState(0);
  useEffect(() => {
    let isLeft = false;
    void import('../../../db')
      .then(({ lotsKept }) => lotsKept('mine'))
      .then((count) => !isLeft && setLots(count))
      // a database that cannot be read says so behind the door
      .catch(() => undefined);
    return () => {
      isLeft = true;
    };
  }, []);
  return lots;
}

/** The door: what this is, and two ways in. */
export function WelcomeScreen(): ReactElement {
  const lots = useOwnLots();
  const mine =
    lots > 0
      ? { title: shellWords.carryOn({ lots }), text: shellWords.yourOwnRecordsStay() }
      : { title: shellWords.startMyOwn(), text: shellWords.yourOwnRecordsEmptyAt() };
  return (
    <main className="mx-auto max-w-5xl px-4 py-8 sm:px-8 sm:py-14">
      <UpdateNotice />
      <h1 className="text-2xl font-extrabold tracking-tight">Ripenum</h1>
      <p className="mt-6 max-w-3xl text-4xl leading-tight font-bold sm:text-5xl">
        {shellWords.isThisHoneyRipeAnd()}
      </p>
      <p className="mt-4 max-w-2xl text-lg">{shellWords.noteHowMuchOfThe()}</p>
      <div className="my-10">
        <MoistureRule
          limitPercent={20}
          targetPercent={18}
          guardPercent={null}
          belief={EXAMPLE}
          readings={[]}
          label={shellWords.exampleOfTheMoistureRule()}
        />
      </div>
      <div className="grid gap-5 sm:grid-cols-2">
        <Door
          to="/demo/today"
          title={shellWords.startWithTheDemoSeason()}
          text={shellWords.aMadeUpEstuaryIsland()}
        />
        <Door to="/mine/today" {...mine} />
      </div>
      <p className="mt-8 max-w-2xl text-base text-ink-soft">
        {shellWords.noAccountAndNothingLeaves()}
      </p>
    </main>
  );
}
