import { PageHead } from '../../ui/page/PageHead';
import type { ReactElement } from 'react';
import {
  BUDGET_DEFAULTS,
  COMPUTED_RANGE_PERCENT,
  FERMENTATION_CLASSES,
  HONEY_INDEX_PER_C,
  REFERENCE_TEMPERATURE_C,
  RULES,
  RULES_VERSION,
  LAYER_HALF_WIDTH,
  METHOD_TERMS,
  SPREAD_PRIORS,
  TABLE_RANGE_PERCENT,
  WEDMORE,
} from '../../../core';
import { useOfferedRuleSets } from '../../data/useRuleSets';
import { Read } from '../../data/Read';
import { FailedPart } from '../../ui/page/FailedPage';
import { PlainTable } from '../../ui/PlainTable';
import { BenchQuality, BenchWork } from './BenchChapters';
import { Chapter } from './Chapter';
import { Contents } from './Contents';
import { FirstPage } from './FirstPage';
import { Expectation, JudgingComb } from './CombChapters';
import { WarmRoomChapter } from './RoomChapter';
import { StoreChapters } from './StoreChapter';
import { StrainChapters } from './StrainChapter';
import { commonWords } from '../../words/english/common';
import { handbookWords } from '../../words/english/handbook';
import { sourceWords, tell } from '../../words/tell';
import { limitsWords } from '../../words/english/limits';
import { ruleSetNote } from '../../words/limitNotes';

const NEED_NAMES: Readonly<Record<(typeof RULES)[number]['needs'][number], string>> = {
  comb: handbookWords.needComb(),
  reading: handbookWords.needReading(),
  vessel: handbookWords.needVessel(),
  storage: handbookWords.needStorage(),
  signs: handbookWords.needSigns(),
  lot: handbookWords.needLot(),
  circumstances: handbookWords.needCircumstances(),
};

function Moisture(): ReactElement {
  const { calibration, relation, thermometerHalfWidthC, unnotedHalfWidthC } = BUDGET_DEFAULTS;
  return (
    <Chapter id="moisture" title={handbookWords.fromDialToMoisture()}>
      <p>
        {handbookWords.everyDialIsARefractive({
          referenceTemperatureC: REFERENCE_TEMPERATURE_C,
          honeyIndexPerC: HONEY_INDEX_PER_C,
          a: WEDMORE.a,
          b: WEDMORE.b,
          tableRangePercent: TABLE_RANGE_PERCENT[0],
          tableRangePercent2: TABLE_RANGE_PERCENT[1],
          computedRangePercent: COMPUTED_RANGE_PERCENT[0],
          computedRangePercent2: COMPUTED_RANGE_PERCENT[1],
        })}
      </p>
      <p>{handbookWords.theMeasurandIsMoistureBy()}</p>
      <PlainTable
        label={handbookWords.partsOfTheUncertainty()}
        head={[
          handbookWords.partOfThe(),
          handbookWords.standardUncertainty(),
          handbookWords.whereItComesFrom(),
        ]}
        rows={[
          [
            handbookWords.divisionOfTheDial(),
            handbookWords.oneDivision(),
            handbookWords.gumRecalledFromMemory(),
          ],
          [
            commonWords.temperature(),
            handbookWords.cCWhereNotNoted({ thermometerHalfWidthC, unnotedHalfWidthC }),
            handbookWords.commonPracticeNoSource(),
          ],
          [
            handbookWords.zeroOfTheMeter(),
            handbookWords.fromItsLastCheckAnd({
              checked: calibration.checked,
              unchecked: calibration.unchecked,
            }),
            handbookWords.commonPracticeNoSource(),
          ],
          [
            handbookWords.theRelationItself(),
            `${relation} %`,
            handbookWords.aoacRecalledFromMemory(),
          ],
          [
            handbookWords.theMethodBetweenLaboratories(),
            handbookWords.forBlossomHoneyForHoneydew({
              blossom: METHOD_TERMS.blossom,
              honeydew: METHOD_TERMS.honeydew,
            }),
            handbookWords.notVerified(),
          ],
          [
            handbookWords.reader(),
            handbookWords.nPooledWithOwnReplicates({
              standardDeviation: SPREAD_PRIORS.repeatability.standardDeviation,
            }),
            handbookWords.commonPracticeNoSource(),
          ],
          [
            handbookWords.fromSpotToSpot(),
            handbookWords.stirredForOneSpotOf({
              standardDeviation: SPREAD_PRIORS.spot.standardDeviation,
              unstirred: LAYER_HALF_WIDTH.unstirred,
              notSaid: LAYER_HALF_WIDTH.notSaid,
            }),
            handbookWords.commonPracticeNoSource(),
          ],
          [
            handbookWords.untestedVessels(),
            handbookWords.pooledWithYourOwnLots({
              standardDeviation: SPREAD_PRIORS.betweenVessels.standardDeviation,
            }),
            handbookWords.commonPracticeNoSource(),
          ],
        ]}
      />
      <p>{handbookWords.mostOfTheseAreGuesses()}</p>
      <p>{handbookWords.youSeeTheAnswerAfter()}</p>
    </Chapter>
  );
}

function Limits(): ReactElement {
  const ruleSets = useOfferedRuleSets();
  return (
    <Chapter id="limits" title={handbookWords.limits()}>
      <p>
        {handbookWords.heatherMeansLingCallunaOnly({
          localLawDecides: limitsWords.localLawDecides(),
        })}
      </p>
      <PlainTable
        label={handbookWords.ruleSets()}
        head={[
          handbookWords.ruleSet(),
          handbookWords.edition(),
          handbookWords.limit(),
          handbookWords.heather(),
          commonWords.note(),
        ]}
        rows={ruleSets.map((ruleSet) => [
          ruleSet.name,
          ruleSet.edition,
          `${ruleSet.moistureLimitPercent.ordinary.toFixed(1)} %`,
          `${ruleSet.moistureLimitPercent.heather.toFixed(1)} %`,
          [ruleSet.status === 'own' ? handbookWords.enteredByYou() : '', ruleSetNote(ruleSet)]
            .filter(Boolean)
            .join('; '),
        ])}
      />
      <p>{handbookWords.aLimitIsMetWhen()}</p>
    </Chapter>
  );
}

function Fermentation(): ReactElement {
  return (
    <Chapter id="fermentation" title={handbookWords.fermentation()}>
      <p>{handbookWords.classesAfterLochheadRecalledFrom()}</p>
      <PlainTable
        label={handbookWords.fermentationClasses()}
        head={[handbookWords.waterUpTo(), handbookWords.safeForAboutAYear()]}
        rows={FERMENTATION_CLASSES.map((fermentationClass) => [
          fermentationClass.upToPercent === Infinity
            ? handbookWords.above()
            : `${fermentationClass.upToPercent} %`,
          fermentationClass.safeBelowYeastPerG === 0
            ? handbookWords.never()
            : fermentationClass.safeBelowYeastPerG === Infinity
              ? handbookWords.whateverTheYeastCount()
              : handbookWords.underCellsPerGram({
                  safeBelowYeastPerG: fermentationClass.safeBelowYeastPerG,
                }),
        ])}
      />
    </Chapter>
  );
}

/** How the numbers are made: relations, limits and rules, straight from the core. */
export function HandbookScreen(): ReactElement {
  return (
    <>
      <PageHead title={handbookWords.handbook()} lead={handbookWords.howTheNumbersAreMade()} />
      <Contents />
      <FirstPage />
      <Moisture />
      <BenchWork />
      <JudgingComb />
      <Expectation />
      <WarmRoomChapter />
      <StrainChapters />
      <Read failed={(_error, again) => <FailedPart again={again} />}>
        <Limits />
      </Read>
      <Fermentation />
      <BenchQuality />
      <StoreChapters />
      <Chapter id="rules" title={handbookWords.rulesVersion({ rulesVersion: RULES_VERSION })}>
        <p>{handbookWords.theMostSevereFindingDecidesNone()}</p>
        <PlainTable
          label={handbookWords.rules()}
          head={[handbookWords.rule(), handbookWords.source(), handbookWords.looksAt()]}
          rows={RULES.map((rule) => [
            tell(rule.title),
            sourceWords(rule.source),
            rule.needs.map((need) => NEED_NAMES[need]).join(', ') || commonWords.all(),
          ])}
        />
      </Chapter>
      <Chapter id="cautions" title={handbookWords.cautions()}>
        <ul className="list-disc space-y-1 pl-6">
          <li>{handbookWords.noHoneyForInfantsUnder()}</li>
          <li>{handbookWords.fermentingHoneyBuildsPressureNever()}</li>
          <li>{handbookWords.aFullBoxCanWeigh()}</li>
          <li>{handbookWords.treatmentsTheProductLabelAnd()}</li>
          <li>{handbookWords.toxicNectarKnowThePlants()}</li>
        </ul>
      </Chapter>
    </>
  );
}
