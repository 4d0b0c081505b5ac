import { useState, type ReactElement } from 'react';
import { type LotFile, type LotHeat } from '../../../../model';
import { recordWarming } from '../settlingActs';
import { selectPreferences, useAppDispatch, useAppSelector } from '../../../../store';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { SheetSection } from '../../../ui/page/SheetSection';
import { Slider } from '../../../ui/fields/Slider';
import { INPUT } from '../../../ui/classes';
import {
  WARMED_VESSELS,
  planOutcome,
  type PlanOutcome,
  type PlanTried,
  type WarmedVessel,
} from '../warmingPlans';
import { settlingWords } from '../../../words/english/settling';

/** Honey that stood in an ordinary room [°C]. */
const START_C = 18;

interface PlanProps {
  name: string;
  plan: PlanTried;
  outcome: PlanOutcome;
  cheaper: boolean;
  /** ling: no viscosity is known for it */
  isGel: boolean;
  onChange: (change: Partial<PlanTried>) => void;
  onKeep: () => void;
}

function PlanColumn(props: PlanProps): ReactElement {
  const { name, plan, outcome, cheaper, isGel, onChange, onKeep } = props;
  const preferences = useAppSelector(selectPreferences);
  const degrees = (celsius: number): string =>
    formatQuantity(celsius, 'temperature', preferences, 0);
  const { alone, after, endC, thinner } = outcome;
  return (
    <section aria-label={name} className="space-y-2 border-l-8 border-lavender pl-4">
      <h3 className="text-xl font-bold">
        {name}
        {cheaper && settlingWords.costsLess()}
      </h3>
      <Slider
        label={settlingWords.cabinetAt()}
        value={plan.cabinetC}
        range={[25, 60]}
        words={degrees(plan.cabinetC)}
        onChange={(cabinetC) => onChange({ cabinetC })}
      />
      <Slider
        label={settlingWords.for()}
        value={plan.days}
        range={[0.5, 10]}
        step={0.5}
        words={settlingWords.daysLong({ days: plan.days })}
        onChange={(days) => onChange({ days })}
      />
      <p className="text-3xl leading-tight font-bold">
        {settlingWords.ofTheDiastaseLeft({ likely: (100 * alone.diastaseLeft.likely).toFixed(1) })}
      </p>
      <p className="text-xl">
        {settlingWords.mgKgOfHmfMore({
          likely: alone.hmfFormed.likely.toFixed(1),
          low: alone.hmfFormed.low.toFixed(1),
          high: alone.hmfFormed.high.toFixed(1),
        })}
      </p>
      <p className="text-base">
        {settlingWords.atTheEndTheHoney({
          endC: degrees(endC),
          part: isGel ? '' : settlingWords.andRunsTimesAsFast({ thinner: thinner.toFixed(0) }),
          number: Math.round(100 * Math.min(9.99, after.spentShare.likely)),
        })}
      </p>
      {plan.cabinetC > 45 && (
        <p className="text-base font-bold">{settlingWords.aboveCQualityGoesWithin()}</p>
      )}
      <Button onClick={onKeep}>
        {settlingWords.doThisRecordIt()}
        <span className="sr-only"> ({name})</span>
      </Button>
    </section>
  );
}

interface WarmingSectionProps {
  file: LotFile;
  heat: LotHeat;
  moisturePercent: number;
}

/** Two ways to warm or liquefy, side by side by what they cost and what they bring. */
export function WarmingSection(props: WarmingSectionProps): ReactElement {
  const { file, heat, moisturePercent } = props;
  const dispatch = useAppDispatch();
  const isGel = file.lot.content.honeyKind === 'heather';
  const [vessel, setVessel] = useState<WarmedVessel>('pail');
  const [occasion, setOccasion] = useState<'warming' | 'liquefying'>('liquefying');
  const [plans, setPlans] = useState<readonly [PlanTried, PlanTried]>([
    { cabinetC: 40, days: 2 },
    { cabinetC: 35, days: 4 },
  ]);
  const common = { vessel, startC: START_C, moisturePercent };
  const [one, two] = plans.map((plan) => planOutcome(plan, common, heat)) as [
    PlanOutcome,
    PlanOutcome,
  ];
  const cost = ({ alone }: PlanOutcome): number => alone.spentShare.likely;
  const change = (at: 0 | 1) => (more: Partial<PlanTried>) =>
    setPlans(([a, b]) => (at === 0 ? [{ ...a, ...more }, b] : [a, { ...b, ...more }]));
  const keep = (outcome: PlanOutcome, plan: PlanTried) => (): void =>
    void dispatch(recordWarming({ plan, outcome, vessel, occasion }, file.lot.entityId));
  return (
    <SheetSection id="warming" title={settlingWords.twoWaysToWarm()}>
      <div className="mb-4 grid gap-4 sm:grid-cols-2">
        <label className="text-base font-semibold">
          {settlingWords.whatIsWarmed()}
          <select
            className={INPUT}
            value={vessel}
            onChange={(event) => setVessel(event.target.value as WarmedVessel)}
          >
            {Object.entries(WARMED_VESSELS).map(([value, { name }]) => (
              <option key={value} value={value}>
                {name()}
              </option>
            ))}
          </select>
        </label>
        <label className="text-base font-semibold">
          {settlingWords.whatFor()}
          <select
            className={INPUT}
            value={occasion}
            onChange={(event) => setOccasion(event.target.value as 'warming' | 'liquefying')}
          >
            <option value="liquefying">{settlingWords.toLiquefyIt()}</option>
            <option value="warming">{settlingWords.toMakeItRun()}</option>
          </select>
        </label>
      </div>
      <div className="space-y-6">
        <PlanColumn
          name={settlingWords.firstWay()}
          plan={plans[0]}
          outcome={one}
          isGel={isGel}
          cheaper={cost(one) < cost(two)}
          onChange={change(0)}
          onKeep={keep(one, plans[0])}
        />
        <PlanColumn
          name={settlingWords.secondWay()}
          plan={plans[1]}
          outcome={two}
          isGel={isGel}
          cheaper={cost(two) < cost(one)}
          onChange={change(1)}
          onKeep={keep(two, plans[1])}
        />
      </div>
      <p className="mt-4 text-base">{settlingWords.honeyFollowsTheCabinetSlowly()}</p>
    </SheetSection>
  );
}
