import { BOLT_STAGES } from '@riegel/core';
import { Modal } from '../parts/Modal.js';
import { boltKeys } from '../stage/openingPages.js';
import { SIDE_PAGES } from '../stage/sidePages.js';

const KEYS: [string, [string, string][]][] = [
  [
    'Everywhere',
    [
      ['Ctrl K or /', 'find an opening, go somewhere, do something'],
      ['Ctrl Z', 'undo'],
      ['Ctrl Shift Z', 'redo'],
      ['?', 'this sheet'],
    ],
  ],
  [
    'Register',
    [
      ['Arrows', 'move; Tab and Enter while editing'],
      ['Shift + arrows', 'select several'],
      ['Enter or F2, or just type', 'edit the cell'],
      ['Escape', 'leave it as it was'],
      ['Ctrl C, Ctrl V', 'copy and paste cells, also from a spreadsheet'],
      ['Ctrl D', 'fill down'],
      ['Delete', 'empty the cells'],
      ['Alt A', 'add an opening'],
      ['Alt E', 'edit the selected openings together'],
      ['Ctrl Enter', 'open the opening'],
    ],
  ],
  [
    'Opening',
    [
      ['n, p', 'next and previous opening, the same page of it'],
      ['0', 'the opening as a whole'],
      [boltKeys(BOLT_STAGES.length), 'its stages, in the order of the work'],
      ...SIDE_PAGES.map(({ key, name }): [string, string] => [key, name.toLowerCase()]),
    ],
  ],
  [
    'Drawings and benches',
    [
      ['d', 'next drawing or bench'],
      ['f', 'over the whole screen and back'],
      ['+, −, =', 'larger, smaller, the whole'],
      ['Arrows on a hinge', 'move it; Shift for larger steps'],
      ['Arrows on a slider', 'open the leaf; Home and End to its ends'],
    ],
  ],
  [
    'Survey',
    [
      ['Figures, then Enter', 'take the reading'],
      ['Backspace', 'the last figure again'],
    ],
  ],
  [
    'Dialogs and lists',
    [
      ['Escape', 'closes without change'],
      ['Letters', 'find an option of an open list; arrows and Enter take one'],
      ['Space', 'ticks a box'],
      ['Alt ↓ in the register', 'filter, sort, freeze or hide the column'],
    ],
  ],
];

/** Every key there is, on one sheet. */
export function KeySheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Modal open={open} onClose={onClose} title="Keys" wide>
      <div className="columns-2 gap-8 max-md:columns-1">
        {KEYS.map(([title, keys]) => (
          <section key={title} className="mb-4 break-inside-avoid">
            <h3 className="caps mb-1">{title}</h3>
            <dl className="grid grid-cols-[150px_1fr] gap-y-1">
              {keys.map(([key, what]) => (
                <div key={key} className="contents">
                  <dt className="font-semibold">{key}</dt>
                  <dd className="text-soft">{what}</dd>
                </div>
              ))}
            </dl>
          </section>
        ))}
      </div>
    </Modal>
  );
}
