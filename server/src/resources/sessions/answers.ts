import { flag, id, listOf, orNone, record, shape, text } from '../../base/http/shapes.js';

const personView = shape('PersonView', record({ id, name: text, email: text, admin: flag }));

/** Who is signed in, and what the sign-in page has to know. */
export const sessionView = shape(
  'SessionView',
  record({
    person: orNone(personView),
    demo: flag,
    demoPeople: listOf(personView),
    tape: orNone(text),
  }),
);

/** Nobody yet while a second factor is owed. */
export const signedIn = record({ person: orNone(personView), second: flag.optional() });
export const started = record({ person: personView });
export const joined = record({ person: personView, projectId: orNone(id) });
