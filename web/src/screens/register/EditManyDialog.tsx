import { useState } from 'react';
import {
  FIELDS,
  fieldApplies,
  type FactsPatch,
  type Field,
  type OpeningFacts,
  type Practice,
} from '@riegel/core';
import { termText } from '../../base/words.js';
import { FieldInput } from '../../parts/FieldInput.js';
import { Modal } from '../../parts/Modal.js';
import { Select } from '../../parts/Select.js';
import { Labelled } from '../../parts/Labelled.js';

const COMMON: Field['name'][] = [
  'role',
  'frameMaterial',
  'leafConstruction',
  'rating',
  'kind',
  'from',
  'to',
  'storey',
  'frameWidth',
  'frameHeight',
  'leafThickness',
  'closer',
  'frequency',
  'exterior',
  'secured',
  'accessible',
  'swing',
  'hingeSide',
  'trimProjection',
  'undercut',
  'practice',
];

/** One change for many openings: one event, one undo. */
export function EditManyDialog({
  open,
  list,
  practice,
  onClose,
  onApply,
}: {
  open: boolean;
  list: OpeningFacts[];
  practice: Practice;
  onClose: () => void;
  onApply: (patch: FactsPatch) => void;
}) {
  const [name, setName] = useState<Field['name']>('frameMaterial');
  const [patch, setPatch] = useState<FactsPatch | undefined>();
  const values = new Set(list.map((facts) => JSON.stringify(facts[name] ?? null)));
  const sample = {
    mark: '',
    kind: list[0]?.kind ?? 'single',
    ...(values.size === 1 ? { [name]: list[0]?.[name] } : {}),
    ...patch,
  } as OpeningFacts;
  const meant = list.filter((facts) => fieldApplies(name, facts.kind)).length;
  const close = () => {
    setPatch(undefined);
    onClose();
  };
  return (
    <Modal
      open={open}
      onClose={close}
      title={`Edit ${list.length} openings`}
      description={
        list.length > 6
          ? `${list
              .slice(0, 6)
              .map((facts) => facts.mark)
              .join(', ')} …`
          : list.map((facts) => facts.mark).join(', ')
      }
    >
      <div className="grid grid-cols-2 gap-3">
        <Labelled label="Fact">
          <Select
            label="Fact"
            value={name}
            onChange={(next) => {
              setName(next as Field['name']);
              setPatch(undefined);
            }}
            options={[
              ...COMMON,
              ...FIELDS.flatMap((field) =>
                COMMON.includes(field.name) || field.name === 'mark' ? [] : [field.name],
              ),
            ].map((one) => ({ value: one, text: termText(`fact.${one}`) }))}
          />
        </Labelled>
        <FieldInput
          key={name}
          name={name}
          facts={sample}
          practice={practice}
          disabled={false}
          label={values.size > 1 && !patch ? 'New value (they differ now)' : 'Value'}
          onPatch={setPatch}
        />
      </div>
      {meant < list.length && (
        <p className="mt-2 text-ochre">
          It means something for {meant} of them; the rest keep it unused.
        </p>
      )}
      <div className="mt-4 flex justify-end gap-2">
        <button className="button" onClick={close}>
          Not now
        </button>
        <button
          className="button primary"
          disabled={!patch}
          onClick={() => {
            onApply(patch!);
            close();
          }}
        >
          Change {list.length}
        </button>
      </div>
    </Modal>
  );
}
