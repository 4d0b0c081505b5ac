import { clockNow } from '../../../../store/clock';
import { FileDown } from 'lucide-react';
import type { ReactElement } from 'react';
import type { Trace, TraceNode } from '../../../../model';
import { formatMoment } from '../../../format/dates';
import { usePdfFile } from '../../../pdf/usePdfFile';
import { Button } from '../../../ui/Button';
import { PlainTable } from '../../../ui/PlainTable';
import { PrintButton } from '../../../ui/page/PrintButton';
import { SheetSection } from '../../../ui/page/SheetSection';
import type { Recall } from '../recall';
import { JARS_HEAD, jarRows, recallContent } from '../recallContent';
import { storeWords } from '../../../words/english/store';
import { nodeName } from '../../../words/traceWords';

const CANNOT = storeWords.theRecallSheetCouldNot();

interface RecallPartProps {
  trace: Trace;
  node: TraceNode;
  recall: Recall;
}

/** Every jar that came of something, with who has it: to print and to work through. */
export function RecallPart({ trace, node, recall }: RecallPartProps): ReactElement {
  const { containers, given, inHouse } = recall;
  const rows = jarRows(recall);
  const pdf = usePdfFile(CANNOT);
  const saveSheet = (): void => {
    void pdf.save(async (fonts) => {
      const { sheetPdf } = await import('../../../pdf/sheetPdf');
      const footer = storeWords.recallOfPrinted({
        name: nodeName(node),
        value: formatMoment(clockNow().toISOString()),
      });
      const made = await sheetPdf(recallContent(trace, node, recall), footer, fonts);
      return {
        name: `ripenum-recall-${nodeName(node).replaceAll(/[^\p{L}\p{N}]+/gu, '-')}.pdf`,
        ...made,
      };
    });
  };
  return (
    <SheetSection
      id="recall"
      title={storeWords.recallSheet()}
      aside={
        <div className="flex flex-wrap gap-3 print:hidden">
          <Button onClick={saveSheet} disabled={pdf.busy}>
            <FileDown aria-hidden className="size-5" /> {storeWords.saveAsPdf()}
          </Button>
          <PrintButton />
        </div>
      }
    >
      <p className="text-xl">
        {storeWords.ofNameHeading({ name: nodeName(node) })}{' '}
        <strong className="text-4xl">{given}</strong> {storeWords.jarsSoldOrGivenAway2()}{' '}
        <strong className="text-4xl">{inHouse}</strong>{' '}
        {storeWords.areHereAndItIs({ containers: containers.length })}
      </p>
      {rows.length > 0 && (
        <PlainTable label={storeWords.jarsToCallBack()} head={JARS_HEAD} rows={rows} />
      )}
      <p className="mt-2 text-base">{storeWords.theAuthoritiesWhereYouSellDecide()}</p>
    </SheetSection>
  );
}
