import { Command as Palette } from 'cmdk';
import type { ReactElement } from 'react';
import { useOfferedCommands } from './useCommands';
import { shellWords } from '../words/english/shell';

interface CommandPaletteProps {
  open: boolean;
  onOpenChange: (open: boolean) => void;
}

/** Every act of the page by name, with the key that does the same. */
export function CommandPalette({ open, onOpenChange }: CommandPaletteProps): ReactElement {
  const commands = useOfferedCommands();
  return (
    <Palette.Dialog
      open={open}
      onOpenChange={onOpenChange}
      label={shellWords.everythingYouCanDoHere()}
      overlayClassName="fixed inset-0 z-40 bg-veil"
      contentClassName="fixed inset-x-4 top-[12vh] z-50 mx-auto max-w-xl border-4 border-lavender bg-linen"
    >
      <Palette.Input
        placeholder={shellWords.whatDoYouWantTo()}
        className="min-h-14 w-full border-b-2 border-ink bg-paper px-4 text-xl placeholder:text-thread-deep"
      />
      <Palette.List className="max-h-[55vh] overflow-y-auto">
        <Palette.Empty className="p-4 text-lg">{shellWords.nothingFound()}</Palette.Empty>
        {commands.map((command) => (
          <Palette.Item
            key={command.id}
            value={command.title}
            onSelect={() => {
              onOpenChange(false);
              command.run();
            }}
            className="flex min-h-12 cursor-pointer items-center justify-between gap-4 px-4 text-lg data-[selected=true]:bg-ink data-[selected=true]:text-linen"
          >
            {command.title}
            {command.key && <kbd className="font-sans text-base font-bold">{command.key}</kbd>}
          </Palette.Item>
        ))}
      </Palette.List>
    </Palette.Dialog>
  );
}
