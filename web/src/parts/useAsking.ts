import { useState } from 'react';
import { ApiProblem } from '../base/api.js';

/** What a problem says, with everything that is wrong in it. */
export function problemText(error: unknown): string {
  return error instanceof ApiProblem
    ? [error.message, ...error.errors.map((one) => one.message)].join(' ')
    : 'That did not work.';
}

/** Asks the server for something a form wants: whether it is being asked, and what was wrong. */
export function useAsking() {
  const [busy, setBusy] = useState(false);
  const [fault, setFault] = useState('');
  const ask = async (work: () => Promise<unknown>) => {
    setBusy(true);
    setFault('');
    try {
      await work();
      return true;
    } catch (error) {
      setFault(problemText(error));
      return false;
    } finally {
      setBusy(false);
    }
  };
  return { busy, fault, setFault, ask };
}
