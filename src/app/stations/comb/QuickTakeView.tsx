import { Plus } from 'lucide-react';
import type { ReactElement } from 'react';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import { Button } from '../../ui/Button';
import { ErrorOf } from '../../ui/fields/ErrorOf';
import { FormFrame } from '../../ui/forms/FormFrame';
import { Columns } from '../../ui/page/Columns';
import { PageHead } from '../../ui/page/PageHead';
import { FewFrameFields } from './parts/FewFrameFields';
import { QuickTakeAnswer } from './parts/QuickTakeAnswer';
import { quickTakeForm } from './quickTake';
import type { useQuickTakeController } from './useQuickTakeController';
import { combWords } from '../../words/english/comb';

/** Three frames and a bucket: from the comb to a lot on one screen. */
export function QuickTakeView(props: ReturnType<typeof useQuickTakeController>): ReactElement {
  const { frame, make, book, quickTake, judged, frames, takesNone } = props;
  return (
    <>
      <PageHead title={combWords.aFewFramesAndA()} />
      <FormFrame {...frame} onSubmit={make} label={combWords.aFewFrames()}>
        <Columns share="main-first">
          <div className="space-y-6">
            {frames.map(({ id, judged: own }, at) => (
              <FewFrameFields
                key={id}
                at={at}
                judged={own}
                onRemove={() => props.removeFrame(at)}
              />
            ))}
            {props.canAdd && (
              <Button className="min-h-14" onClick={props.addFrame}>
                <Plus aria-hidden className="size-6" /> {combWords.anotherFrame()}
              </Button>
            )}
          </div>
          <div className="space-y-6 wide:sticky wide:top-4 wide:self-start">
            <QuickTakeAnswer quickTake={quickTake} judged={judged} book={book} />
            <div className="grid gap-5 sm:grid-cols-2">
              <Fields of={quickTakeForm} at={['name', 'plant']} />
              <Field
                of={quickTakeForm}
                at="formatId"
                choices={book.formats.map(({ id, name }) => ({ value: id, label: name }))}
              />
              <Field of={quickTakeForm} at="massKg" />
            </div>
            <Button type="submit" tone="ink" className="min-h-16 w-full text-xl">
              {takesNone ? combWords.saveWhatISawNothing() : combWords.makeTheLot()}
            </Button>
            <ErrorOf name="frames" />
          </div>
        </Columns>
      </FormFrame>
    </>
  );
}
