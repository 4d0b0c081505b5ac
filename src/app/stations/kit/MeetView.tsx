import { QrCode as CodeMark, ScanQrCode } from 'lucide-react';
import type { ReactElement } from 'react';
import { Button } from '../../ui/Button';
import { FileWork } from '../../ui/page/FileWork';
import { PageHead } from '../../ui/page/PageHead';
import { commonWords } from '../../words/english/common';
import { meetWords } from '../../words/english/meet';
import { ExchangeError } from './ExchangeError';
import { ImportSheet } from './ImportSheet';
import { CameraReader } from './meet/CameraReader';
import { MeetingPart } from './meet/MeetingPart';
import { RowPart } from './meet/RowPart';
import { TypedCode } from './meet/TypedCode';
import type { useMeetController } from './useMeetController';

type Controlled = ReturnType<typeof useMeetController>;

function Ways(props: Controlled): ReactElement {
  const { meeting, reading, shown, typed, openReader, closeReader } = props;
  if (reading.isOpen) {
    return <CameraReader soFar={reading.soFar} onText={reading.read} onClose={closeReader} />;
  }
  return (
    <>
      <div className="mt-4 flex flex-wrap gap-3">
        <Button tone="ink" className="min-h-14" onClick={meeting.showCode}>
          <CodeMark aria-hidden className="size-5" /> {meetWords.showACode()}
        </Button>
        <Button className="min-h-14" onClick={openReader}>
          <ScanQrCode aria-hidden className="size-5" /> {meetWords.readACode()}
        </Button>
      </div>
      <div className="mt-5">
        <TypedCode onTyped={typed} />
      </div>
      <RowPart {...shown} />
    </>
  );
}

/** A code was read: whoever shows it gets everything, so that it is asked once more. */
function Agreement({ agree, decline }: Pick<Controlled, 'agree' | 'decline'>): ReactElement {
  return (
    <section aria-labelledby="agree" className="mt-4 max-w-3xl border-4 border-lavender p-4">
      <h2 id="agree" className="text-2xl font-bold">
        {meetWords.isItYours()}
      </h2>
      <p className="mt-1 text-lg">{meetWords.eachGetsEverything()}</p>
      <div className="mt-4 flex flex-wrap gap-3">
        <Button tone="lavender" className="min-h-14" onClick={agree}>
          {meetWords.meetIt()}
        </Button>
        <Button onClick={decline}>{meetWords.notNow()}</Button>
      </div>
    </section>
  );
}

function Now(props: Controlled): ReactElement {
  const { meeting, secret, agree, decline } = props;
  if (meeting.state.at !== 'apart') {
    return <MeetingPart state={meeting.state} onLeave={meeting.leave} />;
  }
  if (secret) return <Agreement agree={agree} decline={decline} />;
  return <Ways {...props} />;
}

/** Two devices of one keeper end up with the same records. */
export function MeetView(props: Controlled): ReactElement {
  const { work, asked, error, meeting } = props;
  return (
    <>
      <PageHead
        over={commonWords.settings()}
        title={meetWords.anotherDevice()}
        lead={meetWords.bothEndUpTheSame()}
      />
      <Now {...props} />
      {meeting.state.at === 'apart' && <FileWork work={work} />}
      {error && <ExchangeError error={error} />}
      {asked && <ImportSheet asked={asked} busy={work.busy} />}
    </>
  );
}
