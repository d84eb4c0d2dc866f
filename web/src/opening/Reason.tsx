import { phraseNamed, type Decision, type Message } from '@riegel/core';
import { Figures } from '../parts/Figure.js';
import { factOfPart } from './factNames.js';
import { useOpeningPage } from './page.js';

/** A reason whose figures lead to the facts they are: a click edits the fact where it is read. */
export function Reason({ said, decision }: { said: Message; decision: Decision }) {
  const { facts, units, editFact } = useOpeningPage();
  return (
    <span className="block text-[12.5px] leading-[17px] text-soft">
      {phraseNamed(said, units).map(({ part, about }, index) => {
        const fact = factOfPart(about, about ? said.params[about] : undefined, decision, facts);
        const shown = <Figures parts={[part]} />;
        return fact ? (
          <button
            key={index}
            type="button"
            data-edits={fact}
            className="inline text-left underline decoration-rule decoration-dotted underline-offset-2 hover:text-brass hover:decoration-brass"
            onClick={(event) => editFact(fact, event.currentTarget)}
          >
            {shown}
          </button>
        ) : (
          <span key={index}>{shown}</span>
        );
      })}
    </span>
  );
}
