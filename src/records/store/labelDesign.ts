import { recordKind, type RevisionOf } from '../recordKind';
import { between, nameField } from '../fields';
import { z } from '../zod';

const line = (most: number) => z.string().trim().max(most, `Keep it under ${most} letters.`);
const colour = z.string().regex(/^#[0-9a-f]{6}$/i, 'A colour looks like #1b2a41.');

/** Sheets that labels are printed on, and what of the lot stands on each. */
export const labelDesignContentSchema = z.object({
  name: nameField('the label', 40),
  title: line(40),
  producer: line(120),
  origin: line(80),
  moreText: line(200),
  ink: colour,
  paper: colour,
  /** metric alone, or metric and US */
  weightUnits: z.enum(['metric', 'metric-us']),
  showQr: z.boolean(),
  sheet: z.object({
    id: z.string().min(1).max(40),
    pageWidthMm: between(50, 500, 'A page is 50 to 500 mm wide.'),
    pageHeightMm: between(50, 1000, 'A page is 50 to 1000 mm high.'),
    columns: z.number().int().min(1).max(12),
    rows: z.number().int().min(1).max(40),
    marginLeftMm: between(0, 100, 'A margin is 0 to 100 mm.'),
    marginTopMm: between(0, 100, 'A margin is 0 to 100 mm.'),
    labelWidthMm: between(15, 400, 'A label is 15 to 400 mm wide.'),
    labelHeightMm: between(10, 300, 'A label is 10 to 300 mm high.'),
    gapXMm: between(0, 50, 'A gap is 0 to 50 mm.'),
    gapYMm: between(0, 50, 'A gap is 0 to 50 mm.'),
  }),
});
export type LabelDesignContent = z.infer<typeof labelDesignContentSchema>;
export type LabelSheet = LabelDesignContent['sheet'];

export const labelDesignKind = recordKind({
  kind: 'label-design',
  name: 'Labels',
  table: 'labelDesigns',
  since: 5,
  owner: null,
  part: null,
  content: labelDesignContentSchema,
});
export type LabelDesign = RevisionOf<typeof labelDesignKind>;
