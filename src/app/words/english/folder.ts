import { messages } from '../messages';

export const folderWords = messages('folder', {
  keepCopiesInAFolder: 'Keep a copy in a folder automatically',
  copiesAreKeptIn:
    'After each change a copy is saved in the folder “{name}”; the last three are kept.',
  folderIsNotLent: 'The browser wants your permission again before it saves copies in “{name}”.',
  folderFailed:
    'The last copy could not be saved in “{name}”. Check that the folder is there and has room, then choose it again.',
  allowTheFolder: 'Allow the folder',
  chooseAnotherFolder: 'Choose a folder',
  recordsWereDeleted:
    'The browser has deleted your records. This page still shows all but the photographs: save them to a file, then load the page again and bring the file in.',
  saveWhatIsLeft: 'Save what is left',
  noMoreCopies: 'Stop saving copies there',
});
