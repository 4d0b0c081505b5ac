/** Reads the English catalogue and the sources as text, for tests that hold one against the other. */
import { readFileSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import ts from 'typescript';

const SRC = join(process.cwd(), 'src');
const ENGLISH = join(SRC, 'app/words/english');

function filesIn(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    return entry.isDirectory() ? filesIn(path) : [path];
  });
}

const parsed = (path: string): ts.SourceFile =>
  ts.createSourceFile(path, readFileSync(path, 'utf8'), ts.ScriptTarget.Latest, true);

/** Source files of the application, without tests and without the catalogue itself. */
export const sources = (): ts.SourceFile[] =>
  filesIn(SRC)
    .filter((path) => /\.tsx?$/.test(path) && !/\.test\.tsx?$|\/test\//.test(path))
    .filter((path) => !path.startsWith(ENGLISH))
    .map(parsed);

/** `src/core/…` */
export const nameOf = (file: ts.SourceFile): string => file.fileName.slice(SRC.length - 3);

export const lineOf = (file: ts.SourceFile, node: ts.Node): number =>
  file.getLineAndCharacterOfPosition(node.getStart(file)).line + 1;

export function walk(node: ts.Node, visit: (node: ts.Node) => boolean | void): void {
  if (visit(node) === false) return;
  ts.forEachChild(node, (child) => walk(child, visit));
}

/** Texts of the English catalogue by id, subject and name joined with a point. */
export function englishTexts(): Map<string, string> {
  const texts = new Map<string, string>();
  for (const path of filesIn(ENGLISH)) {
    const subject = path.slice(ENGLISH.length + 1, -'.ts'.length);
    walk(parsed(path), (node) => {
      if (!ts.isPropertyAssignment(node)) return;
      const { name, initializer } = node;
      if (
        ts.isStringLiteralLike(initializer) &&
        (ts.isIdentifier(name) || ts.isStringLiteral(name))
      )
        texts.set(`${subject}.${name.text}`, initializer.text);
    });
  }
  return texts;
}
