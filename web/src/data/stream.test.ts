import { heard, type FeedLine, type Hearing } from './stream.js';

const told = (line: FeedLine) => {
  const done: unknown[] = [];
  const hearing: Hearing = {
    openings: (ids) => done.push(['openings', ids.length]),
    all: () => done.push('all'),
    documents: () => done.push('documents'),
    site: () => done.push('site'),
  };
  heard(line, hearing);
  return done;
};
const ids = (count: number) => Array.from({ length: count }, (_, index) => String(index));

it.each([
  ['one opening', { openings: ['a'], documents: [] }, [['openings', 1]]],
  ['two hundred', { openings: ids(200), documents: [] }, [['openings', 200]]],
  ['more', { openings: ids(201), documents: [] }, ['all']],
  ['a write that names nothing', { openings: null, documents: null }, ['documents', 'all']],
  ['a document', { openings: [], documents: ['building'] }, ['documents']],
  ['both', { openings: ['a'], documents: ['locks'] }, ['documents', ['openings', 1]]],
  ['a record of the site', { openings: [], documents: [], kind: 'site' }, ['site']],
  ['nothing', { openings: [], documents: [] }, []],
])('%s is read as it should be', (_, line, expected) => expect(told(line)).toEqual(expected));
