import { removeRecord } from '../acts/removeRecord';
import type { ReactElement, ReactNode } from 'react';
import type { Photo, Proof } from '../../records';
import { useAppDispatch } from '../../store';
import { Button } from './Button';
import { pictureUrl } from './pictureUrl';
import { sharedWords } from '../words/english/shared';

interface PhotoPictureProps {
  record: Photo | Proof;
  alt: string;
  caption?: string;
  /** what else can be done with it */
  children?: ReactNode;
}

/** A kept photograph, and the way to take it back. */
export function PhotoPicture({
  record,
  alt,
  caption = '',
  children,
}: PhotoPictureProps): ReactElement {
  const dispatch = useAppDispatch();
  const { width, height } = record.content;
  const remove = () => dispatch(removeRecord(sharedWords.photographRemoved(), record));
  return (
    <figure className="max-w-sm">
      <img
        src={pictureUrl(record.content)}
        width={width}
        height={height}
        alt={alt}
        className="w-full border-2 border-ink"
      />
      <figcaption className="flex flex-wrap items-center justify-between gap-2 text-base">
        {caption}
        {children}
        <Button tone="quiet" onClick={() => void remove()}>
          {sharedWords.removeThePhotograph()}
        </Button>
      </figcaption>
    </figure>
  );
}
