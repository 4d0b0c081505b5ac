import { RULES_VERSION, isAccepted, isMeasured } from '../../../../core';
import { isRulingOutdated, localDayOf } from '../../../../model';
import { dayAfterMonths, formatDay, formatMoment } from '../../../format/dates';
import { OUTCOME_NAMES } from '../../../format/moisture';
import { WAY_NAMES } from '../../../words/storeWords';
import type { PaperBlock, PaperPart } from '../../../pdf/content';
import { text, type DossierSources } from './dossierSources';
import { dossierWords } from '../../../words/english/dossier';
import { sourceWords, tell } from '../../../words/tell';
import { limitsWords } from '../../../words/english/limits';

/** Every finding, numbered, with rule and source. */
export function reasonsPart({ answer, preferences }: DossierSources): PaperPart {
  return {
    title: dossierWords.reasonsRulesVersion({ rulesVersion: RULES_VERSION }),
    blocks: [
      {
        as: 'list',
        numbered: true,
        items: answer.ruling.findings.map(
          (finding) =>
            `${tell(finding.sentence, preferences)} ${tell(finding.title)}; ${sourceWords(finding.source)}`,
        ),
      },
    ],
  };
}

/** What else can be done with it, where it is not accepted. */
export function waysPart({ answer, preferences }: DossierSources): PaperPart {
  const { outcome, ways } = answer.ruling;
  const isShown = !isAccepted(outcome) && outcome !== 'measure';
  return {
    title: dossierWords.whatCanBeDoneWith(),
    blocks: isShown
      ? [
          {
            as: 'list',
            items: ways.map(
              (way) =>
                `${WAY_NAMES[way.id]}: ${way.open ? dossierWords.open() : dossierWords.closed()}. ${tell(way.because, preferences)}`,
            ),
          },
        ]
      : [],
  };
}

/** What was not tested; always something, since this is no laboratory. */
function untested({ answer: { ruling, evidence } }: DossierSources): string {
  const values = evidence.laboratory?.values ?? {};
  const parts = [
    isMeasured(ruling.belief) ? '' : dossierWords.moistureInside(),
    values.yeastPerG ? '' : dossierWords.yeastCount(),
    values.hmfMgPerKg ? '' : 'HMF',
    values.diastaseSchade ? '' : dossierWords.diastase(),
    dossierWords.residues(),
    typeof evidence.flower?.pollenPercent === 'number' ? '' : dossierWords.pollen(),
  ];
  return parts.filter((part) => part !== '').join(', ');
}

/** Who decides, what was not tested, and when to look again. */
export function cautionsPart(sources: DossierSources): PaperPart {
  const { file, answer } = sources;
  const { evidence, ruling } = answer;
  const since = file.ruling ? localDayOf(file.ruling.recordedAt) : file.lot.content.date;
  return {
    title: dossierWords.pleaseNote(),
    blocks: [
      {
        as: 'list',
        items: [
          dossierWords.limits({
            name: evidence.ruleSet.name,
            edition: evidence.ruleSet.edition,
            localLawDecides: limitsWords.localLawDecides(),
          }),
          dossierWords.checkTheHoneyAgainBy({
            dayAfterMonths: formatDay(dayAfterMonths(since, ruling.checkAgainMonths)),
          }),
          dossierWords.notTested({ untested: untested(sources) }),
          dossierWords.noHoneyForInfantsUnder(),
          dossierWords.thisPageDocumentsAnInspector(),
        ],
      },
    ],
  };
}

/** The signature with what was overridden. */
export function signaturePart({ file, answer, meters }: DossierSources): PaperPart {
  const { ruling } = file;
  if (!ruling)
    return { title: dossierWords.signature(), blocks: [text(dossierWords.notSignedYet())] };
  const { content, recordedAt } = ruling;
  const blocks: PaperBlock[] = [
    {
      as: 'text',
      strong: true,
      text: dossierWords.signed({
        outcome: OUTCOME_NAMES[content.outcome],
        initials: content.initials,
        recordedAt: formatMoment(recordedAt),
      }),
    },
  ];
  if (content.overrideReason !== '') {
    blocks.push(
      text(
        dossierWords.againstTheRules({
          outcome: OUTCOME_NAMES[content.proposedOutcome].toLowerCase(),
          overrideReason: content.overrideReason,
        }),
      ),
    );
  }
  if (content.remark !== '') blocks.push(text(content.remark));
  if (isRulingOutdated(file, meters, answer.ruling.outcome)) {
    blocks.push({
      as: 'text',
      strong: true,
      text: dossierWords.theEvidenceAboveHasChanged(),
    });
  }
  return { title: dossierWords.signature(), blocks };
}
