import { useEditing } from '../../../data/useEditing';
import type { ExtractionContent, OwnTool } from '../../../../records';
import { type ReactElement } from 'react';
import { type ToolJudgement } from '../../../../core';
import type { NamedTool } from '../../../../model';
import { selectPreferences, useAppSelector } from '../../../../store';
import { USUAL_TOOL, toolEntry } from '../../../forms/line/lineForms';
import { durationText } from '../../../format/clock';
import { FACE_NAMES, TOOL_NAMES, toolName } from '../../../words/strainWords';
import { formatQuantity } from '../../../format/units';
import { Button } from '../../../ui/Button';
import { EntrySheet } from '../../../ui/forms/EntrySheet';
import { PlainTable } from '../../../ui/PlainTable';
import { SheetSection } from '../../../ui/page/SheetSection';
import { ToolFields } from './CombFields';
import { lineWords } from '../../../words/english/line';

const AGAINST = {
  face: lineWords.isWrongForThisComb(),
  'new-comb': lineWords.tearsOrMeltsNewComb(),
} as const;

function suits(judged: ToolJudgement): string {
  return judged.against.length === 0
    ? lineWords.suits()
    : judged.against.map((value) => AGAINST[value]).join(', ');
}

interface ToolsSectionProps {
  content: ExtractionContent;
  ownTools: readonly OwnTool[];
  judged: readonly ToolJudgement[];
}

/** What each tool takes and spares on these combs, those of the keeper's own among them. */
export function ToolsSection({ content, ownTools, judged }: ToolsSectionProps): ReactElement {
  const preferences = useAppSelector(selectPreferences);
  const editing = useEditing<OwnTool>();
  const { record } = editing;
  const { face, newComb, tool: chosen } = content;
  const used = judged.find(({ tool }) => tool.kind === chosen.kind);
  return (
    <SheetSection
      id="tools"
      title={lineWords.openingTheCombs()}
      aside={<Button onClick={() => editing.add()}>{lineWords.aToolOfYourOwn()}</Button>}
    >
      {used && (
        <p className="mb-2 text-xl">
          {lineWords.chosenForTheDayIs({
            face: FACE_NAMES[face],
            part: newComb ? lineWords.builtThisYear() : '',
            tool: TOOL_NAMES[chosen.kind].toLowerCase(),
          })}{' '}
          <strong>{suits(used)}</strong>
          {used.against.length > 0 ? '.' : lineWords.thisComb()}
        </p>
      )}
      <PlainTable
        label={lineWords.toolsForTheseCombs()}
        head={[
          lineWords.tool(),
          lineWords.forThisComb(),
          lineWords.holds(),
          lineWords.withTheWax(),
          lineWords.combSpared(),
        ]}
        rows={judged.map((toolJudgement) => {
          const named = toolJudgement.tool as NamedTool;
          const own = ownTools.find((each) => each.entityId === named.id);
          return [
            own ? (
              <Button
                key={named.id}
                tone="quiet"
                className="px-0!"
                onClick={() => editing.edit(own)}
              >
                {toolName(named)}
              </Button>
            ) : (
              toolName(named)
            ),
            suits(toolJudgement),
            durationText(toolJudgement.minutes),
            formatQuantity(toolJudgement.lossKg, 'mass', preferences),
            `${Math.round(100 * named.combSpared)} %`,
          ];
        })}
      />
      <p className="mt-2 text-base">{lineWords.timesAndLossesAreUsual()}</p>
      <EntrySheet
        {...editing}
        kind="uncapping-tool"
        what={lineWords.theTool()}
        title={record ? record.content.name : lineWords.aToolOfYourOwn()}
        description={lineWords.itsOwnTimesAndLosses()}
        formOf={toolEntry.fill(record?.content ?? USUAL_TOOL, preferences)}
        parse={(form) => toolEntry.read(form, preferences)}
      >
        <ToolFields />
      </EntrySheet>
    </SheetSection>
  );
}
