/**
 * What a person can see and reach of a page that no screen shows: elements by role and name, by label, by
 * text. Names follow the rules of the accessible name as far as these pages need them; styles are known by
 * their classes, as on a wide page or on a phone.
 */

const ROLES: Readonly<Record<string, string>> = {
  alert: '[role=alert]',
  article: 'article',
  button: 'button:not([role]), [role=button], input[type=submit]',
  cell: 'td',
  checkbox: '[role=checkbox], input[type=checkbox]',
  columnheader: 'th, [role=columnheader]',
  combobox: 'select, [role=combobox]',
  complementary: 'aside',
  dialog: '[role=dialog]',
  form: 'form[aria-label], form[aria-labelledby]',
  group: 'fieldset, [role=group]',
  heading: 'h1, h2, h3, h4',
  img: 'img, [role=img]',
  link: 'a[href]',
  list: 'ul, ol',
  listitem: 'li',
  main: 'main',
  navigation: 'nav',
  note: '[role=note]',
  option: '[role=option]',
  radio: '[role=radio], input[type=radio]',
  radiogroup: '[role=radiogroup]',
  region: 'section[aria-label], section[aria-labelledby], [role=region]',
  row: 'tr',
  searchbox: 'input[type=search]',
  slider: '[role=slider], input[type=range]',
  status: '[role=status], output',
  table: 'table',
  textbox: 'input:not([type]), input[type=text], textarea',
};

export type Wanted = string | RegExp;

export const squeezed = (text: string): string => text.replace(/\s+/g, ' ').trim();

/** Whether a text is what is looked for: a part of it in any case, or exactly it. */
export function matches(text: string, wanted: Wanted, exact = false): boolean {
  const shown = squeezed(text);
  if (wanted instanceof RegExp) return wanted.test(shown);
  return exact ? shown === wanted : shown.toLowerCase().includes(wanted.toLowerCase());
}

const WIDE_HIDDEN = ['sm:hidden', 'lg:hidden', 'wide:hidden'];
const SHOWN_WIDE = /^(sm|lg|wide|xl):(block|flex|inline|inline-flex|grid|table-cell|contents)$/;

export type Device = 'phone' | 'desk';

let device: Device = 'desk';

/** Pages are seen on this device from now on. */
export function seeOn(chosen: Device): void {
  device = chosen;
}

/** Asked of every element again and again: nearly all are done with at the first look. */
function isStyledAway(element: Element): boolean {
  const written = element.getAttribute('class');
  if (!written?.includes('hidden')) return false;
  const classes = written.split(/\s+/);
  if (device === 'phone') return classes.includes('hidden');
  if (classes.some((name) => WIDE_HIDDEN.includes(name))) return true;
  return classes.includes('hidden') && !classes.some((name) => SHOWN_WIDE.test(name));
}

const isFoldedAway = (element: Element, fold: Element): boolean =>
  fold.matches('details:not([open])') && !fold.querySelector('summary')?.contains(element);

/** Whether a person sees it: not folded away, not styled away on a wide page. */
export function isShown(element: Element): boolean {
  for (let at: Element | null = element; at; at = at.parentElement) {
    if (at.hasAttribute('hidden') || isStyledAway(at)) return false;
    if (at !== element && isFoldedAway(element, at)) return false;
  }
  return element.isConnected;
}

/** Whether it can be reached: what stands behind a dialog cannot. */
const isReachable = (element: Element): boolean =>
  isShown(element) && element.closest('[aria-hidden=true]') === null;

const INLINE = /^(SPAN|STRONG|A|B|EM|SUB|SUP)$/;
const OWN_LINE = /^(block|flex|grid|inline-flex|inline-block)$/;

/** Whether its text stands in the line of what is around it, without a gap. */
const isInline = ({ tagName, classList, parentElement }: Element): boolean =>
  INLINE.test(tagName) &&
  ![...classList].some((name) => OWN_LINE.test(name)) &&
  !(parentElement?.classList.contains('flex') ?? false);

const isMark = (element: Element): boolean =>
  element.getAttribute('aria-hidden') === 'true' || /^(SCRIPT|STYLE)$/.test(element.tagName);

/** What is written in it, without marks that say nothing; `read` holds what has been read already. */
export function textOf(node: Node, read?: Map<Node, string>): string {
  if (node.nodeType === 3) return node.nodeValue ?? '';
  if (!(node instanceof Element) || isMark(node) || isStyledAway(node)) return '';
  const known = read?.get(node);
  if (known !== undefined) return known;
  let text = '';
  for (let part = node.firstChild; part; part = part.nextSibling) text += textOf(part, read);
  const written = isInline(node) ? text : ` ${text} `;
  read?.set(node, written);
  return written;
}

const labelTextOf = (label: Element): string =>
  [...label.childNodes]
    .filter((node) => !(node instanceof Element && node.matches('select, textarea, input')))
    .map((node) => textOf(node))
    .join('');

/** Labels of a field. The page's own list asks every label of the page for its field, each time. */
function labelsOf(element: Element): Element[] {
  if (!('labels' in element)) return [];
  const named =
    element.id === ''
      ? []
      : [...element.ownerDocument.querySelectorAll(`label[for="${element.id}"]`)];
  const around = element.closest('label:not([for])');
  return around ? [...named, around] : named;
}

/** What it is called. */
export function nameOf(element: Element): string {
  const labelled = element.getAttribute('aria-labelledby');
  if (labelled !== null) {
    const parts = labelled.split(' ').map((id) => document.getElementById(id));
    return squeezed(parts.map((part) => (part ? textOf(part) : '')).join(' '));
  }
  const label = element.getAttribute('aria-label') ?? element.getAttribute('alt');
  if (label !== null) return label;
  const labels = labelsOf(element);
  if (labels.length > 0) return squeezed(labels.map(labelTextOf).join(' '));
  return squeezed(textOf(element));
}

export interface RoleOptions {
  readonly name?: Wanted;
  readonly exact?: boolean;
  readonly level?: number;
  readonly checked?: boolean;
}

/** Elements of a role that can be reached. */
export function byRole(
  root: ParentNode,
  role: string,
  { name, exact, level, checked }: RoleOptions = {},
): Element[] {
  const selector = level === undefined ? ROLES[role] : `h${level}`;
  if (selector === undefined) throw new Error(`no such role here: ${role}`);
  return [...root.querySelectorAll(selector)].filter(
    (element) =>
      isReachable(element) &&
      (checked === undefined || (element.getAttribute('aria-checked') === 'true') === checked) &&
      (name === undefined || matches(nameOf(element), name, exact)),
  );
}

/** Fields, and whatever else has a label. */
export const byLabel = (root: ParentNode, label: Wanted, exact = false): Element[] =>
  [
    ...root.querySelectorAll('input, select, textarea, [aria-label], [aria-labelledby], [role]'),
  ].filter((element) => {
    const isLabelled =
      element.hasAttribute('aria-label') ||
      element.hasAttribute('aria-labelledby') ||
      labelsOf(element).length > 0;
    return isLabelled && isReachable(element) && matches(nameOf(element), label, exact);
  });

/** What stands in one place of a page is shorter than this: whole pages need not be read for it. */
const LONGEST_TEXT = 1500;

/** The innermost elements in which a text stands. */
export function byText(root: ParentNode, text: Wanted, exact = false): Element[] {
  const read = new Map<Node, string>();
  const all = [...root.querySelectorAll('*')].filter((element) => {
    const written = textOf(element, read);
    return written.length < LONGEST_TEXT && matches(written, text, exact) && isShown(element);
  });
  return all.filter(
    (element) => !all.some((other) => other !== element && element.contains(other)),
  );
}
