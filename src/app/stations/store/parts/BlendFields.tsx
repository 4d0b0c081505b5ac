import { type ReactElement } from 'react';
import { selectPreferences, useAppSelector } from '../../../../store';
import { Field } from '../../../entry/Field';
import { Fields } from '../../../entry/Fields';
import { blendEntry } from '../../../forms/store/blendForm';
import { answerFigure, headline } from '../../../words/phrasing';
import { formatQuantity } from '../../../format/units';
import type { StoredLot } from '../../../../model';
import { LongList } from '../../../ui/page/LongList';
import { sharedWords } from '../../../words/english/shared';
import { blendWords } from '../../../words/english/blend';

interface BlendFieldsProps {
  lots: readonly StoredLot[];
  /** lots of which nothing may be poured, and why */
  leftOut: readonly { readonly name: string; readonly because: string }[];
}

/** Which lots, how many tanks of what size, and what the blend is to reach. */
export function BlendFields({ lots, leftOut }: BlendFieldsProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const choices = lots.map(({ file, ruling, vessels }) => {
    const left = vessels.reduce((sum, vessel) => sum + (vessel.leftKg ?? 0), 0);
    const name = file.lot.content.name || file.lot.content.code;
    return {
      value: file.lot.entityId,
      label: `${name}, ${formatQuantity(left, 'mass', preferences)}, ${answerFigure(ruling)} %: ${headline(ruling)}`,
    };
  });
  return (
    <>
      <Field of={blendEntry} at="lotIds" choices={choices} oneColumn />
      {leftOut.length > 0 && (
        <div>
          <h2 className="text-base font-semibold">{blendWords.leftOut()}</h2>
          <LongList
            items={leftOut}
            find={sharedWords.findALot()}
            textsOf={({ name, because }) => [name, because]}
          >
            {(shown) => (
              <ul className="list-disc space-y-1 pl-5 text-base">
                {shown.map(({ name, because }, at) => (
                  <li key={`${at} ${name}`}>
                    {name}: {because}.
                  </li>
                ))}
              </ul>
            )}
          </LongList>
        </div>
      )}
      <Field of={blendEntry} at="aim" />
      <div className="grid gap-5 sm:grid-cols-3">
        <Field of={blendEntry} at="targetPercent" big />
        <Field of={blendEntry} at="tankCount" big />
        <Field of={blendEntry} at="capacityKg" big />
      </div>
      <Field of={blendEntry} at="allowed" oneColumn />
      <div className="grid gap-5 sm:grid-cols-2">
        <Fields of={blendEntry} at={['openingWorthKg', 'name']} />
      </div>
    </>
  );
}
