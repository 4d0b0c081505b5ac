import { describe, expect, test } from '@jest/globals';
import { parse, TYPE, type MessageFormatElement } from '@formatjs/icu-messageformat-parser';
import ts from 'typescript';
import { hasQuantity } from './keepersUnits';
import { englishTexts, lineOf, nameOf, sources, walk } from './test/catalogue';

const TEXTS = englishTexts();
const SOURCES = sources();

/** Places of a message, those in its branches included. */
function placesOf(elements: readonly MessageFormatElement[]): string[] {
  return elements.flatMap((element) => {
    switch (element.type) {
      case TYPE.literal:
      case TYPE.pound:
        return [];
      case TYPE.select:
      case TYPE.plural:
        return [
          element.value,
          ...Object.values(element.options).flatMap(({ value }) => placesOf(value)),
        ];
      case TYPE.tag:
        return placesOf(element.children);
      case TYPE.argument:
      case TYPE.date:
      case TYPE.number:
      case TYPE.time:
        return [element.value];
    }
  });
}

const placesIn = (text: string): string[] =>
  [...new Set(placesOf(parse(text, { ignoreTag: true })))].sort();

const where = (file: ts.SourceFile, node: ts.Node, what: string): string =>
  `${nameOf(file)}:${lineOf(file, node)} ${what}`;

/** Names that stand in the data, not in the interface: of documents, frames, plants, schools; codes. */
const DATA_FILES = [
  'src/core/comb/frameFormats.ts',
  'src/core/limits/ruleSets.ts',
  'src/core/quality/flowerName.ts',
  'src/core/schools/school.ts',
  'src/records/bench/senses.ts',
];

/** What only a developer, an operator of the server or a program reads; reasons as records hold them. */
const NOT_FOR_READERS = [
  /^src\/server\//,
  /^src\/db\/(database|useRecords)\.ts/,
  /^src\/records\/exchange\/recordFile\.ts:\d+ (Ripenum record|All revisions of lots)/,
  /(Undone|Done again|Chosen of several after merging|More is known now|Taken from a colleague’s file)$/,
  /Ripenum$|Schade$|US gal$|imp gal$|Ctrl K$|Enter$|Backspace$|Escape$|rating point$|another meter$/,
  /(not loaded|a message was lost|given up|nothing was read|a run needs a room or known air)$/,
  /\[role=|textarea|content\.harvestId|form input|\((prefers-|pointer:)|system-ui|xMidYMid|warm-room\/standing|lot\.$|comb\.$/,
];

const SENTENCE = /[A-Za-z]{2,}[,:;]? [a-z“(]|^[A-Z][a-z]+[a-z.!?…]$|[a-z]{3,}[.!?…]$/;
const CODE = /^[!a-z0-9-][A-Za-z0-9:\-[\]_./%(),=*&>#]*$/;
const LITTLE_WORDS = /\b(the|of|in|an|such|and|is|no|it|by)\b/;

/** Class names, paths and keys: every piece is one, and some piece has a hyphen or a colon. */
const isCode = (text: string): boolean =>
  text
    .trim()
    .split(/\s+/)
    .every((piece) => CODE.test(piece)) &&
  /[a-z0-9]-[a-z0-9[]|:/.test(text) &&
  !LITTLE_WORDS.test(text);

function inStyle(node: ts.Node): boolean {
  for (let up = node.parent; !ts.isSourceFile(up); up = up.parent) {
    if (ts.isJsxAttribute(up)) return /class|^(d|viewBox|style|to|key)$/i.test(up.name.getText());
    if (ts.isFunctionLike(up) || ts.isStatement(up)) return false;
  }
  return false;
}

/** Errors that are thrown are for whoever mends the program. */
function isThrown(node: ts.Node): boolean {
  for (let up = node.parent; !ts.isSourceFile(up); up = up.parent) {
    if (ts.isThrowStatement(up)) return true;
    if (ts.isNewExpression(up) && /Error$/.test(up.expression.getText())) return true;
    if (ts.isFunctionLike(up)) return false;
  }
  return false;
}

function textOf(node: ts.Node): string | null {
  if (ts.isJsxText(node)) return node.text;
  if (ts.isTemplateExpression(node)) {
    return [node.head.text, ...node.templateSpans.map((span) => span.literal.text)].join('…');
  }
  if (!ts.isStringLiteralLike(node)) return null;
  const { parent } = node;
  const isName = ts.isPropertyAssignment(parent) && parent.name === node;
  return isName || ts.isCaseClause(parent) ? null : node.text;
}

function sentencesIn(file: ts.SourceFile): string[] {
  const found: string[] = [];
  walk(file, (node) => {
    if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeNode(node))
      return false;
    const text = textOf(node);
    if (text === null) return;
    const isWords = ts.isJsxText(node) ? /[A-Za-z]{2,}/.test(text) : SENTENCE.test(text);
    if (isWords && !isCode(text) && !inStyle(node) && !isThrown(node))
      found.push(where(file, node, text.trim().replace(/\s+/g, ' ')));
  });
  return found;
}

/** A place before a noun in the plural: "1 frames" could be made. Those here hold more than one always. */
const PLURAL_ALONE =
  /\{(?!read|mostLines)\w+\} (days|boxes|frames|jars|pails|lots|containers|hours|places|lines|records|batches)\b/;

/** A figure or a place before a unit of temperature or mass, outside brackets. */
const BARE = /[\d}] (°C|kg)(?![\p{L}/²³])(?!\])/u;

/** Methods and labels that give one unit, and figures of the handbook, which is in SI. */
const NAMED_AS_SUCH =
  /^(handbook|limits)\.|^(bench\.(cIsTooHotFor|useC)|dossier\.(nDAtC|kgGrams|moistureByRefractometry\w*)|meter\.\w+|records\.statedIndexMissing)$/;

interface Said {
  readonly at: string;
  /** a key, or the part of it before what is put in */
  readonly key: string;
  readonly isWhole: boolean;
  readonly places: readonly string[] | null;
}

/** Every `say('subject.name', { … })` of core, model and the other layers. */
function saidIn(file: ts.SourceFile): Said[] {
  const found: Said[] = [];
  walk(file, (node) => {
    if (!ts.isCallExpression(node) || node.expression.getText() !== 'say') return;
    const [key, values] = node.arguments;
    if (!key) return;
    const isWhole = ts.isStringLiteral(key);
    const text = isWhole ? key.text : ts.isTemplateExpression(key) ? key.head.text : '';
    const isObject = values !== undefined && ts.isObjectLiteralExpression(values);
    const places = isObject
      ? values.properties.map((property) => property.name?.getText() ?? '').sort()
      : values
        ? null
        : [];
    found.push({ at: where(file, node, text), key: text, isWhole, places });
  });
  return found;
}

const SAYS = /(^|\.)(refine|regex|min|max|int|date|datetime|fail|requiredText|wrong)$/;

/** Keys that schemas give as their messages: `refine(…, 'endsBeforeStart')`, `message: '…'`. */
function schemaKeysIn(file: ts.SourceFile): { key: string; at: string }[] {
  const found: { key: string; at: string }[] = [];
  const note = (node: ts.Node): void => {
    if (ts.isStringLiteral(node) && /^[a-z]+[A-Za-z]*$/.test(node.text))
      found.push({ key: node.text, at: where(file, node, node.text) });
    if (ts.isConditionalExpression(node)) [node.whenTrue, node.whenFalse].forEach(note);
  };
  walk(file, (node) => {
    if (ts.isCallExpression(node) && SAYS.test(node.expression.getText()))
      node.arguments.slice(/wrong$/.test(node.expression.getText()) ? 0 : -1).forEach(note);
    if (ts.isPropertyAssignment(node) && /^(message|error)$/.test(node.name.getText()))
      note(node.initializer);
    if (ts.isVariableDeclaration(node) && node.name.getText() === 'message' && node.initializer)
      note(node.initializer);
  });
  return found;
}

describe('the catalogue', () => {
  test('every text is a message that can be read', () => {
    const wrong = [...TEXTS].filter(([, text]) => {
      try {
        parse(text, { ignoreTag: true });
        return false;
      } catch {
        return true;
      }
    });
    expect(wrong).toEqual([]);
  });

  test('no sentence stands outside it', () => {
    const outside = SOURCES.filter((file) => !DATA_FILES.includes(nameOf(file)))
      .flatMap(sentencesIn)
      .filter((found) => !NOT_FOR_READERS.some((pattern) => pattern.test(found)));
    expect(outside).toEqual([]);
  });

  test('what core and model say is in it, with the values that the text has places for', () => {
    const wrong = SOURCES.flatMap(saidIn).flatMap(({ at, key, isWhole, places }) => {
      if (!isWhole) return [...TEXTS.keys()].some((id) => id.startsWith(key)) ? [] : [at];
      const text = TEXTS.get(key);
      if (text === undefined) return [at];
      const asked = placesIn(text);
      const given = places ?? asked;
      return asked.join() === given.join() ? [] : [`${at}: ${given.join()} for ${asked.join()}`];
    });
    expect(wrong).toEqual([]);
  });

  test('what schemas say of wrong values is in it', () => {
    const said = SOURCES.filter((file) =>
      /^src\/(records|app\/forms)\//.test(nameOf(file)),
    ).flatMap(schemaKeysIn);
    expect(said.length).toBeGreaterThan(50);
    expect(said.filter(({ key }) => !TEXTS.has(`records.${key}`)).map(({ at }) => at)).toEqual([]);
    const keys = new Set(said.map(({ key }) => key));
    const generic = ['between', 'whole', 'atLeast', 'missing', 'notRight'];
    const unsaid = [...TEXTS.keys()]
      .filter((id) => id.startsWith('records.'))
      .map((id) => id.slice('records.'.length))
      .filter((key) => !keys.has(key) && !generic.includes(key));
    expect(unsaid).toEqual([]);
  });

  test('what changes with the units is said when it is shown, not once as the file is loaded', () => {
    const inUnits = new Set(
      [...TEXTS].flatMap(([id, text]) => (hasQuantity(text) ? [id.replace('.', 'Words.')] : [])),
    );
    expect(inUnits.size).toBeGreaterThan(20);
    const once = SOURCES.flatMap((file) => {
      const found: string[] = [];
      walk(file, (node) => {
        if (ts.isFunctionLike(node)) return false;
        if (ts.isCallExpression(node) && inUnits.has(node.expression.getText()))
          found.push(where(file, node, node.expression.getText()));
        return undefined;
      });
      return found;
    });
    expect(once).toEqual([]);
  });

  test('a quantity that keepers measure is in brackets, so that it follows their units', () => {
    const bare = [...TEXTS]
      .filter(([id, text]) => BARE.test(text) && !NAMED_AS_SUCH.test(id))
      .map(([id, text]) => `${id}: ${text}`);
    expect(bare).toEqual([]);
  });

  test('what is counted has a singular', () => {
    const uncounted = [...TEXTS].filter(([, text]) => PLURAL_ALONE.test(text));
    expect(uncounted.map(([id, text]) => `${id}: ${text}`)).toEqual([]);
  });

  test('nothing in it is said nowhere', () => {
    const all = SOURCES.map((file) => file.text).join('\n');
    const dynamic = ['records', 'kinds', 'fieldNames', 'limits', 'tastes', 'colours', 'trace'];
    const unused = [...TEXTS.keys()].filter((id) => {
      const [subject = '', name = ''] = id.split('.');
      return (
        !dynamic.includes(subject) &&
        !all.includes(`${subject}Words.${name}`) &&
        !all.includes(`'${id}'`)
      );
    });
    expect(unused).toEqual([]);
  });
});
