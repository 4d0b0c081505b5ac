import { Command as Palette } from 'cmdk';
import { useMemo, type ReactElement } from 'react';
import { useNavigate } from 'react-router';
import { yardOf } from '../../model';
import { selectWorkspace, useAppSelector } from '../../store';
import { useBook, useLots, useRooms } from '../data/useWorkspaceModel';
import { commonWords } from '../words/english/common';
import { shellWords } from '../words/english/shell';
import { PALETTE_ITEM } from './paletteLook';

/** A record that can be opened by its name. */
interface Found {
  readonly id: string;
  readonly kind: string;
  readonly name: string;
  /** inside the workspace */
  readonly to: string;
}

function useRecordsByName(): readonly Found[] {
  const [lots, book, rooms] = [useLots(), useBook(), useRooms()];
  return useMemo(() => {
    const hiveName = (name: string, yardId: string): string => {
      const yard = yardOf(book, yardId)?.content.name ?? '';
      return [name, yard].filter((part) => part !== '').join(', ');
    };
    return [
      ...lots.map(({ lot: { entityId, content } }) => ({
        id: entityId,
        kind: shellWords.lot(),
        name: [content.name, content.code].filter((part) => part !== '').join(', '),
        to: `lots/${entityId}`,
      })),
      ...book.colonies.map(({ entityId, content }) => ({
        id: entityId,
        kind: commonWords.hive(),
        name: hiveName(content.name, content.yardId),
        to: `season?find=${encodeURIComponent(hiveName(content.name, content.yardId).replace(',', ''))}`,
      })),
      ...book.instruments.map(({ entityId, content }) => ({
        id: entityId,
        kind: commonWords.meter(),
        name: content.name,
        to: `bench/meters/${entityId}`,
      })),
      ...rooms.map(({ room: { entityId, content } }) => ({
        id: entityId,
        kind: commonWords.warmRoom(),
        name: content.name,
        to: `warm-room/${entityId}`,
      })),
    ];
  }, [lots, book, rooms]);
}

/** Lots, hives, meters and rooms, to be found by name. */
export function FoundRecords({ onChosen }: { onChosen: () => void }): ReactElement {
  const navigate = useNavigate();
  const workspace = useAppSelector(selectWorkspace);
  return (
    <>
      {useRecordsByName().map(({ id, kind, name, to }) => (
        <Palette.Item
          key={id}
          value={`${name} ${kind} ${id}`}
          onSelect={() => {
            onChosen();
            void navigate(`/${workspace}/${to}`);
          }}
          className={PALETTE_ITEM}
        >
          {name}
          <span className="shrink-0 text-base">{kind}</span>
        </Palette.Item>
      ))}
    </>
  );
}
