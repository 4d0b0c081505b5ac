import type { ReactElement } from 'react';
import { DAY_MS, type RoomAdvice } from '../../../../core';
import type { Heating } from '../../../../records';
import { selectPreferences, useAppSelector } from '../../../../store';
import { adviceWords } from '../../../words/advice';
import { SheetSection } from '../../../ui/page/SheetSection';
import type { AskedRoom } from '../roomQuestion';
import { roomWords } from '../../../words/english/room';
import { formatWeekday } from '../../../format/dates';

interface AdviceSectionProps {
  asked: AskedRoom;
  heating: Heating;
  advice: readonly RoomAdvice[];
}

/** What to look after now, each with its numbers. */
export function AdviceSection({ asked, heating, advice }: AdviceSectionProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const names = new Map(
    asked.batches.map(({ batch }) => [batch.entityId, batch.content.name] as const),
  );
  const context = {
    preferences,
    nameOf: (id: string) => names.get(id) ?? roomWords.theBatch(),
    dayWords: (day: number) =>
      roomWords.onZeroms({ zeroMs: formatWeekday(asked.present.zeroMs + day * DAY_MS) }),
  };
  const sentences = advice.map((roomAdvice) => adviceWords(roomAdvice, context));
  const burner = heating === 'unvented' ? [roomWords.neverUseABurnerWithoutA()] : [];
  const all = [...burner, ...sentences];
  return (
    <SheetSection id="advice" title={roomWords.takeCare()}>
      {all.length === 0 ? (
        <p className="text-lg">{roomWords.airMachineAndHoneyLook()}</p>
      ) : (
        <ul className="space-y-3">
          {all.map((text) => (
            <li key={text} className="border-l-8 border-ink pl-3 text-lg">
              {text}
            </li>
          ))}
        </ul>
      )}
      <p className="mt-3 text-base text-ink-soft">{roomWords.keepHeatersAndDehumidifiersDry()}</p>
    </SheetSection>
  );
}
