import { useMemo, type ReactElement } from 'react';
import { kitNeeds, spunKgPerFrame, type KitItem } from '../../../core';
import { lineOf, type HoneyHouse } from '../../../model';
import { entryRevision } from '../../../records';
import {
  perform,
  selectPreferences,
  useAppDispatch,
  useAppSelector,
  type ActOptions,
} from '../../../store';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import { kitEntry, type KitForm } from '../../forms/line/kitForm';
import { useDraftForm } from '../../forms/useDraftForm';
import { KIT_NAMES } from '../../words/strainWords';
import { FormFrame } from '../../ui/forms/FormFrame';
import { PageLink } from '../../ui/page/PageLink';
import { StockField } from './parts/StockField';
import { useHoneyHouse } from '../../data/useWorkspaceModel';
import { commonWords } from '../../words/english/common';
import { lineWords } from '../../words/english/line';

/** Honey that days still to come are planned for [kg]. */
function plannedKg({ days }: HoneyHouse): number {
  return days
    .filter((day) => day.extraction.content.doneAt === null)
    .reduce((sum, { extraction }) => {
      const line = lineOf(extraction.content, null);
      return sum + line.frames * spunKgPerFrame(line);
    }, 0);
}

function KitView({ house }: { house: HoneyHouse }): ReactElement {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const defaults = useMemo(() => {
    const honeyKg = plannedKg(house) || 100;
    const pailKg = house.days[0]?.extraction.content.pail.kg ?? 12.5;
    const usual = { honeyKg, plusMinusKg: 0.3 * honeyKg, pailKg, jarKg: 0.5, jarredShare: 0.6 };
    return kitEntry.fill(usual, preferences);
  }, [house, preferences]);
  const { parsed, frame } = useDraftForm({
    formKey: 'kit-list',
    defaults,
    parse: (typed: KitForm) => kitEntry.read(typed, preferences),
  });
  const needs = parsed.ok
    ? kitNeeds({
        honey: {
          massKg: parsed.content.honeyKg,
          standardUncertaintyKg: parsed.content.plusMinusKg / 2,
        },
        pailKg: parsed.content.pailKg,
        jarKg: parsed.content.jarKg,
        jarredShare: parsed.content.jarredShare,
      })
    : null;
  const keep = async (item: KitItem, have: number, options: ActOptions): Promise<boolean> => {
    const former = house.stock.get(item) ?? null;
    const done = await dispatch(
      perform(
        lineWords.counted({ name: KIT_NAMES[item].name.toLowerCase() }),
        (scribe) => [entryRevision(scribe, { kind: 'stock', former }, { item, have, remark: '' })],
        options,
      ),
    );
    return done.ok;
  };
  return (
    <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-[minmax(0,1fr)_minmax(0,1.8fr)]">
      <FormFrame {...frame} onSubmit={() => undefined} label={lineWords.honeyExpected()}>
        <div className="space-y-5">
          <Field of={kitEntry} at="honeyKg" big />
          <Fields of={kitEntry} at={['plusMinusKg', 'pailKg', 'jarKg', 'jarredShare']} />
        </div>
      </FormFrame>
      {needs ? (
        <ul
          aria-label={commonWords.settings()}
          className="divide-y divide-thread border-y-2 border-ink"
        >
          {needs.map((need) => (
            <StockField
              key={need.item}
              need={need}
              have={house.stock.get(need.item)?.content.have ?? null}
              onKeep={(have, options) => keep(need.item, have, options)}
            />
          ))}
        </ul>
      ) : (
        <p className="text-xl">{lineWords.correctWhatIsMarkedAnd()}</p>
      )}
    </div>
  );
}

/** What to order weeks ahead, from the honey expected, less what is there. */
export function KitListScreen(): ReactElement {
  const house = useHoneyHouse();
  return (
    <>
      <header className="flex flex-wrap items-end justify-between gap-3 pt-5">
        <h1 className="text-4xl font-bold">{lineWords.kitToOrder()}</h1>
        <PageLink to="strain">{lineWords.strainSettle()}</PageLink>
      </header>
      <KitView house={house} />
    </>
  );
}
