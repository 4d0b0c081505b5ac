import { useState, type ReactElement } from 'react';
import { weightCourse, type WeighedDay } from '../../../../../core';
import { createScalePort } from '../../../../../instruments';
import { isoDayOf } from '../../../../../model';
import { formatDayMonth } from '../../../../format/dates';
import { Button } from '../../../../ui/Button';
import { inUnits } from '../../../../words/keepersUnits';
import { whenWords } from '../../../../words/english/when';

/** What weights say, in one sentence. */
function saidBy(days: readonly WeighedDay[]): string {
  const ends = {
    from: inUnits(days[0]?.massKg ?? 0, 'mass'),
    to: inUnits(days.at(-1)?.massKg ?? 0, 'mass'),
  };
  const { gainsSince } = weightCourse(days);
  return gainsSince === null
    ? whenWords.scaleSaysNothing(ends)
    : whenWords.scaleSays({ ...ends, day: formatDayMonth(isoDayOf(gainsSince)) });
}

/** The stand-in scale under a hive: what it says is shown, never kept. */
export function SampleScale({ today }: { today: number }): ReactElement {
  const [said, setSaid] = useState('');
  const ask = async (): Promise<void> => {
    const days = await createScalePort((path) => fetch(path)).weights(isoDayOf(today));
    setSaid(days ? `${whenWords.sampleScale()} ${saidBy(days)}` : whenWords.scaleGone());
  };
  return (
    <div className="mt-3">
      <Button tone="quiet" className="px-0!" onClick={() => void ask()}>
        {whenWords.trySampleScale()}
      </Button>
      <p role="status" className="text-lg">
        {said}
      </p>
    </div>
  );
}
