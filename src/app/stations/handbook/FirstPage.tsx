import type { ReactElement, ReactNode } from 'react';
import { CombSketch } from '../../ui/comb/CombSketch';
import { MoistureRule } from '../../ui/charts/MoistureRule';
import { PageLink } from '../../ui/page/PageLink';
import { beginnerWords } from '../../words/english/beginner';
import { momentWords } from '../../words/english/moment';
import { Chapter } from './Chapter';

function Question({ title, children }: { title: string; children: ReactNode }): ReactElement {
  return (
    <section className="break-inside-avoid">
      <h3 className="text-xl font-bold">{title}</h3>
      {children}
    </section>
  );
}

/** Comb at three shares of capping, so that the word has a picture. */
function Combs(): ReactElement {
  return (
    <figure className="mt-2">
      <div className="grid max-w-md grid-cols-3 gap-2">
        {[2, 8, 10].map((tenths) => (
          <div
            key={tenths}
            role="img"
            aria-label={beginnerWords.combDrawn({ tenths })}
            className="relative h-20 overflow-hidden border-2 border-ink"
          >
            <CombSketch tenths={tenths} />
          </div>
        ))}
      </div>
      <figcaption className="text-base text-ink-soft">{beginnerWords.sameHoney()}</figcaption>
    </figure>
  );
}

/** A reading on the rule, as everywhere in the application. */
const EXAMPLE = { mean: 17.4, standardUncertainty: 0.3 };

/** The work as a whole, for who has never done it; nothing here is needed to use the rest. */
export function FirstPage(): ReactElement {
  return (
    <Chapter id="first-page" title={beginnerWords.firstPage()}>
      <p className="max-w-3xl">{beginnerWords.fromBeeToJar()}</p>
      <div className="gap-x-10 space-y-5 wide:columns-2">
        <Question title={beginnerWords.whatIsCapping()}>
          <p>{beginnerWords.cappingIs()}</p>
          <Combs />
        </Question>
        <Question title={beginnerWords.whyEighteen()}>
          <p>{beginnerWords.eighteenIs()}</p>
          <MoistureRule
            limitPercent={20}
            targetPercent={18}
            guardPercent={null}
            belief={EXAMPLE}
            readings={[]}
            label={beginnerWords.ruleDrawn()}
          />
        </Question>
        <Question title={beginnerWords.whatIsARefractometer()}>
          <p>{beginnerWords.refractometerIs()}</p>
        </Question>
        <Question title={beginnerWords.howSure()}>
          <p>{beginnerWords.sureIs()}</p>
        </Question>
        <Question title={beginnerWords.tooWet()}>
          <p>{beginnerWords.tooWetIs()}</p>
        </Question>
        <Question title={beginnerWords.whiteFoam()}>
          <p>{beginnerWords.foamIs()}</p>
        </Question>
        <Question title={beginnerWords.whyItSets()}>
          <p>{beginnerWords.setsBecause()}</p>
        </Question>
        <Question title={beginnerWords.whoNever()}>
          <p>{beginnerWords.neverIs()}</p>
        </Question>
        <Question title={beginnerWords.whatToWrite()}>
          <p>{beginnerWords.writeIs()}</p>
        </Question>
        <Question title={beginnerWords.whereToBegin()}>
          <p>{beginnerWords.beginIs()}</p>
          <p className="mt-2 flex flex-wrap gap-3">
            <PageLink to="today">{momentWords.judgeAFrame()}</PageLink>
            <PageLink to="bench/read">{momentWords.readAMeter()}</PageLink>
          </p>
        </Question>
      </div>
    </Chapter>
  );
}
