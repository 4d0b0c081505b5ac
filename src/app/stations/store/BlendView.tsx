import { useEffect, useRef, type ReactElement } from 'react';
import { Button } from '../../ui/Button';
import { FormFrame } from '../../ui/forms/FormFrame';
import { Columns } from '../../ui/page/Columns';
import { PageHead } from '../../ui/page/PageHead';
import { BlendAnswer } from './parts/BlendAnswer';
import { BlendLots } from './parts/BlendLots';
import { BlendFields } from './parts/BlendFields';
import type { useBlendController } from './useBlendController';
import { blendWords } from '../../words/english/blend';
import { commonWords } from '../../words/english/common';

/** Plans a blend: which containers into which tanks, so that most honey is saved. */
export function BlendView(props: ReturnType<typeof useBlendController>): ReactElement {
  const { lots, leftOut, frame, search, ask, cancel, keep } = props;
  const answer = useRef<HTMLDivElement>(null);
  const { question } = search;
  // The form is long: once something was asked, its answer comes into sight.
  useEffect(() => {
    if (question) answer.current?.scrollIntoView({ block: 'start' });
  }, [question]);
  return (
    <>
      <PageHead
        over={commonWords.store()}
        title={blendWords.planABlend()}
        lead={blendWords.drierHoneyBringsWetHoney()}
      />
      <Columns share="main-last">
        <FormFrame {...frame} onSubmit={ask} label={blendWords.theBlend()}>
          <div className="space-y-5">
            <BlendFields lots={lots} leftOut={leftOut} />
            <Button type="submit" tone="ink" className="min-h-14 w-full text-lg">
              {blendWords.findTheBestBlend()}
            </Button>
          </div>
        </FormFrame>
        <div ref={answer} className="scroll-mt-4">
          <BlendAnswer search={search} onCancel={cancel} onKeep={() => void keep()} />
          {!question && (
            <div className="mt-6">
              <BlendLots lots={lots} />
            </div>
          )}
        </div>
      </Columns>
    </>
  );
}
