import { RotateCcw, X } from 'lucide-react';
import { useEffect, useRef } from 'react';
import {
  fieldApplies,
  fieldOf,
  meetsInMiddle,
  partsText,
  termText,
  valueParts,
  type DecidedOpening,
  type FactsPatch,
  type FieldName,
  type OpeningFacts,
  type Units,
} from '@riegel/core';
import { FieldInput } from '../../parts/FieldInput.js';
import { Say } from '../../parts/Say.js';

/** Members of a stack that are recorded under another fact than their own name. */
const FACTS: Record<string, FieldName> = {
  'leafWidth@inactive': 'inactiveWidth',
  'leafHeight@lower': 'lowerLeafHeight',
  mullion: 'mullionWidth',
  foldGap: 'meetingGap',
  liningDepth: 'wallThickness',
  outsideWidth: 'frameFace',
  outsideHeight: 'frameFace',
};

/** The fact in which a drawn figure is recorded; undefined where it only follows from others. */
export function factOfPart(part: string, kind: OpeningFacts['kind']): FieldName | undefined {
  if (!part.startsWith('sizing.')) return undefined;
  const name = part.slice('sizing.'.length);
  const fact = FACTS[name] ?? (name.replace(/@.*$/, '') as FieldName);
  return fieldOf(fact) && (fact === 'meetingGap' || fieldApplies(fact, kind)) ? fact : undefined;
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

/** A figure of the stack edited where it was clicked: typed, measured or given, or left to follow. */
export function StackEditor({
  part,
  at,
  decided,
  units,
  canEdit,
  onPatch,
  onClose,
}: {
  part: string;
  at: { x: number; y: number };
  decided: DecidedOpening;
  units: Units;
  canEdit: boolean;
  onPatch: (patch: FactsPatch) => void;
  onClose: () => void;
}) {
  const { facts, practice } = decided;
  const fact = factOfPart(part, facts.kind);
  const box = useRef<HTMLDivElement>(null);
  useEffect(() => {
    box.current?.querySelector('input')?.focus();
    box.current?.querySelector('input')?.select();
    const leave = (event: PointerEvent) => {
      if (!box.current?.contains(event.target as Node)) onClose();
    };
    const key = (event: KeyboardEvent) => event.key === 'Escape' && onClose();
    document.addEventListener('pointerdown', leave);
    document.addEventListener('keydown', key);
    return () => {
      document.removeEventListener('pointerdown', leave);
      document.removeEventListener('keydown', key);
    };
  }, [onClose, part]);
  const decision = decided.decisions.find((one) => one.key === part);
  if (!fact || !decision) return null;
  const recorded = facts[fact] !== undefined;
  const measured = facts.provenance?.[fact] === 'measured';
  const title = termText(`name.sizing.${decision.name}`);
  const { fact: givesFact, gives } = givers(part, facts);
  return (
    <div
      ref={box}
      role="dialog"
      aria-label={title}
      className="sheet absolute z-30 w-72 border-2 !border-brass p-3 shadow-lg"
      style={{ left: Math.max(8, at.x - 144), top: at.y + 12 }}
    >
      <div className="mb-1 flex items-baseline gap-2">
        <strong>{title}</strong>
        <span className={`basis-${decision.basis}`}>
          {decision.value ? partsText(valueParts(decision.value, units)) : 'open'}
        </span>
        <span className="text-xs text-soft">{decision.basis}</span>
        <button
          type="button"
          className="ml-auto text-soft hover:text-ink"
          aria-label="Close"
          onClick={onClose}
        >
          <X size={14} />
        </button>
      </div>
      <FieldInput
        name={fact}
        facts={facts}
        practice={practice}
        disabled={!canEdit}
        label={termText(`fact.${fact}`)}
        measured={measured}
        onPatch={(patch) => onPatch(patch)}
      />
      {recorded && canEdit && (
        <div className="mt-2 flex items-center gap-3">
          <label className="flex items-center gap-1.5">
            <input
              type="checkbox"
              checked={measured}
              onChange={(event) =>
                onPatch({
                  provenance: {
                    ...facts.provenance,
                    [fact]: event.target.checked ? 'measured' : 'given',
                  },
                })
              }
            />
            measured
          </label>
          <button
            type="button"
            className="button bare !px-1"
            onClick={() => onPatch({ [fact]: undefined })}
          >
            <RotateCcw size={13} /> let it follow
          </button>
        </div>
      )}
      <label className="mt-2 flex items-center gap-2 text-soft">
        Where all is fixed gives
        <select
          className="field"
          aria-label="What gives"
          disabled={!canEdit}
          value={facts[givesFact] ?? ''}
          onChange={(event) =>
            onPatch({ [givesFact]: event.target.value || undefined } as FactsPatch)
          }
        >
          <option value="">as usual</option>
          {gives.map((one) => (
            <option key={one} value={one}>
              {termText(`part.${one}`)}
            </option>
          ))}
        </select>
      </label>
      <div className="mt-2 border-t border-rule pt-1 text-xs text-soft">
        {decision.reasons.map((reason, index) => (
          <p key={index}>
            <Say said={reason} units={units} />
          </p>
        ))}
      </div>
    </div>
  );
}
