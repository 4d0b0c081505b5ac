import { type ReactElement } from 'react';
import { Button } from '../../ui/Button';
import { FormFrame } from '../../ui/forms/FormFrame';
import { AnswerBar } from './parts/AnswerBar';
import { AnswerSlab } from '../../lot/AnswerSlab';
import { CombFields } from './parts/CombFields';
import { ContainerFields } from './parts/ContainerFields';
import { LotLimitFields, LotNameFields } from './parts/LotFields';
import { LotRule } from '../../lot/LotRule';
import { SheetSection } from '../../ui/page/SheetSection';
import { WhatWouldChange } from './parts/WhatWouldChange';
import { type Answer } from '../../lot/useLot';
import { commonWords } from '../../words/english/common';
import { rulingWords } from '../../words/english/ruling';

import { Columns } from '../../ui/page/Columns';
import { PageHead } from '../../ui/page/PageHead';
import type { useNewLotController } from './useNewLotController';

/** The ruling that stands already, from what has been tapped so far. */
function EarlyAnswer({ answer }: { answer: Answer }): ReactElement {
  return (
    <div className="space-y-6 wide:sticky wide:top-4">
      <AnswerSlab ruling={answer.ruling} provisional={false} />
      <LotRule answer={answer} />
      <WhatWouldChange answer={answer} />
    </div>
  );
}

/** Starts a lot; the answer stands beside the form from the first tap. */
export function NewLotView(props: ReturnType<typeof useNewLotController>): ReactElement {
  const { frame, answer, begin, containers, addContainer, removeContainer } = props;
  return (
    <>
      <PageHead title={commonWords.newLot()} />
      <AnswerBar ruling={answer.ruling} />
      <Columns share="main-first">
        <FormFrame {...frame} onSubmit={begin} label={commonWords.newLot()}>
          <div className="space-y-8">
            <SheetSection id="new-comb" title={rulingWords.theComb()}>
              <CombFields under="comb" />
            </SheetSection>
            <SheetSection id="new-lot" title={commonWords.theLot()}>
              <LotNameFields under="lot" />
            </SheetSection>
            <SheetSection
              id="new-containers"
              title={rulingWords.containersHeading()}
              aside={<Button onClick={addContainer}>{rulingWords.anotherKind()}</Button>}
            >
              <div className="space-y-8">
                {containers.map((field, at) => (
                  <div
                    key={field.id}
                    role="group"
                    aria-label={rulingWords.containers({ at: at + 1 })}
                  >
                    <ContainerFields under={`containers.${at}`} />
                    <Button tone="quiet" onClick={() => removeContainer(at)}>
                      {rulingWords.removeTheseContainers()}
                    </Button>
                  </div>
                ))}
              </div>
            </SheetSection>
            <SheetSection id="new-limits" title={rulingWords.limitsStorageSigns()}>
              <LotLimitFields under="lot" />
            </SheetSection>
            <Button type="submit" tone="ink" className="min-h-14 w-full text-lg">
              {rulingWords.startThisLot()}
            </Button>
          </div>
        </FormFrame>
        <EarlyAnswer answer={answer} />
      </Columns>
    </>
  );
}
