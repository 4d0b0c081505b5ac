import type { ReactElement } from 'react';
import { formatDay } from '../../format/dates';
import { PrintButton } from '../../ui/page/PrintButton';
import { PageHead } from '../../ui/page/PageHead';
import { TankList } from './parts/TankList';
import type { usePouringController } from './usePouringController';
import { storeWords } from '../../words/english/store';

/** The pouring list of a blend, to tick off; each tank becomes a lot that knows its parents. */
export function PouringView(
  props: NonNullable<ReturnType<typeof usePouringController>>,
): ReactElement {
  const { blend, tanks, makeLot } = props;
  return (
    <>
      <PageHead
        over={storeWords.storePouringList()}
        title={blend.content.name}
        lead={storeWords.targetWithGuardBand({
          day: formatDay(blend.content.day),
          targetPercent: blend.content.targetPercent.toFixed(1),
        })}
      >
        <PrintButton />
      </PageHead>
      <div className="mt-5 space-y-8">
        {tanks.map((tank) => (
          <TankList
            key={tank.at}
            blend={blend}
            tank={tank}
            onMake={(next) => void makeLot(tank, next)}
          />
        ))}
      </div>
      <p className="mt-6 text-base">{storeWords.stirEachTankWellBefore()}</p>
    </>
  );
}
