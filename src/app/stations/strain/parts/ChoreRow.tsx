import { useState, type ReactElement } from 'react';
import { type CleanUpStep } from '../../../../core';
import { useAppDispatch } from '../../../../store';
import { choreDone, choreUndone } from '../lineActs';
import type { Chore, Extraction } from '../../../../records';
import { CLEAN_UP_WORDS } from '../../../words/strainWords';
import { useDraftText } from '../../../forms/useDraftText';
import { Button } from '../../../ui/Button';
import { INPUT } from '../../../ui/classes';
import { lineWords } from '../../../words/english/line';
import { formatDayTime } from '../../../format/dates';

const CAUTIONS: Readonly<Record<CleanUpStep['cautions'][number], string>> = {
  foulbrood: lineWords.wetCombsCarryFoulbroodFrom(),
  robbing: lineWords.wetBoxesAttractRobbersPut(),
  neighbours: lineWords.putOutInTheOpen(),
  blend: lineWords.whatIsLeftOfOne(),
  mildew: lineWords.combsStoredWetFermentAnd(),
};

interface ChoreRowProps {
  extraction: Extraction;
  step: CleanUpStep;
  /** that it was done; null while it is to be done */
  chore: Chore | null;
}

/** One task: what, why, what to mind, and whether it is done. */
export function ChoreRow({ extraction, step, chore }: ChoreRowProps): ReactElement {
  const dispatch = useAppDispatch();
  const formKey = `chore:${extraction.entityId}:${step.task}`;
  const { text: because, begun, type, drop } = useDraftText(formKey);
  const [asking, setAsking] = useState(false);
  const isAsking = asking || begun;
  const { what, why } = CLEAN_UP_WORDS[step.task];
  const keep = async (how: 'done' | 'otherwise', reason: string): Promise<void> => {
    const content = { task: step.task, how, because: reason };
    const done = await dispatch(choreDone(extraction, content, { draft: formKey }));
    if (done.ok) setAsking(false);
  };
  return (
    <li className="py-4">
      <h3 className="text-xl font-bold">{what}</h3>
      <p className="text-lg">{why}</p>
      {step.cautions.map((caution) => (
        <p key={caution} className="mt-1 border-l-4 border-ink pl-3 text-base font-semibold">
          {CAUTIONS[caution]}
        </p>
      ))}
      {chore ? (
        <p className="mt-2 flex flex-wrap items-center gap-3 text-lg font-semibold">
          {chore.content.how === 'done'
            ? lineWords.done()
            : lineWords.differently({ because: chore.content.because })}
          , {formatDayTime(chore.content.doneAt)}
          <Button tone="quiet" onClick={() => void dispatch(choreUndone(chore))}>
            {lineWords.notDoneAfterAll()}
            <span className="sr-only">: {what}</span>
          </Button>
        </p>
      ) : (
        <div className="mt-2 flex flex-wrap gap-3">
          <Button tone="ink" className="min-h-14" onClick={() => void keep('done', '')}>
            {lineWords.done()}
            <span className="sr-only">: {what}</span>
          </Button>
          <Button
            className="min-h-14"
            onClick={() => {
              setAsking(!isAsking);
              if (isAsking) drop();
            }}
            aria-expanded={isAsking}
          >
            {lineWords.otherOptions()}
            <span className="sr-only">: {what}</span>
          </Button>
        </div>
      )}
      {isAsking && !chore && (
        <form
          className="mt-2 flex flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            if (because.trim() !== '') void keep('otherwise', because.trim());
          }}
        >
          <label className="grow text-base font-semibold">
            {lineWords.howAndWhy()}
            <input
              className={INPUT}
              value={because}
              maxLength={500}
              autoFocus
              onChange={(event) => type(event.target.value)}
            />
          </label>
          <Button type="submit" className="min-h-14" disabled={because.trim() === ''}>
            {lineWords.keep()}
          </Button>
        </form>
      )}
    </li>
  );
}
