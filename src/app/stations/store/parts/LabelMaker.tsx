import { FileDown } from 'lucide-react';
import type { ReactElement } from 'react';
import { labelsOnSheet } from '../../../pdf/labelSheets';
import { Button } from '../../../ui/Button';
import { FormFrame } from '../../../ui/forms/FormFrame';
import { Columns } from '../../../ui/page/Columns';
import { useLabelForm, type LabelTask } from '../useLabelForm';
import { LabelFields } from './LabelFields';
import { LabelPreview } from './LabelPreview';
import { jarsWords } from '../../../words/english/jars';

/** The label of a run of jars, as it is typed and as it will be printed. */
export function LabelMaker(task: LabelTask): ReactElement {
  const { frame, busy, print, label } = useLabelForm(task);
  const { content } = task.packing;
  return (
    <Columns>
      <FormFrame {...frame} onSubmit={print} label={jarsWords.theLabel()}>
        <div className="space-y-5">
          <LabelFields />
          <Button type="submit" tone="ink" className="min-h-14 text-lg" disabled={busy}>
            <FileDown aria-hidden className="size-5" />{' '}
            {jarsWords.saveLabelsAsPdf({ count: content.count })}
          </Button>
        </div>
      </FormFrame>
      <div className="space-y-4">
        {label && (
          <>
            <LabelPreview design={label} lot={task.file.lot.content} packing={content} />
            <p className="text-lg">
              {jarsWords.labelsOnSheets({
                count: content.count,
                count2: Math.ceil(content.count / labelsOnSheet(label.sheet)),
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
