import { PRACTICES, readPaste } from '@riegel/core';
import { cellsOf, withNotes } from './PasteDialog.js';

describe('pasted text', () => {
  it('splits tabs or commas, and keeps quoted line breaks in their cell', () => {
    expect(cellsOf('a\tb\r\n"c\nd"\te\n\n')).toEqual([
      ['a', 'b'],
      ['c\nd', 'e'],
    ]);
    expect(cellsOf('a,b\n1,"2,3"')).toEqual([
      ['a', 'b'],
      ['1', '2,3'],
    ]);
  });

  it('keeps what could not be read in the note of its opening', () => {
    const pasted = readPaste(
      cellsOf('Mark,Size,Remarks\n1,wide,red\n2,3070,blue'),
      PRACTICES['us-commercial'],
    );
    expect(withNotes(pasted).map((facts) => facts.note)).toEqual([
      'red Not read: Size given as “wide”.',
      'blue',
    ]);
  });
});
