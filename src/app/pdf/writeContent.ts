import type { PaperBlock, PaperHead, PaperPart } from './content';
import type { Paper } from './paper';

function writeBlock(paper: Paper, block: PaperBlock): void {
  switch (block.as) {
    case 'text':
      return paper.text(block.text, { bold: block.strong ?? false });
    case 'list':
      return block.items.forEach((item, at) =>
        paper.text(`${block.numbered ? `${at + 1}.` : '•'} ${item}`, { indent: 8 }),
      );
    case 'table':
      return paper.table(block.head, block.rows, block.shares);
  }
}

/** What stands at the top of a paper: what it is about, then what was found. */
export function writeHead(paper: Paper, head: PaperHead): void {
  paper.text(head.over, { size: 9 });
  paper.text(head.title, { size: 20, bold: true });
  paper.text(head.facts);
  if (head.remark !== '') paper.text(head.remark);
  paper.text(head.decision, { size: 16, bold: true, below: 2 });
  paper.text(head.statement, { size: 11, below: 10 });
}

/** The parts of a paper under their headings. */
export function writeParts(paper: Paper, parts: readonly PaperPart[]): void {
  for (const { title, blocks } of parts) {
    paper.heading(title);
    blocks.forEach((block) => writeBlock(paper, block));
  }
}
