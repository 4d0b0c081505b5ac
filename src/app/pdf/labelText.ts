import { labelWeight } from '../../core';
import type { LabelDesignContent, LotContent, PackingContent } from '../../records';
import { formatDay } from '../format/dates';
import { commonWords } from '../words/english/common';
import { dossierWords } from '../words/english/dossier';

/** A line on a label, with its size against ordinary text. */
export interface LabelLine {
  readonly text: string;
  readonly scale: number;
  readonly bold: boolean;
}

/** What a label says, by side where it is a strip. */
export interface LabelText {
  readonly front: readonly LabelLine[];
  readonly back: readonly LabelLine[];
}

const line = (text: string, scale = 1, bold = false): LabelLine => ({ text, scale, bold });

/** Net weight in metric units, and in US units where they are wanted. */
export function netWeightText(jarG: number, units: LabelDesignContent['weightUnits']): string {
  const { grams, ounces, pounds, ouncesOver } = labelWeight(jarG / 1000);
  const metric =
    grams >= 1000
      ? dossierWords.kgGrams({ grams: (grams / 1000).toFixed(grams % 1000 === 0 ? 0 : 2) })
      : `${grams} g`;
  if (units === 'metric') return metric;
  const us =
    pounds > 0
      ? dossierWords.ozLb({
          ounces: ounces.toFixed(1),
          pounds,
          part:
            ouncesOver > 0 ? dossierWords.ozOuncesover({ ouncesOver: ouncesOver.toFixed(1) }) : '',
        })
      : dossierWords.ozOunces({ ounces: ounces.toFixed(1) });
  return dossierWords.netWt({ us, metric });
}

/** What every jar of honey says. */
const CAUTION = dossierWords.notForInfantsUnderMonths();

/** What stands on the label of one jar; empty lines are left out. */
export function labelText(
  design: Pick<LabelDesignContent, 'title' | 'producer' | 'origin' | 'moreText' | 'weightUnits'>,
  lot: Pick<LotContent, 'plant' | 'origin' | 'code'>,
  jar: Pick<PackingContent, 'code' | 'jarG' | 'bestBefore'> & { readonly number: number },
): LabelText {
  const number = String(jar.number).padStart(2, '0');
  const front = [
    line(design.title || commonWords.honey(), 2.2, true),
    line(lot.plant),
    line(netWeightText(jar.jarG, design.weightUnits), 1.3, true),
  ];
  const back = [
    line(design.producer),
    line(design.origin || lot.origin),
    line(dossierWords.bestBefore({ bestBefore: formatDay(jar.bestBefore) })),
    line(dossierWords.lotJar({ code: lot.code, code2: jar.code, number })),
    line(design.moreText),
    line(CAUTION, 0.9, true),
  ];
  const said = (lines: readonly LabelLine[]): LabelLine[] =>
    lines.filter((labelLine) => labelLine.text.trim() !== '');
  return { front: said(front), back: said(back) };
}

/** What the code on a label says when it is scanned. */
export const jarQrText = (code: string, number: number): string =>
  `RIPENUM JAR ${code}-${String(number).padStart(2, '0')}`;
