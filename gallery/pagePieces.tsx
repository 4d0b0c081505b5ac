import { useState, type ReactElement } from 'react';
import { NOT_LOADED } from '../src/workers/helpers';
import { noticeShown, useAppDispatch } from '../src/store';
import { Alone } from '../src/app/ui/page/Alone';
import { BackToDoor } from '../src/app/ui/page/BackToDoor';
import { Columns } from '../src/app/ui/page/Columns';
import { EmptyNote } from '../src/app/ui/page/EmptyNote';
import { FailedPage, FailedPart } from '../src/app/ui/page/FailedPage';
import { FileWork } from '../src/app/ui/page/FileWork';
import { Fold } from '../src/app/ui/page/Fold';
import { LongList } from '../src/app/ui/page/LongList';
import { FoldSummary } from '../src/app/ui/page/FoldSummary';
import { ForecastProgress } from '../src/app/ui/page/ForecastProgress';
import { NothingHere } from '../src/app/ui/page/NothingHere';
import { NoticeLine } from '../src/app/ui/page/NoticeLine';
import { PrintButton } from '../src/app/ui/page/PrintButton';
import { PageHead } from '../src/app/ui/page/PageHead';
import { PageLink } from '../src/app/ui/page/PageLink';
import { PageTabs } from '../src/app/ui/page/PageTabs';
import { ProgressBar } from '../src/app/ui/page/ProgressBar';
import { SheetSection } from '../src/app/ui/page/SheetSection';
import { Waiting } from '../src/app/ui/page/Waiting';
import { Button } from '../src/app/ui/Button';
import { Piece } from './Piece';

const nothing = (): void => undefined;

/** Fails on purpose. */
function Failing(): ReactElement {
  throw new Error('a part that cannot be drawn');
}

function Notices(): ReactElement {
  const dispatch = useAppDispatch();
  const [tone, setTone] = useState<'done' | 'info' | 'refused'>('info');
  return (
    <>
      <div className="flex flex-wrap gap-2">
        {(['done', 'info', 'refused'] as const).map((each) => (
          <Button
            key={each}
            aria-pressed={tone === each}
            onClick={() => {
              setTone(each);
              dispatch(noticeShown({ text: 'Reading 17.2 % saved', tone: each }));
            }}
          >
            {each}
          </Button>
        ))}
      </div>
      <NoticeLine />
    </>
  );
}

const forecast = (status: 'running' | 'done' | 'given-up' | 'failed', why = false) => (
  <ForecastProgress
    forecast={{
      status,
      why: why ? NOT_LOADED : null,
      progress: 0.4,
      cancel: nothing,
      again: nothing,
    }}
    lookAt="the room"
  >
    From 12 measurements.
  </ForecastProgress>
);

const fileWork = (state: { busy?: boolean; wrong?: string; share?: number }) => (
  <FileWork
    work={{
      busy: state.busy ?? false,
      wrong: state.wrong ?? '',
      progress: state.share === undefined ? null : { doing: 'writing', share: state.share },
      run: () => Promise.resolve(null),
      close: nothing,
    }}
  />
);

/** Heads, sections and faces of a page. */
export function PagePieces(): ReactElement {
  return (
    <>
      <Piece name="PrintButton">{{ 'in the head of a page': <PrintButton /> }}</Piece>
      <Piece name="PageHead">
        {{
          plain: <PageHead title="Store" />,
          'with all': (
            <PageHead over="Warm room" title="Back room" lead="20 of 90 boxes in it">
              <Button tone="ink">Load a batch</Button>
              <PageLink to="warm-room">All rooms</PageLink>
            </PageHead>
          ),
        }}
      </Piece>
      <Piece name="PageTabs">
        {{
          'on the second': (
            <PageTabs
              label="Pages"
              at="b"
              pages={[
                { to: 'a', name: 'Settling' },
                { to: 'b', name: 'Warmth' },
              ]}
            />
          ),
        }}
      </Piece>
      <Piece name="PageLink">
        {{
          line: <PageLink to="store">Store</PageLink>,
          ink: (
            <PageLink to="store" tone="ink">
              Store
            </PageLink>
          ),
        }}
      </Piece>
      <Piece name="Columns">
        {{
          even: (
            <Columns>
              <p className="bg-lavender-pale p-4">left</p>
              <p className="bg-lavender-pale p-4">right</p>
            </Columns>
          ),
          'main first': (
            <Columns share="main-first">
              <p className="bg-lavender-pale p-4">main</p>
              <p className="bg-lavender-pale p-4">beside</p>
            </Columns>
          ),
        }}
      </Piece>
      <Piece name="SheetSection">
        {{
          'with an act': (
            <SheetSection id="g-section" title="Readings" aside={<Button>Add one</Button>}>
              <p className="text-lg">What is in it.</p>
            </SheetSection>
          ),
        }}
      </Piece>
      <Piece name="FoldSummary">
        {{
          shut: (
            <details>
              <FoldSummary>More</FoldSummary>
              <p>folded</p>
            </details>
          ),
          open: (
            <details open>
              <FoldSummary size="large">More</FoldSummary>
              <p>folded</p>
            </details>
          ),
        }}
      </Piece>
      <Piece name="EmptyNote">
        {{ empty: <EmptyNote>No room yet. Describe yours.</EmptyNote> }}
      </Piece>
      <Piece name="Waiting">{{ waiting: <Waiting /> }}</Piece>
      <Piece name="FailedPage">
        {{
          'a page': <FailedPage error={new Error('a figure that is none')} />,
          'the records': <FailedPage error={new Error('disk gone')} reading again={nothing} />,
          'not fetched': <FailedPage error={new Error('Failed to fetch')} />,
          'one part': <FailedPart again={nothing} />,
        }}
      </Piece>
      <Piece name="Alone">
        {{
          'left out where it fails': (
            <Alone>
              <Failing />
            </Alone>
          ),
        }}
      </Piece>
      <Piece name="NothingHere">{{ 'no such address': <NothingHere /> }}</Piece>
      <Piece name="BackToDoor">{{ link: <BackToDoor /> }}</Piece>
      <Piece name="ProgressBar">
        {{
          'so far': <ProgressBar doing="Calculating" share={0.6} />,
          'not known': <ProgressBar doing="Calculating" />,
        }}
      </Piece>
      <Piece name="ForecastProgress">
        {{
          running: forecast('running'),
          done: forecast('done'),
          'given up': forecast('given-up'),
          failed: forecast('failed'),
          'not loaded': forecast('failed', true),
        }}
      </Piece>
      <Piece name="FileWork">
        {{
          working: fileWork({ busy: true, share: 0.3 }),
          failed: fileWork({ wrong: 'A part of Ripenum could not be loaded.' }),
        }}
      </Piece>
      <Piece name="LongList">
        {{
          'with more': (
            <LongList
              items={Array.from({ length: 200 }, (_, at) => `Lot ${at + 1}`)}
              find="Find a lot"
              textsOf={(name) => [name]}
            >
              {(shown) => <p>{shown.join(', ')}</p>}
            </LongList>
          ),
        }}
      </Piece>
      <Piece name="Fold">{{ shut: <Fold summary="Measured (6)">six lots</Fold> }}</Piece>
      <Piece name="NoticeLine">{{ 'at the foot of the page': <Notices /> }}</Piece>
    </>
  );
}
