import type { ReactElement } from 'react';
import {
  SOUR_SIGNS,
  WHITE_FEELS,
  WHITE_PLACES,
  whiteStuff,
  type SourSign,
  type WhiteFeel,
  type WhitePlace,
} from '../../../core';
import { Pick, choicesOf } from '../../ui/fields/Pick';
import { PageHead } from '../../ui/page/PageHead';
import { PageLink } from '../../ui/page/PageLink';
import { commonWords } from '../../words/english/common';
import { jarCareWords } from '../../words/english/jarCare';
import {
  SOUR_NAMES,
  WHITE_CAUSES,
  WHITE_FEEL_NAMES,
  WHITE_PLACE_NAMES,
} from '../../words/jarCareNames';

interface WhiteViewProps {
  place: WhitePlace;
  setPlace: (place: WhitePlace) => void;
  feel: WhiteFeel;
  setFeel: (feel: WhiteFeel) => void;
  sour: SourSign;
  setSour: (sour: SourSign) => void;
}

/** Three looks, and what it is. */
export function WhiteView(props: WhiteViewProps): ReactElement {
  const { place, feel, sour } = props;
  const cause = whiteStuff(place, feel, sour);
  const { what, why } = WHITE_CAUSES[cause];
  return (
    <>
      <PageHead
        over={commonWords.store()}
        title={jarCareWords.whiteStuff()}
        lead={jarCareWords.whiteLead()}
      />
      <div className="mt-4 grid max-w-5xl gap-x-10 gap-y-5 wide:grid-cols-2">
        <div className="space-y-4">
          <Pick
            label={jarCareWords.whiteWhere()}
            choices={choicesOf(WHITE_PLACES, WHITE_PLACE_NAMES)}
            value={place}
            onPick={props.setPlace}
            columns={2}
          />
          <Pick
            label={jarCareWords.whiteFeel()}
            choices={choicesOf(WHITE_FEELS, WHITE_FEEL_NAMES)}
            value={feel}
            onPick={props.setFeel}
            columns={3}
          />
          <Pick
            label={jarCareWords.whiteSour()}
            choices={choicesOf(SOUR_SIGNS, SOUR_NAMES)}
            value={sour}
            onPick={props.setSour}
            columns={3}
          />
        </div>
        <div aria-live="polite" className="border-l-8 border-lavender pl-4">
          <p className="text-3xl leading-tight font-bold">{what}</p>
          <p className="mt-2 text-xl">{why}</p>
          {cause === 'fermenting' && (
            <div className="mt-3">
              <PageLink to="store/foam" tone="ink">
                {jarCareWords.noteTheFoam()}
              </PageLink>
            </div>
          )}
          <p className="mt-3 text-base">{jarCareWords.notACrystal()}</p>
        </div>
      </div>
    </>
  );
}
