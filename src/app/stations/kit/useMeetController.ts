import { useState } from 'react';
import { useLocation } from 'react-router';
import { secretOf } from '../../../meeting';
import type { AppError } from '../../../records';
import { useFileWork } from '../../ui/page/FileWork';
import { meetWords } from '../../words/english/meet';
import { useMeeting } from './meet/useMeeting';
import { useRowReading, useShownRow } from './meet/useRow';
import { isClean, useBringIn } from './useBringIn';

/** Meeting another device: through the server by a code, or without any network by a row of codes. */
export function useMeetController() {
  const { hash } = useLocation();
  const work = useFileWork();
  const { asked, bringIn } = useBringIn(work, isClean);
  const meeting = useMeeting(work, bringIn);
  const shown = useShownRow(work);
  /** a code that was read or came with the address; it is asked once more before anything is sent */
  const [secret, setSecret] = useState(() => secretOf(hash));
  const [isReading, setReading] = useState(false);
  const [error, setError] = useState<AppError | null>(null);
  const row = useRowReading(async (file) => {
    setReading(false);
    setError(await bringIn(meetWords.theOtherDevice(), file));
  });

  const typed = (text: string): boolean => {
    const found = secretOf(text);
    if (found) setSecret(found);
    return found !== null;
  };
  const read = (text: string): void => {
    if (row.add(text) || !typed(text)) return;
    setReading(false);
  };
  return {
    work,
    asked,
    error,
    meeting,
    shown,
    secret,
    typed,
    reading: { isOpen: isReading, soFar: row.soFar, read },
    openReader: () => {
      row.begin();
      setError(null);
      setReading(true);
    },
    closeReader: () => setReading(false),
    /** Meets the device that shows the code. */
    agree: () => {
      if (secret) meeting.meetOther(secret);
      setSecret(null);
    },
    decline: () => setSecret(null),
  };
}
