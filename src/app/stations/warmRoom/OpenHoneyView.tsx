import { PageTabs } from '../../ui/page/PageTabs';
import { Columns } from '../../ui/page/Columns';
import { PageHead } from '../../ui/page/PageHead';
import type { useOpenHoneyController } from './useOpenHoneyController';
import { type ReactElement } from 'react';
import { Field } from '../../entry/Field';
import { Fields } from '../../entry/Fields';
import { STANDING_KINDS, openHoneyEntry, type OpenHoneyKind } from '../../forms/room/openHoneyForm';
import { Button } from '../../ui/Button';
import { FormFrame } from '../../ui/forms/FormFrame';
import { PageLink } from '../../ui/page/PageLink';
import { commonWords } from '../../words/english/common';
import { roomWords } from '../../words/english/room';
import { BeetleClock, OpenHoneyAnswer } from './parts/OpenHoneyAnswer';

const KIND_NAMES: Readonly<Record<OpenHoneyKind, string>> = {
  combs: roomWords.combsInAShed(),
  pail: roomWords.openPailOrStrainer(),
  tray: roomWords.spreadOutToDry(),
};

const CAUTIONS: Readonly<Record<OpenHoneyKind, string>> = {
  combs: roomWords.coverThemBeesAndBeetles(),
  pail: roomWords.putTheLidOnIn(),
  get tray() {
    return roomWords.keepItBelowCWarmth();
  },
};

function OpenHoneyFields({ kind }: { kind: OpenHoneyKind }): ReactElement {
  return (
    <div className="grid gap-5 sm:grid-cols-2">
      <Field of={openHoneyEntry} at="massKg" />
      {kind === 'combs' ? (
        <Field of={openHoneyEntry} at="openShare" />
      ) : (
        <Field of={openHoneyEntry} at="areaDm2" />
      )}
      <Field
        of={openHoneyEntry}
        at="moisturePercent"
        label={kind === 'combs' ? roomWords.waterInOpenCells() : commonWords.waterContent()}
      />
      {kind === 'combs' && <Field of={openHoneyEntry} at="cappedPercent" />}
      {kind === 'tray' && <Field of={openHoneyEntry} at="stirredEveryHours" />}
      <Fields of={openHoneyEntry} at={['airC', 'relativeHumidity', 'honeyC', 'hours']} />
    </div>
  );
}

const addressOf = (kind: OpenHoneyKind): string => `warm-room/standing/${kind}`;

/** Honey that waits or dries outside a warm room: what the air does to it by then. */
export function OpenHoneyView(props: ReturnType<typeof useOpenHoneyController>): ReactElement {
  const { kind, frame, openHoney, course, reset } = props;
  return (
    <>
      <PageHead title={roomWords.waitingOrDryingAnotherWay()}>
        <PageLink to="warm-room">{roomWords.allRooms()}</PageLink>
      </PageHead>
      <div className="mt-4">
        <PageTabs
          label={roomWords.whatStands()}
          pages={STANDING_KINDS.map((other) => ({ to: addressOf(other), name: KIND_NAMES[other] }))}
          at={addressOf(kind)}
        />
      </div>
      <FormFrame {...frame} onSubmit={() => undefined} label={KIND_NAMES[kind]}>
        <Columns>
          <div className="space-y-5">
            <OpenHoneyFields kind={kind} />
            <Button onClick={reset}>{roomWords.usualValues()}</Button>
          </div>
          <div className="order-first space-y-5 wide:order-none">
            {course && openHoney ? (
              <OpenHoneyAnswer course={course} openHoney={openHoney} />
            ) : (
              <p className="text-xl">{roomWords.correctWhatIsMarkedAnd()}</p>
            )}
            <p className="border-l-8 border-ink pl-3 text-lg">{CAUTIONS[kind]}</p>
            {kind === 'combs' && openHoney && <BeetleClock air={openHoney.air} />}
          </div>
        </Columns>
      </FormFrame>
    </>
  );
}
