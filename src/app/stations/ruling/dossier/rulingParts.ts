import {
  LOCAL_LAW_DECIDES,
  RULES_VERSION,
  isAccepted,
  isMeasured,
  sourceWords,
} from '../../../../core';
import { isRulingOutdated, localDayOf } from '../../../../model';
import { dayAfterMonths, formatDay, formatMoment } from '../../../format/dates';
import { OUTCOME_NAMES } from '../../../format/moisture';
import { WAY_NAMES } from '../../../words/storeWords';
import type { PaperBlock, PaperPart } from '../../../pdf/content';
import { text, type DossierSources } from './dossierSources';

/** Every finding, numbered, with rule and source. */
export function reasonsPart({ answer }: DossierSources): PaperPart {
  return {
    title: `Reasons (rules version ${RULES_VERSION})`,
    blocks: [
      {
        as: 'list',
        numbered: true,
        items: answer.ruling.findings.map(
          (one) => `${one.sentence} ${one.title}; ${sourceWords(one.source)}`,
        ),
      },
    ],
  };
}

/** What else can be done with it, where it is not accepted. */
export function waysPart({ answer }: DossierSources): PaperPart {
  const { outcome, ways } = answer.ruling;
  const isTold = !isAccepted(outcome) && outcome !== 'measure';
  return {
    title: 'What can be done with it',
    blocks: isTold
      ? [
          {
            as: 'list',
            items: ways.map(
              (one) => `${WAY_NAMES[one.id]}: ${one.open ? 'open' : 'closed'}. ${one.because}`,
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
    isMeasured(ruling.belief) ? '' : 'moisture',
    values.yeastPerG ? '' : 'yeast count',
    values.hmfMgPerKg ? '' : 'HMF',
    values.diastaseSchade ? '' : 'diastase',
    'residues',
    typeof evidence.flower?.pollenPercent === 'number' ? '' : 'pollen',
  ];
  return parts.filter((one) => one !== '').join(', ');
}

/** Who decides, what was not tested, and when to look again. */
export function cautionsPart(sources: DossierSources): PaperPart {
  const { file, answer } = sources;
  const { evidence, ruling } = answer;
  const since = file.ruling ? localDayOf(file.ruling.recordedAt) : file.lot.content.date;
  return {
    title: 'To be read with it',
    blocks: [
      {
        as: 'list',
        items: [
          `Limits: ${evidence.ruleSet.name}, ${evidence.ruleSet.edition}. ${LOCAL_LAW_DECIDES}`,
          `Check the honey again by ${formatDay(dayAfterMonths(since, ruling.checkAgainMonths))}.`,
          `Not tested: ${untested(sources)}.`,
          'No honey for infants under 12 months.',
          'This page documents; an inspector or a licensed laboratory decides and certifies.',
        ],
      },
    ],
  };
}

/** The signature with what was overridden. */
export function signaturePart({ file, answer, meters }: DossierSources): PaperPart {
  const { ruling } = file;
  if (!ruling) return { title: 'Signature', blocks: [text('Not signed yet.')] };
  const { content, recordedAt } = ruling;
  const blocks: PaperBlock[] = [
    {
      as: 'text',
      strong: true,
      text: `${OUTCOME_NAMES[content.outcome]}, signed ${content.initials}, ${formatMoment(recordedAt)}`,
    },
  ];
  if (content.overrideReason !== '') {
    blocks.push(
      text(
        `Otherwise than the rules (${OUTCOME_NAMES[content.proposedOutcome].toLowerCase()}): ${content.overrideReason}`,
      ),
    );
  }
  if (content.remark !== '') blocks.push(text(content.remark));
  if (isRulingOutdated(file, meters, answer.ruling.outcome)) {
    blocks.push({
      as: 'text',
      strong: true,
      text: 'The evidence above has changed since this was signed.',
    });
  }
  return { title: 'Signature', blocks };
}
