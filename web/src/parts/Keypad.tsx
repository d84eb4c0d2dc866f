import { Delete } from 'lucide-react';
import type { ReactNode } from 'react';
import type { System } from '@riegel/core';

const FRACTIONS = Array.from({ length: 15 }, (_, index) => {
  let [top, under] = [index + 1, 16];
  while (top % 2 === 0) [top, under] = [top / 2, under / 2];
  return `${top}/${under}`;
});

function Key({
  label,
  onPress,
  wide,
  children,
}: {
  label: string;
  onPress: () => void;
  wide?: boolean;
  children?: ReactNode;
}) {
  return (
    <button
      type="button"
      aria-label={label}
      className={`flex min-h-14 touch-manipulation items-center justify-center rounded-sm border border-rule bg-sheet text-2xl tabular-nums select-none active:bg-brass-wash ${wide ? 'col-span-2' : ''}`}
      onClick={onPress}
    >
      {children ?? label}
    </button>
  );
}

/**
 * Keys big enough for gloves: digits, and sixteenths of an inch or half a millimetre. What is typed
 * is a text such as `35 3/4` or `908.5`.
 */
export function Keypad({
  system,
  signed,
  typed,
  onTyped,
}: {
  system: System;
  signed: boolean;
  typed: string;
  onTyped: (typed: string) => void;
}) {
  const whole = typed.replace(/ ?\d+\/\d+$/, '').replace(/\.\d*$/, '');
  const digit = (key: string) => onTyped(/[/.]/.test(typed) ? typed : typed + key);
  const back = () =>
    onTyped(/\d+\/\d+$/.test(typed) ? typed.replace(/ ?\d+\/\d+$/, '') : typed.slice(0, -1));
  const sign = () => onTyped(typed.startsWith('-') ? typed.slice(1) : `-${typed}`);
  return (
    <div className="flex flex-col gap-2" aria-label="Keys" role="group">
      <div className="grid grid-cols-5 gap-1.5">
        {['1', '2', '3', '4', '5', '6', '7', '8', '9', '0'].map((key) => (
          <Key key={key} label={key} onPress={() => digit(key)} />
        ))}
        {system === 'metric' ? (
          <>
            <Key label=".5" onPress={() => onTyped(whole === '' ? '0.5' : `${whole}.5`)} wide />
            {signed && (
              <Key label="plus or minus" onPress={sign}>
                ±
              </Key>
            )}
          </>
        ) : (
          signed && (
            <Key label="plus or minus" onPress={sign}>
              ±
            </Key>
          )
        )}
        <Key label="Back" onPress={back} wide={!signed || system === 'metric'}>
          <Delete size={24} />
        </Key>
        <button
          type="button"
          className="min-h-14 rounded-sm border border-transparent text-soft"
          onClick={() => onTyped('')}
        >
          clear
        </button>
      </div>
      {system === 'inch' && (
        <div className="grid grid-cols-5 gap-1.5" aria-label="Sixteenths" role="group">
          {FRACTIONS.map((fraction) => (
            <Key
              key={fraction}
              label={fraction}
              onPress={() => onTyped(whole === '' ? fraction : `${whole} ${fraction}`)}
            >
              <span className="frac text-2xl">{fraction}</span>
            </Key>
          ))}
        </div>
      )}
    </div>
  );
}
