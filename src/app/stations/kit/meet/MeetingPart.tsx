import { CircleCheckBig, TriangleAlert } from 'lucide-react';
import type { ReactElement } from 'react';
import type { MeetingStep, MeetingTroubleCode, Parting } from '../../../../meeting';
import type { AppError } from '../../../../records';
import { Button } from '../../../ui/Button';
import { PageLink } from '../../../ui/page/PageLink';
import { ProgressBar } from '../../../ui/page/ProgressBar';
import { commonWords } from '../../../words/english/common';
import { meetWords } from '../../../words/english/meet';
import { tell } from '../../../words/tell';
import { QrCode } from './QrCode';
import type { MeetingState } from './useMeeting';

const DOING: Readonly<Record<MeetingStep['doing'], string>> = {
  waiting: meetWords.waitingForTheOther(),
  comparing: meetWords.comparing(),
  exchanging: meetWords.exchanging(),
  'bringing-in': meetWords.bringingIn(),
  confirming: meetWords.confirming(),
};

const TROUBLES: Readonly<Record<MeetingTroubleCode, string>> = {
  'no-letter-box': meetWords.noLetterBox(),
  'not-secure': meetWords.notSecure(),
  over: meetWords.codeIsOver(),
  taken: meetWords.codeIsTaken(),
  busy: meetWords.serverIsBusy(),
  'not-theirs': meetWords.notTheirs(),
  'other-workspace': meetWords.otherWorkspace(),
};

const troubleText = (code: MeetingTroubleCode | AppError): string =>
  typeof code === 'string' ? TROUBLES[code] : tell(code.message);

function CodeShown({ code, address }: { code: string; address: string }): ReactElement {
  return (
    <div className="grid items-center gap-x-8 gap-y-3 sm:grid-cols-[auto_minmax(0,1fr)]">
      <div className="sm:w-88">
        <QrCode text={address} label={meetWords.theCode()} />
      </div>
      <div className="max-w-xl space-y-3">
        <p className="text-lg">{meetWords.readItThere()}</p>
        <p className="font-mono text-2xl font-bold">{code.replaceAll('-', ' ')}</p>
      </div>
    </div>
  );
}

function Parted({ parting, onAgain }: { parting: Parting; onAgain: () => void }): ReactElement {
  const { isSame, sent, received } = parting;
  const Mark = isSame ? CircleCheckBig : TriangleAlert;
  const went = sent || received ? meetWords.wentBothWays() : meetWords.nothingWasNew();
  return (
    <section className="mt-4 max-w-3xl border-l-8 border-lavender pl-4">
      <p role="status" className="flex items-center gap-4 text-4xl leading-tight font-extrabold">
        <Mark aria-hidden className="size-10 shrink-0" />
        {isSame ? meetWords.bothHoldTheSame() : meetWords.theyStillDiffer()}
      </p>
      <p className="mt-1 text-lg">{isSame ? went : meetWords.somethingWasLeftOut()}</p>
      <div className="mt-4 flex flex-wrap gap-3">
        <PageLink to="today">{meetWords.toToday()}</PageLink>
        <Button onClick={onAgain}>{meetWords.meetAgain()}</Button>
      </div>
    </section>
  );
}

interface MeetingPartProps {
  state: Exclude<MeetingState, { at: 'apart' }>;
  onLeave: () => void;
}

/** A meeting that is under way, or how it ended. */
export function MeetingPart({ state, onLeave }: MeetingPartProps): ReactElement {
  if (state.at === 'parted') return <Parted parting={state.parting} onAgain={onLeave} />;
  if (state.at === 'trouble') {
    return (
      <div role="alert" className="mt-4 max-w-3xl border-l-4 border-ink bg-paper px-4 py-3">
        <p className="text-lg font-semibold">{troubleText(state.code)}</p>
        <Button className="mt-3" onClick={onLeave}>
          {meetWords.startAgain()}
        </Button>
      </div>
    );
  }
  const { step, code, address } = state;
  return (
    <div className="mt-4 space-y-4">
      {code !== null && <CodeShown code={code} address={address} />}
      <div className="flex min-h-11 flex-wrap items-center gap-x-4 gap-y-2 text-lg">
        <ProgressBar doing={DOING[step.doing]} share={step.share ?? undefined} />
        <p role="status">{DOING[step.doing]}</p>
        <Button onClick={onLeave}>{commonWords.stop()}</Button>
      </div>
    </div>
  );
}
