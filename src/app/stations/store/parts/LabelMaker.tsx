import { FileDown } from 'lucide-react';
import type { ReactElement } from 'react';
import { labelsOnSheet } from '../../../pdf/labelSheets';
import { Button } from '../../../ui/Button';
import { FormFrame } from '../../../ui/forms/FormFrame';
import { Columns } from '../../../ui/page/Columns';
import { useLabelForm, type LabelTask } from '../useLabelForm';
import { LabelFields } from './LabelFields';
import { LabelPreview } from './LabelPreview';
import { Field } from '../../../entry/Field';
import { labelStartEntry } from '../../../forms/store/labelForm';
import { FoldSummary } from '../../../ui/page/FoldSummary';
import { ProgressBar } from '../../../ui/page/ProgressBar';
import { commonWords } from '../../../words/english/common';
import { jarsWords } from '../../../words/english/jars';

/** The label of a run of jars, as it is typed and as it will be printed. */
export function LabelMaker(task: LabelTask): ReactElement {
  const { frame, progress, stopDrawing, print, run } = useLabelForm(task);
  const { content } = task.packing;
  const count = content.count - (run?.fromJar ?? 1) + 1;
  return (
    <Columns>
      <FormFrame {...frame} onSubmit={print} label={jarsWords.theLabel()}>
        <div className="space-y-5">
          <LabelFields />
          <details>
            <FoldSummary>{jarsWords.whereToBegin()}</FoldSummary>
            <div className="mt-3 grid gap-5 sm:grid-cols-2">
              <Field of={labelStartEntry} under="start" at="fromJar" />
              <Field of={labelStartEntry} under="start" at="firstPlace" />
            </div>
          </details>
          <Button
            type="submit"
            tone="ink"
            className="min-h-14 text-lg"
            disabled={progress !== null}
          >
            <FileDown aria-hidden className="size-5" /> {jarsWords.saveLabelsAsPdf({ count })}
          </Button>
          {progress !== null && (
            <div className="flex min-h-11 flex-wrap items-center gap-4">
              <ProgressBar doing={jarsWords.drawingLabels()} share={progress} />
              <p role="status">{jarsWords.drawingLabels()} …</p>
              <Button onClick={stopDrawing}>{commonWords.stop()}</Button>
            </div>
          )}
        </div>
      </FormFrame>
      <div className="space-y-4">
        {run && (
          <>
            <LabelPreview design={run.design} lot={task.file.lot.content} packing={content} />
            <p className="text-lg">
              {jarsWords.labelsOnSheets({
                count,
                count2: Math.ceil((count + run.firstPlace - 1) / labelsOnSheet(run.design.sheet)),
              })}
            </p>
          </>
        )}
        <ul className="list-disc space-y-1 pl-5 text-base">
          <li>{jarsWords.printAtFullSizeWithout()}</li>
          <li>{jarsWords.whatALabelMustSay()}</li>
          <li>{jarsWords.aFlowersNameNeedsPollen()}</li>
        </ul>
      </div>
    </Columns>
  );
}
