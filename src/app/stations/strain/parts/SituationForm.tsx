import { type ReactElement } from 'react';
import { WET_COMB_WAYS, type WetCombWay } from '../../../../core';
import { DISEASE_STATES, type ExtractionContent } from '../../../../records';
import { Button } from '../../../ui/Button';
import { Pick, choicesOf } from '../../../ui/fields/Pick';
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
      <Pick
        label={lineWords.theColonies()}
        choices={choicesOf(DISEASE_STATES, DISEASE_NAMES)}
        value={facts.disease}
        onPick={(disease) => onChange({ disease })}
        columns={3}
      />
      <Pick
        label={lineWords.wetCombsGo()}
        choices={choicesOf(WET_COMB_WAYS, WAY_NAMES)}
        value={facts.way ?? 'home'}
        onPick={(way) => onChange({ way })}
        columns={2}
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
