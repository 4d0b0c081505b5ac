import { Command as Palette } from 'cmdk';
import { useState, type ReactElement } from 'react';
import { Read } from '../data/Read';
import { FoundRecords } from './FoundRecords';
import { PALETTE_ITEM } from './paletteLook';
import { useOfferedCommands } from './useCommands';
import { shellWords } from '../words/english/shell';

interface CommandPaletteProps {
  open: boolean;
  onOpenChange: (open: boolean) => void;
}

/** Every act of the page by name, with the key that does the same; once something is typed, records by name too. */
export function CommandPalette({ open, onOpenChange }: CommandPaletteProps): ReactElement {
  const commands = useOfferedCommands();
  const [search, setSearch] = useState('');
  return (
    <Palette.Dialog
      open={open}
      onOpenChange={onOpenChange}
      label={shellWords.everythingYouCanDoHere()}
      overlayClassName="fixed inset-0 z-40 bg-veil"
      contentClassName="fixed inset-x-4 top-[max(12vh,var(--alarm-height,0px))] z-50 mx-auto max-w-xl border-4 border-lavender bg-linen"
    >
      <Palette.Input
        value={search}
        onValueChange={setSearch}
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
            className={PALETTE_ITEM}
          >
            {command.title}
            {command.key && <kbd className="font-sans text-base font-bold">{command.key}</kbd>}
          </Palette.Item>
        ))}
        {search.trim() !== '' && (
          <Read waiting={null} failed={() => null}>
            <FoundRecords onChosen={() => onOpenChange(false)} />
          </Read>
        )}
      </Palette.List>
    </Palette.Dialog>
  );
}
