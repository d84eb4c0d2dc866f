import { Link } from 'react-router';
import { Message } from '../parts/Message.js';

/** What stands in place of an opening that is not there. */
export function NoOpening({ base }: { base: string }) {
  return (
    <Message
      title="This opening is not here"
      actions={
        <Link className="button primary" to={base}>
          To the register
        </Link>
      }
    >
      It was deleted, or belongs to another project.
    </Message>
  );
}
