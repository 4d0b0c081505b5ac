import { useState, type ReactElement } from 'react';
import { judgementCase, type CaseChoice } from '../../../core';
import { selectPreferences, useAppDispatch, useAppSelector } from '../../../store';
import { Button } from '../../ui/Button';
import { PageHead } from '../../ui/page/PageHead';
import { PageLink } from '../../ui/page/PageLink';
import { practiceWords } from '../../words/english/practice';
import { caseText } from './caseWords';
import { CHOICE_NAMES } from './kindNames';
import { CombCanvas } from './parts/CombCanvas';
import { saveLook } from './practiceActs';
import { freshSeed, useReader } from './useReader';

/** Small cases, one decision each, with the reason after. */
export function CasesScreen(): ReactElement {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const { reader, query } = useReader();
  const [shown, setShown] = useState(() => {
    const seed = freshSeed();
    return { seed, of: judgementCase(seed) };
  });
  const [answer, setAnswer] = useState<CaseChoice | null>(null);
  const { seed, of } = shown;
  const { question, because } = caseText(of, preferences);
  const decide = (choice: CaseChoice): void => {
    setAnswer(choice);
    void dispatch(
      saveLook({
        drill: 'judgement',
        reader,
        seed,
        of: of.id,
        answered: of.choices.indexOf(choice),
        truth: of.choices.indexOf(of.right),
        evening: null,
      }),
    );
  };
  const next = (): void => {
    // cases follow each other with the seed: none comes twice before all came
    setShown({ seed: seed + 1, of: judgementCase(seed + 1) });
    setAnswer(null);
  };
  return (
    <>
      <PageHead over={practiceWords.station()} title={practiceWords.casesTitle()}>
        <PageLink to={`practice${query}`}>{practiceWords.toPractice()}</PageLink>
      </PageHead>
      <div className="max-w-3xl">
        <p className="mt-4 text-2xl leading-snug">{question}</p>
        {of.picture && (
          <div className="mt-3">
            <CombCanvas scene={of.picture} truth={false} label={practiceWords.combPicture()} />
          </div>
        )}
        <div role="group" aria-label={practiceWords.casesTitle()} className="mt-4 grid gap-2">
          {of.choices.map((choice) => (
            <Button
              key={choice}
              tone={answer === choice ? 'ink' : 'line'}
              className="min-h-14 text-lg"
              aria-pressed={answer === choice}
              disabled={answer !== null && answer !== choice}
              onClick={() => answer === null && decide(choice)}
            >
              {CHOICE_NAMES[choice]}
            </Button>
          ))}
        </div>
        {answer !== null && (
          <div aria-live="polite" className="mt-4 border-l-8 border-lavender pl-4">
            <p className="text-2xl font-extrabold">
              {answer === of.right
                ? practiceWords.rightly()
                : practiceWords.wrongly({ right: CHOICE_NAMES[of.right].toLowerCase() })}
            </p>
            <p className="text-lg">{because}</p>
            <Button tone="ink" className="mt-3 min-h-14" autoFocus onClick={next}>
              {practiceWords.next()}
            </Button>
          </div>
        )}
      </div>
    </>
  );
}
