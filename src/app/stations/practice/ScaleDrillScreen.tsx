import type { ReactElement } from 'react';
import { EyepieceField } from '../../ui/eyepiece/EyepieceField';
import { Button } from '../../ui/Button';
import { LooseField } from '../../ui/fields/LooseField';
import { PageHead } from '../../ui/page/PageHead';
import { PageLink } from '../../ui/page/PageLink';
import { practiceWords } from '../../words/english/practice';
import { useScaleDrill } from './useScaleDrill';

/** Blur of a drawn field at its worst [px]. */
const MOST_BLUR = 4;

/** The drill at scales. */
export function ScaleDrillScreen(): ReactElement {
  const { look, facts, typed, type, wrong, check, next, answer, query } = useScaleDrill();
  const { eyepiece, view } = look;
  const [truth, verdict, meaning] = answer;
  return (
    <>
      <PageHead over={practiceWords.station()} title={practiceWords.scaleTitle()}>
        <PageLink to={`practice${query}`}>{practiceWords.toPractice()}</PageLink>
      </PageHead>
      <div className="mt-3 grid items-start gap-6 sm:grid-cols-2">
        <EyepieceField
          scale={eyepiece.scale}
          view={view}
          blurPx={eyepiece.blur * MOST_BLUR}
          hair={truth ? view.borderDial : null}
        />
        <div>
          <p className="mb-3 text-lg">{facts}</p>
          <LooseField
            key={look.view.borderDial}
            label={practiceWords.whatDoesItShow()}
            value={typed}
            onType={type}
            wrong={wrong}
            inputMode="decimal"
            width="max-w-40"
            onEnter={truth ? next : check}
            beside={
              !truth && (
                <Button tone="ink" className="min-h-14" onClick={check}>
                  {practiceWords.check()}
                </Button>
              )
            }
          />
          {truth && (
            <div aria-live="polite" className="mt-3 border-l-8 border-lavender pl-4">
              <p className="text-3xl font-extrabold">{truth}</p>
              <p className="text-xl font-semibold">{verdict}</p>
              <p className="text-base">{meaning}</p>
              <Button tone="ink" className="mt-3 min-h-14" onClick={next}>
                {practiceWords.next()}
              </Button>
            </div>
          )}
        </div>
      </div>
    </>
  );
}
