import { type ReactElement } from 'react';
import { DISEASE_STATES, type ExtractionContent } from '../../../../records';
import { Button } from '../../../ui/Button';
import { lineWords } from '../../../words/english/line';

/** What decides which tasks apply. */
export type CleanUpFacts = ExtractionContent['cleanUp'];

const QUESTIONS: readonly { key: Exclude<keyof CleanUpFacts, 'disease'>; asks: string }[] = [
  { key: 'flowNow', asks: lineWords.beesFindNectarNow() },
  { key: 'nextFlowNamed', asks: lineWords.theNextFlowsNameWill() },
  { key: 'originLost', asks: lineWords.itIsNotKnownWhich() },
];

const DISEASE_NAMES: Readonly<Record<CleanUpFacts['disease'], string>> = {
  'none-known': lineWords.allLookedHealthy(),
  suspected: lineWords.oneMayBeSick(),
  unknown: lineWords.notChecked(),
};

/** What decides which tasks apply; each press is kept at once. */
export function SituationForm({
  facts,
  onChange,
}: {
  facts: CleanUpFacts;
  onChange: (change: Partial<CleanUpFacts>) => void;
}): ReactElement {
  return (
    <div className="space-y-4">
      <fieldset>
        <legend className="text-base font-semibold">{lineWords.theColonies()}</legend>
        <div className="mt-1 flex flex-wrap gap-2">
          {DISEASE_STATES.map((diseaseState) => (
            <Button
              key={diseaseState}
              tone={facts.disease === diseaseState ? 'ink' : 'line'}
              aria-pressed={facts.disease === diseaseState}
              className="min-h-14"
              onClick={() => onChange({ disease: diseaseState })}
            >
              {DISEASE_NAMES[diseaseState]}
            </Button>
          ))}
        </div>
      </fieldset>
      {QUESTIONS.map(({ key, asks }) => (
        <Button
          key={key}
          tone={facts[key] ? 'ink' : 'line'}
          aria-pressed={facts[key]}
          className="min-h-14 w-full justify-start!"
          onClick={() => onChange({ [key]: !facts[key] })}
        >
          {asks}: {facts[key] ? lineWords.yes() : lineWords.no()}
        </Button>
      ))}
    </div>
  );
}
