import { useMemo, type ReactElement } from 'react';
import { kitNeeds, spunKgPerFrame, type KitItem } from '../../../core';
import { entryRevision, lineOf, z, type HoneyHouse, type Preferences } from '../../../records';
import {
  perform,
  selectPreferences,
  useAppDispatch,
  useAppSelector,
  type ActOptions,
} from '../../../store';
import { useHoneyHouse } from '../../data/useHoneyHouse';
import { FormReader, type Parsed } from '../../forms/parsed';
import { useDraftForm } from '../../forms/useDraftForm';
import { decimalText } from '../../format/decimal';
import { KIT_NAMES } from '../../format/strainWords';
import { unitOf } from '../../format/units';
import { FormFrame } from '../../ui/FormFrame';
import { PageLink } from '../../ui/PageLink';
import { TextField } from '../../ui/TextField';
import { Waiting } from '../../ui/Waiting';
import { StockField } from './parts/StockField';

interface KitForm {
  honey: string;
  plusMinus: string;
  pail: string;
  jar: string;
  jarred: string;
}

const RANGES = z.object({
  honeyKg: z.number().min(0, 'Type the honey expected.').max(1e6, 'That is more than any harvest.'),
  plusMinusKg: z.number().min(0, 'A ± is 0 or more.').max(1e6, 'A ± is below the honey itself.'),
  pailKg: z
    .number()
    .min(0.5, 'A pail holds 0.5 to 2,000 kg.')
    .max(2000, 'A pail holds 0.5 to 2,000 kg.'),
  jarKg: z.number().min(0.01, 'A jar holds 10 g to 20 kg.').max(20, 'A jar holds 10 g to 20 kg.'),
  jarredShare: z.number().min(0, 'Between 0 and 100 %.').max(1, 'Between 0 and 100 %.'),
});

function readKitForm(form: KitForm, preferences: Preferences): Parsed<z.infer<typeof RANGES>> {
  const reader = new FormReader(preferences);
  const candidate = {
    honeyKg: reader.quantity('honey', form.honey, 'mass'),
    plusMinusKg: reader.plusMinus('plusMinus', form.plusMinus, 'mass'),
    pailKg: reader.quantity('pail', form.pail, 'mass'),
    jarKg: reader.number('jar', form.jar) / 1000,
    jarredShare: reader.number('jarred', form.jarred) / 100,
  };
  const fields: Readonly<Record<string, string>> = {
    honeyKg: 'honey',
    plusMinusKg: 'plusMinus',
    pailKg: 'pail',
    jarKg: 'jar',
    jarredShare: 'jarred',
  };
  return reader.finish(RANGES, candidate, (path) => fields[path] ?? path);
}

/** Honey that days still to come are planned for [kg]. */
function plannedKg({ days }: HoneyHouse): number {
  return days
    .filter((one) => one.extraction.content.doneAt === null)
    .reduce((sum, { extraction }) => {
      const line = lineOf(extraction.content, null);
      return sum + line.frames * spunKgPerFrame(line);
    }, 0);
}

function KitView({ house }: { house: HoneyHouse }): ReactElement {
  const dispatch = useAppDispatch();
  const preferences = useAppSelector(selectPreferences);
  const mass = unitOf('mass', preferences);
  const defaults = useMemo((): KitForm => {
    const kg = plannedKg(house) || 100;
    const text = (value: number): string => decimalText(mass.fromBase(value), 1);
    const pail = house.days[0]?.extraction.content.pail.kg ?? 12.5;
    return {
      honey: text(kg),
      plusMinus: text(0.3 * kg),
      pail: text(pail),
      jar: '500',
      jarred: '60',
    };
  }, [house, mass]);
  const { form, parsed, restored, start } = useDraftForm({
    formKey: 'kit-list',
    defaults,
    parse: (typed: KitForm) => readKitForm(typed, preferences),
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
        `Counted ${KIT_NAMES[item].name.toLowerCase()}`,
        (scribe) => [entryRevision(scribe, { kind: 'stock', former }, { item, have, remark: '' })],
        options,
      ),
    );
    return done.ok;
  };
  return (
    <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-8 wide:grid-cols-[minmax(0,1fr)_minmax(0,1.8fr)]">
      <FormFrame
        form={form}
        restored={restored}
        onDiscard={() => start(defaults)}
        live={parsed.ok ? {} : parsed.errors}
        onSubmit={() => undefined}
        label="Honey expected"
      >
        <div className="space-y-5">
          <TextField name="honey" label="Honey expected" unit={mass.name} inputMode="decimal" big />
          <TextField
            name="plusMinus"
            label="Give or take"
            unit={mass.name}
            inputMode="decimal"
            hint="Weeks ahead a third is little"
          />
          <TextField name="pail" label="A pail holds" unit={mass.name} inputMode="decimal" />
          <TextField name="jar" label="A jar holds" unit="g" inputMode="decimal" />
          <TextField name="jarred" label="Goes into jars soon" unit="%" inputMode="decimal" />
        </div>
      </FormFrame>
      {needs ? (
        <ul aria-label="Kit" className="divide-y divide-thread border-y-2 border-ink">
          {needs.map((one) => (
            <StockField
              key={one.item}
              need={one}
              have={house.stock.get(one.item)?.content.have ?? null}
              onKeep={(have, options) => keep(one.item, have, options)}
            />
          ))}
        </ul>
      ) : (
        <p className="text-xl">Put right what is marked, and the list stands here.</p>
      )}
    </div>
  );
}

/** What to order weeks ahead, from the honey expected, less what is there. */
export function KitListScreen(): ReactElement {
  const house = useHoneyHouse();
  if (!house) return <Waiting />;
  return (
    <>
      <header className="flex flex-wrap items-end justify-between gap-3 pt-5">
        <h1 className="text-4xl font-bold">Kit to order</h1>
        <PageLink to="strain">Strain &amp; settle</PageLink>
      </header>
      <KitView house={house} />
    </>
  );
}
