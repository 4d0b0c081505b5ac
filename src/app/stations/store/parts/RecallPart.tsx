import { Printer } from 'lucide-react';
import type { ReactElement } from 'react';
import { counted } from '../../../format/counted';
import { formatDay } from '../../../format/dates';
import { Button } from '../../../ui/Button';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/SheetSection';
import type { Recall } from '../recall';

/** Every jar that came of something, with who has it: to print and to work through. */
export function RecallPart({ recall, of }: { recall: Recall; of: string }): ReactElement {
  const { jars, containers, given, inHouse } = recall;
  const rows = jars.flatMap(({ stock, lotCode, receivers }) => [
    ...receivers.map((one) => [
      stock.packing.content.code,
      lotCode,
      String(one.count),
      one.numbers,
      one.to,
      formatDay(one.day),
    ]),
    [stock.packing.content.code, lotCode, String(stock.left), '', 'in the house', ''],
  ]);
  return (
    <SheetSection
      id="recall"
      title="Recall sheet"
      aside={
        <Button onClick={() => window.print()} className="print:hidden">
          <Printer aria-hidden className="size-5" /> Print it
        </Button>
      }
    >
      <p className="text-xl">
        Of {of}: <strong className="text-4xl">{given}</strong> jars have left the house,{' '}
        <strong className="text-4xl">{inHouse}</strong> are here, and it is in{' '}
        {counted(containers.length, 'container')}.
      </p>
      {rows.length > 0 && (
        <PlainTable
          label="Jars to call back"
          head={['Jar code', 'Lot', 'Jars', 'Numbers', 'Who has them', 'Since']}
          rows={rows}
        />
      )}
      <p className="mt-2 text-base">
        Whether it has to be called back, and whom to tell, is for the authorities where you sell to
        decide.
      </p>
    </SheetSection>
  );
}
