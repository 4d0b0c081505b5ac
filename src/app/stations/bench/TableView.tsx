import type { useTableController } from './useTableController';
import { type ReactElement } from 'react';
import { Button } from '../../ui/Button';
import { FormFrame } from '../../ui/forms/FormFrame';
import { SheetSection } from '../../ui/page/SheetSection';
import { BenchHeader } from './parts/BenchHeader';
import { BulkGrid } from './parts/BulkGrid';
import { CommonFields } from './parts/CommonFields';
import { PastePart } from './parts/PastePart';
import { benchWords } from '../../words/english/bench';

/** Many readings of one lot at once: typed row by row, pasted, or from a file. */
export function TableView(props: ReturnType<typeof useTableController>): ReactElement {
  const { file, vessels, frame, contextFor, filled, keepRows, keepAll, paste } = props;
  return (
    <>
      <BenchHeader file={file} at={1} />
      <FormFrame {...frame} onSubmit={keepRows} label={benchWords.manyReadings()}>
        <div className="mt-4 space-y-8">
          <CommonFields />
          <SheetSection
            id="grid"
            title={benchWords.oneByOne()}
            aside={
              <Button type="submit" tone="ink" className="min-h-14" disabled={filled === 0}>
                {benchWords.saveReadings({ filled })}
              </Button>
            }
          >
            <BulkGrid vessels={vessels} file={file} contextFor={contextFor} onPasteTable={paste} />
          </SheetSection>
          <PastePart vessels={vessels} contextFor={contextFor} onPaste={paste} onKeep={keepAll} />
        </div>
      </FormFrame>
    </>
  );
}
