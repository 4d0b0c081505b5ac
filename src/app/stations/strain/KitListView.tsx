import type { ReactElement } from 'react';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import { kitEntry } from '../../forms/line/kitForm';
import { FormFrame } from '../../ui/forms/FormFrame';
import { Columns } from '../../ui/page/Columns';
import { PageHead } from '../../ui/page/PageHead';
import { PageLink } from '../../ui/page/PageLink';
import { StockField } from './parts/StockField';
import type { useKitListController } from './useKitListController';
import { commonWords } from '../../words/english/common';
import { lineWords } from '../../words/english/line';

/** What to order weeks ahead, from the honey expected, less what is there. */
export function KitListView(props: ReturnType<typeof useKitListController>): ReactElement {
  const { stock, frame, list, today, count } = props;
  return (
    <>
      <PageHead title={lineWords.kitToOrder()}>
        <PageLink to="strain">{commonWords.extraction()}</PageLink>
      </PageHead>
      <Columns share="main-last">
        <FormFrame {...frame} onSubmit={() => undefined} label={lineWords.honeyExpected()}>
          <div className="space-y-5">
            <Field of={kitEntry} at="honeyKg" big />
            <Fields
              of={kitEntry}
              at={['plusMinusKg', 'pailKg', 'jarKg', 'jarredShare', 'neededDay', 'hours']}
            />
          </div>
        </FormFrame>
        {list ? (
          <div>
            <ul
              aria-label={lineWords.kitToOrder()}
              className="divide-y divide-thread border-y-2 border-ink"
            >
              {list.needs.map((need) => (
                <StockField
                  key={need.item}
                  need={need}
                  today={today}
                  have={stock.get(need.item)?.content.have ?? null}
                  onKeep={(have, options) => count(need.item, have, options)}
                />
              ))}
            </ul>
            <p className="mt-3 text-lg">{lineWords.anExtractorFor({ frames: list.basket })}</p>
          </div>
        ) : (
          <p className="text-xl">{lineWords.correctWhatIsMarkedAnd()}</p>
        )}
      </Columns>
    </>
  );
}
