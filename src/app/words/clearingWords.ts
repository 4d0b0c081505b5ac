import { settlingCourse } from '../../core';
import { nextSkim, settlingTask } from '../../model';
import { type SettlingContent } from '../../records';
import { settlingWords } from './english/settling';
import { formatWeekTime } from '../format/dates';
import { commonWords } from './english/common';
import { sharedWords } from './english/shared';

const HOUR_MS = 3_600_000;

/** What of a vessel has cleared by now, and when to skim it. */
export function clearingWords(content: SettlingContent, nowMs: number): string {
  const hours = Math.max(0, (nowMs - Date.parse(content.filledAt)) / HOUR_MS);
  const [now] = settlingCourse(settlingTask(content), [hours]);
  const percent = (share: number | undefined): string => `${Math.round(100 * (share ?? 0))} %`;
  const cleared = settlingWords.ofTheBubblesAndOf({
    share: percent(now?.matter.bubbles.share),
    share2: percent(now?.matter.wax.share),
  });
  const next = nextSkim(content);
  if (!next) return cleared;
  const when = next.atMs <= nowMs ? commonWords.now() : formatWeekTime(next.atMs);
  return `${cleared}; ${next.which === 'first' ? sharedWords.skim() : settlingWords.skimAgain()} ${when}`;
}
