import { ChevronRight } from 'lucide-react';
import { sharedWords } from '../../words/english/shared';
import { lotTexts } from '../../format/lotTexts';
import { LongList } from '../../ui/page/LongList';
import type { ReactElement } from 'react';
import { EmptyNote } from '../../ui/page/EmptyNote';
import { PageHead } from '../../ui/page/PageHead';
import { PageLink } from '../../ui/page/PageLink';
import { formatDay } from '../../format/dates';
import type { useFoamController } from './useFoamController';
import { commonWords } from '../../words/english/common';
import { momentWords } from '../../words/english/moment';

/** What foam means, what to do first, and which honey it is. */
export function FoamView({ files, choose }: ReturnType<typeof useFoamController>): ReactElement {
  return (
    <>
      <PageHead title={momentWords.itFoams()} />
      <div className="mt-3 max-w-3xl space-y-2 border-l-8 border-lavender pl-4 text-lg">
        <p className="text-xl font-bold">{momentWords.foamFirst()}</p>
        <p>{momentWords.foamLead()}</p>
        <p>{momentWords.foamNeverFeed()}</p>
      </div>
      <h2 className="mt-6 text-2xl font-bold">{momentWords.whichHoney()}</h2>
      {files.length === 0 ? (
        <>
          <EmptyNote>{momentWords.noHoneyRecorded()}</EmptyNote>
          <div className="mt-3">
            <PageLink to="lots/new" tone="ink">
              {commonWords.newLot()}
            </PageLink>
          </div>
        </>
      ) : (
        <>
          <p className="text-lg">{momentWords.tapNotes()}</p>
          <LongList items={files} find={sharedWords.findALot()} textsOf={lotTexts}>
            {(shown) => (
              <ul className="mt-2 divide-y divide-thread border-y-2 border-ink">
                {shown.map((file) => {
                  const { name, code, date } = file.lot.content;
                  return (
                    <li key={file.lot.entityId}>
                      <button
                        type="button"
                        onClick={() => void choose(file)}
                        className="flex min-h-16 w-full items-center gap-4 py-2 text-left hover:bg-lavender-pale"
                      >
                        <span className="grow">
                          <span className="block text-xl font-bold">{name || code}</span>
                          <span className="block text-base text-ink-soft">
                            {code} · {formatDay(date)}
                          </span>
                        </span>
                        <ChevronRight aria-hidden className="size-6 shrink-0" />
                      </button>
                    </li>
                  );
                })}
              </ul>
            )}
          </LongList>
        </>
      )}
    </>
  );
}
