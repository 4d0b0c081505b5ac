import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import jsQR from 'jsqr';
import { PDFDocument, PDFRawStream, decodePDFRawStream } from '@cantoo/pdf-lib';
import { getDocument } from 'pdfjs-dist/legacy/build/pdf.mjs';
import type { PaperContent } from './content';
import { dossierPdf } from './dossierPdf';
import type { PaperFonts } from './fonts';
import { LABEL_SHEETS, labelsOnSheet, sheetTrouble } from './labelSheets';
import { labelsPdf } from './labelsPdf';
import { jarQrText, labelText, netWeightText } from './labelText';
import { brokenLines } from './brokenLines';
import { qrModules } from '../format/qrModules';
import { lotQrText } from './qr';
import { sheetPdf } from './sheetPdf';

const fontFile = (name: string): ArrayBuffer =>
  new Uint8Array(readFileSync(`node_modules/${name}`)).buffer;
const OWN = '@fontsource/atkinson-hyperlegible-next/files/atkinson-hyperlegible-next-latin';
const filesOf = (weight: number, wide: string): ArrayBuffer[] =>
  [
    `${OWN}-${weight}-normal.woff`,
    `${OWN}-ext-${weight}-normal.woff`,
    `dejavu-fonts-ttf/ttf/${wide}.ttf`,
  ].map(fontFile);
const fonts: PaperFonts = {
  regular: filesOf(400, 'DejaVuSans'),
  bold: filesOf(700, 'DejaVuSans-Bold'),
};

async function readBack(bytes: Uint8Array): Promise<{ pages: string[] }> {
  const document = await getDocument({ data: bytes.slice(), verbosity: 0 }).promise;
  const pages: string[] = [];
  for (let at = 1; at <= document.numPages; at += 1) {
    const content = await (await document.getPage(at)).getTextContent();
    pages.push(
      content.items
        .map((item) => ('str' in item ? item.str : ''))
        .join(' ')
        .replaceAll(/\s+/g, ' '),
    );
  }
  return { pages };
}

/** The code as a camera would see it: dark and light pixels with a quiet zone around. */
function scanned(text: string): string | undefined {
  const { size, isDark } = qrModules(text);
  const [scale, quiet] = [4, 4];
  const side = (size + 2 * quiet) * scale;
  const pixels = new Uint8ClampedArray(side * side * 4).fill(255);
  for (let y = 0; y < side; y += 1) {
    for (let x = 0; x < side; x += 1) {
      const [row, column] = [Math.floor(y / scale) - quiet, Math.floor(x / scale) - quiet];
      const inside = row >= 0 && column >= 0 && row < size && column < size;
      if (inside && isDark(row, column)) pixels.fill(0, 4 * (y * side + x), 4 * (y * side + x) + 3);
    }
  }
  return jsQR(pixels, side, side)?.data;
}

const CONTENT: PaperContent = {
  head: {
    over: 'Ripenum lot dossier',
    title: 'Borage, lot 260812-a',
    facts: 'Extracted 12 Aug 2026 · borage',
    remark: '',
    decision: 'Accept',
    statement: '16.0 ± 0.4 % water by refractometry (95 %).',
  },
  parts: Array.from({ length: 9 }, (_, at) => ({
    title: `Part ${at + 1}`,
    blocks: [
      { as: 'text', text: `Said in part ${at + 1}: ${'words that go on '.repeat(12)}` },
      { as: 'list', numbered: true, items: ['first', 'second ≤ 20 °C'] },
      {
        as: 'table',
        label: 'T',
        head: ['A', 'B'],
        rows: [
          ['one', 'x'.repeat(90)],
          ['two', 'short'],
        ],
        shares: [0.3, 0.7],
      },
    ],
  })),
};

const DIGEST = 'ab'.repeat(32);

describe('a dossier as PDF, read back by another library', () => {
  test('has all its words, its seal, and a number on every page', async () => {
    const rule = {
      belief: { mean: 16, standardUncertainty: 0.2 },
      limitPercent: 20,
      targetPercent: 18,
      readings: [{ percent: 16.1, plusMinus: 0.4 }],
    };
    const { bytes, missing } = await dossierPdf(
      CONTENT,
      {
        code: '260812-a',
        digest: DIGEST,
        signed: 'Signed by device 3F2A',
        printedAt: '20 Aug 2026, 10:00',
        rule,
      },
      fonts,
    );
    const { pages } = await readBack(bytes);
    const all = pages.join(' ');
    expect(missing).toEqual([]);
    expect(pages.length).toBeGreaterThan(2);
    pages.forEach((page, at) => expect(page).toContain(`Page ${at + 1} of ${pages.length}`));
    for (const { title } of CONTENT.parts) expect(all).toContain(title);
    expect(all).toContain('Signed by device 3F2A');
    expect(all).toContain('16.0 ± 0.4 % water by refractometry');
    expect(all.replaceAll(' ', '')).toContain('second≤20°C');
    expect(all).toContain('limit 20.0');
    expect(all).toContain(DIGEST.slice(0, 32));
    expect(all.match(/first/g)).toHaveLength(9);
  });
});

/** First bytes of every stream of a file, unpacked. */
async function beginnings(bytes: Uint8Array): Promise<string[]> {
  const document = await PDFDocument.load(bytes);
  return document.context.enumerateIndirectObjects().flatMap(([, object]) => {
    if (!(object instanceof PDFRawStream)) return [];
    const unpacked = decodePDFRawStream(object).decode();
    return [Buffer.from(unpacked.subarray(0, 4)).toString('latin1')];
  });
}

describe('letters in a PDF', () => {
  test('are TrueType, as readers want them, and not packed for the web', async () => {
    const sheet = LABEL_SHEETS[0]!.sheet;
    const words = {
      title: 'Honey',
      producer: '',
      origin: '',
      moreText: '',
      weightUnits: 'metric' as const,
    };
    const design = { ...words, name: 'x', ink: '#000000', paper: '#ffffff', showQr: false, sheet };
    const line = { text: 'Honey', scale: 1, bold: true };
    const made = await labelsPdf(
      { title: 'x', design, labels: [{ text: { front: [line], back: [] }, qr: '' }], skip: 0 },
      fonts,
    );
    const found = await beginnings(made.bytes);
    // “true” and 0x00010000 both begin a TrueType font; this maker writes the first.
    expect(found).toContain('true');
    expect(found.filter((text) => text.startsWith('wOF'))).toEqual([]);
  });
});

describe('codes to be scanned', () => {
  test.each([lotQrText('260812-a', DIGEST), jarQrText('260812-a.1', 7)])(
    'are read back: %s',
    (text) => {
      expect(scanned(text)).toBe(text);
    },
  );
});

describe('labels', () => {
  const lot = { plant: 'borage', origin: 'field yard', code: '260812-a' };
  const jar = { code: '260812-a.1', jarG: 500, bestBefore: '2027-08-01', number: 3 };
  const words = {
    title: 'Honey',
    producer: 'Honey house',
    origin: '',
    moreText: '',
    weightUnits: 'metric-us' as const,
  };

  test('net weight in both systems, never more than there is (avoirdupois ounce 28.3495 g)', () => {
    expect(netWeightText(500, 'metric')).toBe('500 g');
    expect(netWeightText(500, 'metric-us')).toBe('Net wt 17.6 oz (1 lb 1.6 oz), 500 g');
    expect(netWeightText(340, 'metric-us')).toBe('Net wt 11.9 oz, 340 g');
    expect(netWeightText(1000, 'metric')).toBe('1 kg');
  });

  test('say lot, jar, weight, best before and the caution', () => {
    const { front, back } = labelText(words, lot, jar);
    const all = [...front, ...back].map((labelLine) => labelLine.text).join('\n');
    for (const said of [
      'borage',
      'field yard',
      '260812-a.1-03',
      '17.6 oz',
      '1 Aug 2027',
      'Not for infants under 12 months.',
    ]) {
      expect(all).toContain(said);
    }
  });

  test.each(LABEL_SHEETS)(
    'fill the sheet “$name” and go on on the next',
    async ({ sheet, name }) => {
      expect(sheetTrouble(sheet)).toBeNull();
      const count = labelsOnSheet(sheet) + 1;
      const design = { ...words, name, ink: '#18233a', paper: '#ffffff', showQr: true, sheet };
      const labels = Array.from({ length: count }, (_, at) => ({
        text: labelText(words, lot, { ...jar, number: at + 1 }),
        qr: jarQrText(jar.code, at + 1),
      }));
      const made = await labelsPdf({ title: 'x', design, labels, skip: 0 }, fonts);
      const { pages } = await readBack(made.bytes);
      expect(made).toMatchObject({ pages: 2, tooSmall: false });
      expect(pages.join(' ').match(/infants under 12/g)).toHaveLength(count);
      expect(pages[1]).toContain(`260812-a.1-${String(count).padStart(2, '0')}`);
    },
  );

  test('a partly used sheet is used up first, and how far it is grows', async () => {
    const { sheet } = LABEL_SHEETS[0]!;
    const design = { ...words, name: 'x', ink: '#000000', paper: '#ffffff', showQr: false, sheet };
    const label = { text: labelText(words, lot, jar), qr: '' };
    const places = labelsOnSheet(sheet);
    const heard: number[] = [];
    const made = await labelsPdf(
      { title: 'x', design, labels: Array.from({ length: places }, () => label), skip: 5 },
      fonts,
      (share) => heard.push(share),
    );
    const { pages } = await readBack(made.bytes);
    const onPage = pages.map((page) => page.match(/infants under 12/g)?.length);
    expect(onPage).toEqual([places - 5, 5]);
    expect(heard).toEqual([0, (places - 5) / places]);
  });

  test('words that cannot be read any more are reported', async () => {
    const sheet = { ...LABEL_SHEETS[0]!.sheet, labelWidthMm: 20, labelHeightMm: 12 };
    const design = {
      ...words,
      name: 'small',
      ink: '#000000',
      paper: '#ffffff',
      showQr: false,
      sheet,
    };
    const made = await labelsPdf(
      { title: 'x', design, labels: [{ text: labelText(words, lot, jar), qr: '' }], skip: 0 },
      fonts,
    );
    expect(made.tooSmall).toBe(true);
    expect(sheetTrouble({ ...sheet, columns: 12 })).toMatch(/wider than the page/);
    expect(sheetTrouble({ ...sheet, rows: 40 })).toMatch(/higher than the page/);
  });
});

describe('lines', () => {
  test('are broken at words, and a word that is too long by itself is cut', () => {
    const width = (text: string): number => text.length;
    expect(brokenLines('a bb ccc dddd', width, 6)).toEqual(['a bb', 'ccc', 'dddd']);
    expect(brokenLines('abcdefghij', width, 4)).toEqual(['abcd', 'efgh', 'ij']);
  });
});

describe('letters of many languages', () => {
  const NAMES = [
    'Łukasz Žižka',
    'Őrség, Čáslav, źdźbło',
    'Θυμάρι Κρήτης',
    'Мёд липовый',
    '≤ 20 % − ½',
  ];

  test('are all on paper, read back by another library', async () => {
    const content: PaperContent = {
      head: { ...CONTENT.head, title: NAMES[0]!, remark: NAMES.join('; ') },
      parts: [{ title: NAMES[3]!, blocks: [{ as: 'list', numbered: false, items: NAMES }] }],
    };
    const { bytes, missing } = await sheetPdf(content, NAMES[1]!, fonts);
    const all = (await readBack(bytes)).pages.join(' ').replaceAll(/\s/g, '');
    expect(missing).toEqual([]);
    for (const name of NAMES) expect(all).toContain(name.replaceAll(/\s/g, ''));
  });

  test('what no font has is named, and the rest still stands', async () => {
    const head = { ...CONTENT.head, title: 'Honey 蜂 and 🐝 honey' };
    const { bytes, missing } = await sheetPdf({ head, parts: [] }, 'x', fonts);
    expect(missing).toEqual(['蜂', '🐝']);
    expect((await readBack(bytes)).pages[0]!.replaceAll(' ', '')).toContain('Honey?and?honey');
  });
});
