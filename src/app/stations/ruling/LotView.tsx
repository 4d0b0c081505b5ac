import type { useLotController } from './useLotController';
import { type ReactElement } from 'react';
import { AnswerSlab } from '../../lot/AnswerSlab';
import { CircumstancesSection } from './parts/CircumstancesSection';
import { CombSection } from './parts/CombSection';
import { FramesSection } from './parts/FramesSection';
import { ContainersSection } from './parts/ContainersSection';
import { HistorySection } from './parts/HistorySection';
import { LotHeader } from './parts/LotHeader';
import { LotRule } from '../../lot/LotRule';
import { ToCorrect } from '../../repair/ToCorrect';
import { NextSteps } from './parts/NextSteps';
import { PiecesSection } from './parts/PiecesSection';
import { ReadingsSection } from './parts/ReadingsSection';
import { Reasons } from './parts/Reasons';
import { ReopenSheet } from './parts/ReopenSheet';
import { SignSheet } from './parts/SignSheet';
import { SignedNote } from './parts/SignedNote';
import { WaysSection } from './parts/WaysSection';
import { KeepApart } from './parts/KeepApart';
import { WhatWouldChange } from './parts/WhatWouldChange';

/** One lot: the answer, what it rests on, and the next thing to type. */
export function LotView(props: ReturnType<typeof useLotController>): ReactElement {
  const { file, entry, answer, isProvisional, hasPieces } = props;
  return (
    <>
      <LotHeader file={file} />
      <ToCorrect ownerId={file.lot.entityId} />
      <div className="mt-5 grid gap-x-10 gap-y-8 wide:grid-cols-[minmax(0,1fr)_minmax(0,27rem)] wide:grid-rows-[auto_1fr]">
        <div className="wide:col-start-2">
          <AnswerSlab ruling={answer.ruling} provisional={isProvisional}>
            <SignedNote file={file} outcome={answer.ruling.outcome} />
            {!isProvisional && <SignSheet file={file} answer={answer} />}
            {file.ruling && <ReopenSheet ruling={file.ruling} />}
          </AnswerSlab>
          {!isProvisional && <NextSteps file={file} ruling={answer.ruling} />}
        </div>
        <div className="space-y-8 wide:col-start-1 wide:row-span-2 wide:row-start-1">
          <LotRule answer={answer} />
          <ReadingsSection file={file} entry={entry} ruling={answer.ruling} />
          {file.frames ? <FramesSection frames={file.frames} /> : <CombSection file={file} />}
          <CircumstancesSection file={file} />
          {hasPieces && <PiecesSection file={file} evidence={answer.evidence} />}
          <ContainersSection file={file} belief={answer.ruling.belief} />
        </div>
        <div className="space-y-8 wide:col-start-2">
          <WhatWouldChange answer={answer} />
          <KeepApart file={file} answer={answer} />
          <WaysSection ruling={answer.ruling} />
          <Reasons ruling={answer.ruling} />
        </div>
      </div>
      <div className="mt-8">
        <HistorySection file={file} />
      </div>
    </>
  );
}
