import { RotateCcw } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useMemo } from 'react';
import {
  fieldOf,
  meetsInMiddle,
  type FactsPatch,
  type FieldName,
  type OpeningFacts,
} from '@riegel/core';
import { termText } from '../base/words.js';
import { CheckBox } from '../parts/CheckBox.js';
import { FieldInput } from '../parts/FieldInput.js';
import { Say } from '../parts/Say.js';
import { Select } from '../parts/Select.js';
import { factLabel, ownFact } from './factNames.js';
import { useOpeningPage } from './page.js';

/** A fact edited beside the figure that was clicked: typed, measured or given, or left to follow. */
export function FactEditor({
  name,
  at,
  onClose,
}: {
  name: FieldName;
  at: Element;
  onClose: () => void;
}) {
  const { facts, decided, practice, units, canEdit, onPatch } = useOpeningPage();
  const anchor = useMemo(() => ({ current: at }), [at]);
  const field = fieldOf(name)!;
  const label = factLabel(field, facts.kind);
  const decision = decided.decisions.find((one) => ownFact(one, facts.kind) === name);
  const measurable = field.type === 'length' || field.type === 'mass';
  const recorded = facts[name] !== undefined;
  const measured = facts.provenance?.[name] === 'measured';
  return (
    <Popover.Root open onOpenChange={(open) => !open && onClose()}>
      <Popover.Anchor virtualRef={anchor} />
      <Popover.Portal>
        <Popover.Content
          aria-label={label}
          collisionPadding={8}
          sideOffset={6}
          className="sheet z-40 w-72 border-2 !border-brass p-3 shadow-lg"
          onOpenAutoFocus={(event) => {
            const box = (event.currentTarget as HTMLElement).querySelector<HTMLElement>(
              'input, [data-select]',
            );
            if (!box) return;
            event.preventDefault();
            box.focus();
            if (box instanceof HTMLInputElement) box.select();
          }}
        >
          <FieldInput
            name={name}
            facts={facts}
            practice={practice}
            disabled={!canEdit}
            label={label}
            measured={measured}
            onPatch={onPatch}
          />
          {recorded && canEdit && (
            <div className="mt-2 flex items-center gap-3">
              {measurable && (
                <CheckBox
                  checked={measured}
                  onChange={(next) =>
                    onPatch({
                      provenance: { ...facts.provenance, [name]: next ? 'measured' : 'given' },
                    })
                  }
                >
                  measured
                </CheckBox>
              )}
              {name !== 'mark' && name !== 'kind' && (
                <button
                  type="button"
                  className="button bare !px-1"
                  onClick={() => onPatch({ [name]: undefined })}
                >
                  <RotateCcw size={13} /> let it follow
                </button>
              )}
            </div>
          )}
          {decision && field.stage === 'sizing' && measurable && (
            <Gives part={decision.key} facts={facts} canEdit={canEdit} onPatch={onPatch} />
          )}
          {decision && decision.reasons.length > 0 && (
            <div className="mt-2 border-t border-rule pt-1 text-xs text-soft">
              {decision.reasons.map((reason, index) => (
                <p key={index}>
                  <Say said={reason} units={units} />
                </p>
              ))}
            </div>
          )}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}

/** The members that may give where frame and leaf are both fixed. */
function givers(
  part: string,
  facts: OpeningFacts,
): { fact: 'widthGives' | 'heightGives'; gives: string[] } {
  if (/Height|headGap|undercut|threshold|floorFinish/.test(part))
    return { fact: 'heightGives', gives: ['undercut', 'headGap'] };
  const pair = meetsInMiddle(facts.kind);
  return {
    fact: 'widthGives',
    gives: [
      'hingeGap',
      ...(pair && facts.meetingEdge !== 'mullion' ? ['meetingGap'] : ['lockGap']),
    ],
  };
}

function Gives({
  part,
  facts,
  canEdit,
  onPatch,
}: {
  part: string;
  facts: OpeningFacts;
  canEdit: boolean;
  onPatch: (patch: FactsPatch) => void;
}) {
  const { fact, gives } = givers(part, facts);
  return (
    <div className="mt-2 flex items-center gap-2 text-soft">
      Where all is fixed gives
      <Select
        label="What gives"
        className="text-ink"
        disabled={!canEdit}
        value={facts[fact] ?? ''}
        options={[
          { value: '', text: 'as usual' },
          ...gives.map((one) => ({ value: one, text: termText(`part.${one}`) })),
        ]}
        onChange={(value) => onPatch({ [fact]: value || undefined } as FactsPatch)}
      />
    </div>
  );
}
