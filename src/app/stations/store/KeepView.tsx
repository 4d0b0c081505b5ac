import type { ReactElement } from 'react';
import { KEPT_AS } from '../../../core';
import { LotHead } from '../../lot/LotHead';
import { SheetSection } from '../../ui/page/SheetSection';
import { KEPT_NAMES } from '../../words/storeWords';
import { CreamingSection } from './parts/CreamingSection';
import { KeepAnswer } from './parts/KeepAnswer';
import { KeepBasis } from './parts/KeepBasis';
import { KeepingChart } from './parts/KeepingChart';
import { PickRow } from './parts/PickRow';
import { PlacesCompared } from './parts/PlacesCompared';
import type { useKeepController } from './useKeepController';
import { storeWords } from '../../words/english/store';

/** How a lot keeps: risk of fermentation over two years of storage, by place and state. */
export function KeepView(props: ReturnType<typeof useKeepController>): ReactElement {
  const { file, nowMs, basis, places, forecast, limitPercent } = props;
  return (
    <>
      <LotHead file={file} at="store" />
      <div className="mt-5 space-y-8">
        <KeepAnswer forecast={forecast} nowMs={nowMs} />
        <div className="flex flex-wrap gap-x-10 gap-y-4">
          <PickRow
            label={storeWords.keptIn()}
            value={props.place}
            options={places.map(({ id, name }) => ({ value: id, label: name }))}
            onPick={props.setPlace}
          />
          <PickRow
            label={storeWords.kept()}
            value={props.keptAs}
            options={KEPT_AS.map((value) => ({ value, label: KEPT_NAMES[value] }))}
            onPick={props.setKeptAs}
          />
        </div>
        <KeepingChart forecast={forecast} limitPercent={limitPercent} nowMs={nowMs} />
        <SheetSection id="compare" title={storeWords.placesCompared()}>
          <PlacesCompared file={file} basis={basis} places={places} nowMs={nowMs} />
        </SheetSection>
        {!props.blocked && (
          <CreamingSection
            lotId={file.lot.entityId}
            basis={basis}
            leftKg={props.leftKg}
            creamed={props.creamed}
          />
        )}
        <KeepBasis basis={basis} />
      </div>
    </>
  );
}
