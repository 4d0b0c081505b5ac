import type { ReactElement } from 'react';
import { RULES_VERSION } from '../../../core';
import { beginnerWords } from '../../words/english/beginner';
import { handbookWords } from '../../words/english/handbook';

/** Chapters in their order, by the identifiers of their headings. */
export const CHAPTERS: readonly (readonly [id: string, title: string])[] = [
  ['first-page', beginnerWords.firstPage()],
  ['moisture', handbookWords.fromDialToMoisture()],
  ['bench', handbookWords.metersAndPlans()],
  ['comb', handbookWords.judgingTheComb()],
  ['expectation', handbookWords.withoutAMeter()],
  ['warm-room', handbookWords.theWarmRoom()],
  ['strain', handbookWords.strainingAndSettling()],
  ['warmth', handbookWords.whatWarmthCosts()],
  ['limits', handbookWords.limits()],
  ['fermentation', handbookWords.fermentation()],
  ['quality', handbookWords.colourCompositionTheFlowersName()],
  ['severity', handbookWords.orderOfSeverity()],
  ['now-and-before', handbookWords.readingsOfNowAndOf()],
  ['leaving', handbookWords.whatMayLeaveTheHouse()],
  ['keeping', handbookWords.keeping()],
  ['blending', handbookWords.blending()],
  ['jars', handbookWords.jarsAndWax()],
  ['season', handbookWords.daysOfTheSeason()],
  ['eye', handbookWords.eyeAndPicture()],
  ['trace', handbookWords.tracingAndSealing()],
  ['rules', handbookWords.rulesVersion({ rulesVersion: RULES_VERSION })],
  ['cautions', handbookWords.cautions()],
];

/** What the handbook holds, one tap to each. */
export function Contents(): ReactElement {
  return (
    <nav aria-label={beginnerWords.contents()} className="mt-5">
      <ul className="gap-x-8 sm:columns-2 wide:columns-3">
        {CHAPTERS.map(([id, title]) => (
          <li key={id} className="break-inside-avoid">
            <a
              href={`#${id}`}
              className="flex min-h-11 items-center text-lg underline decoration-2 underline-offset-4 hover:bg-lavender-pale"
            >
              {title}
            </a>
          </li>
        ))}
      </ul>
    </nav>
  );
}
