import { recordKind, type RevisionOf } from '../recordKind';
import { between, nameField, textField } from '../fields';
import { z } from '../zod';

const colour = z.string().regex(/^#[0-9a-f]{6}$/i, 'badColour');

/** Sheets that labels are printed on, and what of the lot stands on each. */
export const labelDesignContentSchema = z.object({
  name: nameField(40),
  title: textField(40),
  producer: textField(120),
  origin: textField(80),
  moreText: textField(200),
  ink: colour,
  paper: colour,
  /** metric alone, or metric and US */
  weightUnits: z.enum(['metric', 'metric-us']),
  showQr: z.boolean(),
  sheet: z.object({
    id: z.string().min(1).max(40),
    pageWidthMm: between(50, 500),
    pageHeightMm: between(50, 1000),
    columns: z.number().int().min(1).max(12),
    rows: z.number().int().min(1).max(40),
    marginLeftMm: between(0, 100),
    marginTopMm: between(0, 100),
    labelWidthMm: between(15, 400),
    labelHeightMm: between(10, 300),
    gapXMm: between(0, 50),
    gapYMm: between(0, 50),
  }),
});
export type LabelDesignContent = z.infer<typeof labelDesignContentSchema>;
export type LabelSheet = LabelDesignContent['sheet'];

export const labelDesignKind = recordKind({
  kind: 'label-design',
  table: 'labelDesigns',
  since: 5,
  owner: null,
  part: null,
  content: labelDesignContentSchema,
});
export type LabelDesign = RevisionOf<typeof labelDesignKind>;
