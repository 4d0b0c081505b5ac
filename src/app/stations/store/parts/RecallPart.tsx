import { FileDown, Printer } from 'lucide-react';
import type { ReactElement } from 'react';
import type { Trace, TraceNode } from '../../../../model';
import { counted } from '../../../format/counted';
import { formatMoment } from '../../../format/dates';
import { usePdfFile } from '../../../pdf/usePdfFile';
import { Button } from '../../../ui/Button';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import type { Recall } from '../recall';
import { JARS_HEAD, jarRows, recallContent } from '../recallContent';

const CANNOT =
  'The recall sheet could not be made; the page itself can still be printed. Reload the page, then try again.';

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
      const footer = `Recall of ${node.name}, printed ${formatMoment(new Date().toISOString())}`;
      const made = await sheetPdf(recallContent(trace, node, recall), footer, fonts);
      return {
        name: `ripenum-recall-${node.name.replaceAll(/[^\p{L}\p{N}]+/gu, '-')}.pdf`,
        ...made,
      };
    });
  };
  return (
    <SheetSection
      id="recall"
      title="Recall sheet"
      aside={
        <div className="flex flex-wrap gap-3 print:hidden">
          <Button onClick={saveSheet} disabled={pdf.busy}>
            <FileDown aria-hidden className="size-5" /> Save as PDF
          </Button>
          <Button onClick={() => window.print()}>
            <Printer aria-hidden className="size-5" /> Print
          </Button>
        </div>
      }
    >
      <p className="text-xl">
        Of {node.name}: <strong className="text-4xl">{given}</strong> jars have left the house,{' '}
        <strong className="text-4xl">{inHouse}</strong> are here, and it is in{' '}
        {counted(containers.length, 'container')}.
      </p>
      {rows.length > 0 && <PlainTable label="Jars to call back" head={JARS_HEAD} rows={rows} />}
      <p className="mt-2 text-base">
        Whether it has to be called back, and whom to tell, is for the authorities where you sell to
        decide.
      </p>
    </SheetSection>
  );
}
