import { Modal } from '../parts/Modal.js';

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
      ['n, p', 'next and previous opening'],
      ['1 … 8', 'to a stage'],
      ['d', 'next drawing'],
    ],
  ],
];

/** Every key there is, on one sheet. */
export function KeySheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  return (
    <Modal open={open} onClose={onClose} title="Keys">
      {KEYS.map(([title, keys]) => (
        <section key={title} className="mb-4">
          <h3 className="caps mb-1">{title}</h3>
          <dl className="grid grid-cols-[200px_1fr] gap-y-1">
            {keys.map(([key, what]) => (
              <div key={key} className="contents">
                <dt className="font-semibold">{key}</dt>
                <dd className="text-soft">{what}</dd>
              </div>
            ))}
          </dl>
        </section>
      ))}
    </Modal>
  );
}
