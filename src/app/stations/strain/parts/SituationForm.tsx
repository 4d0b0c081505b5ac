import { type ReactElement } from 'react';
import { WET_COMB_WAYS, type WetCombWay } from '../../../../core';
import { DISEASE_STATES, type ExtractionContent } from '../../../../records';
import { Button } from '../../../ui/Button';
import { PressedChoice } from '../../../ui/fields/PressedChoice';
import { lineWords } from '../../../words/english/line';

/** What decides which tasks apply. */
export type CleanUpFacts = ExtractionContent['cleanUp'];

const QUESTIONS: readonly { key: Exclude<keyof CleanUpFacts, 'disease' | 'way'>; asks: string }[] =
  [
    { key: 'flowNow', asks: lineWords.beesFindNectarNow() },
    { key: 'nextFlowNamed', asks: lineWords.theNextFlowsNameWill() },
    { key: 'originLost', asks: lineWords.itIsNotKnownWhich() },
  ];

const DISEASE_NAMES: Readonly<Record<CleanUpFacts['disease'], string>> = {
  'none-known': lineWords.allLookedHealthy(),
  suspected: lineWords.oneMayBeSick(),
  unknown: lineWords.notChecked(),
};

const WAY_NAMES: Readonly<Record<WetCombWay, string>> = {
  home: lineWords.wayHome(),
  'robbed-out': lineWords.wayRobbedOut(),
  washed: lineWords.wayWashed(),
  stored: lineWords.wayStored(),
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
      <PressedChoice
        legend={lineWords.theColonies()}
        values={DISEASE_STATES}
        names={DISEASE_NAMES}
        chosen={facts.disease}
        onChoose={(disease) => onChange({ disease })}
      />
      <PressedChoice
        legend={lineWords.wetCombsGo()}
        values={WET_COMB_WAYS}
        names={WAY_NAMES}
        chosen={facts.way ?? 'home'}
        onChoose={(way) => onChange({ way })}
      />
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
