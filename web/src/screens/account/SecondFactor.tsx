import { useState } from 'react';
import { call } from '../../base/api.js';
import { Fault } from '../../parts/Fault.js';
import { Form, neededField, type Fields } from '../../parts/Form.js';
import { TextField } from '../../parts/TextField.js';

interface Begun {
  secret: string;
  picture: string;
}

const CODE = { code: neededField('Six-digit code', 60) };
const CURRENT = { current: neededField('Your password', 1000) };

type Step = 'rest' | 'turnOn' | 'turnOff' | 'newCodes';

/** Turns the second factor on, with its picture to be photographed, and off; shows recovery codes once. */
export function SecondFactor({
  on,
  codes,
  onChanged,
}: {
  on: boolean;
  codes: number;
  onChanged: () => Promise<void>;
}) {
  const [step, setStep] = useState<Step>('rest');
  const [begun, setBegun] = useState<Begun | undefined>();
  const [shown, setShown] = useState<string[] | undefined>();
  const rest = () => {
    setStep('rest');
    setBegun(undefined);
  };
  const confirmed = async ({ current }: Fields<'current'>) => {
    if (step === 'turnOn') setBegun(await call('POST', '/account/second', { body: { current } }));
    else if (step === 'turnOff') {
      await call('POST', '/account/second/off', { body: { current } });
      await onChanged();
      rest();
    } else {
      setShown((await call('POST', '/account/second/codes', { body: { current } })).codes);
      await onChanged();
      rest();
    }
  };
  return (
    <section aria-label="Second factor" className="sheet p-4">
      <h2 className="mb-2 flex items-center gap-3 text-lg">
        Second factor
        <span className={`text-sm ${on ? 'text-verdigris' : 'text-soft'}`}>
          {on ? `on · ${codes} recovery codes left` : 'off'}
        </span>
      </h2>
      {shown ? (
        <Codes codes={shown} onDone={() => setShown(undefined)} />
      ) : begun ? (
        <Form
          key="code"
          shape={CODE}
          className="flex flex-col gap-2"
          send={async ({ code }) => {
            const made = await call('POST', '/account/second/confirm', {
              body: {
                code,
              },
            });
            setShown(made.codes);
            await onChanged();
            rest();
          }}
        >
          {({ busy, fault }) => (
            <>
              <p className="text-soft">
                Scan this with an authenticator app, then type the six-digit code it shows.
              </p>
              <div className="flex items-start gap-4">
                <img
                  className="h-36 w-36 shrink-0 border border-rule bg-white"
                  src={`data:image/svg+xml;base64,${btoa(begun.picture)}`}
                  alt="QR code of the key"
                />
                <div className="min-w-0">
                  <p className="text-soft">or type in the key:</p>
                  <p className="font-semibold tracking-wider">
                    {begun.secret.replace(/(.{4})/g, '$1 ').trim()}
                  </p>
                </div>
              </div>
              <TextField
                label="Six-digit code"
                name="code"
                inputMode="numeric"
                autoComplete="one-time-code"
                autoFocus
              />
              <Fault>{fault}</Fault>
              <div className="flex gap-2">
                <button className="button primary" disabled={busy}>
                  Turn it on
                </button>
                <button type="button" className="button" onClick={rest}>
                  Not now
                </button>
              </div>
            </>
          )}
        </Form>
      ) : step === 'rest' ? (
        <>
          <p className="mb-3 text-soft">
            {on
              ? 'Besides your password, a code from your authenticator app is asked for at every sign-in.'
              : 'A code from an authenticator app, asked for besides the password: a password alone that somebody came by lets nobody in.'}
          </p>
          <div className="flex gap-2">
            {on ? (
              <>
                <button className="button" onClick={() => setStep('newCodes')}>
                  New recovery codes
                </button>
                <button className="button" onClick={() => setStep('turnOff')}>
                  Turn it off
                </button>
              </>
            ) : (
              <button className="button primary" onClick={() => setStep('turnOn')}>
                Set it up
              </button>
            )}
          </div>
        </>
      ) : (
        <Form key={step} shape={CURRENT} className="flex flex-col gap-2" send={confirmed}>
          {({ busy, fault }) => (
            <>
              <TextField
                label="Your password"
                name="current"
                type="password"
                autoComplete="current-password"
                autoFocus
              />
              <Fault>{fault}</Fault>
              <div className="flex gap-2">
                <button className="button primary" disabled={busy}>
                  {step === 'turnOff' ? 'Turn it off' : 'Go on'}
                </button>
                <button type="button" className="button" onClick={rest}>
                  Not now
                </button>
              </div>
            </>
          )}
        </Form>
      )}
    </section>
  );
}

/** Recovery codes, shown this once. */
function Codes({ codes, onDone }: { codes: string[]; onDone: () => void }) {
  return (
    <div>
      <p className="mb-2 text-soft">
        Each of these recovery codes works once in place of the app. They are shown only now: print
        them or write them down, and keep them apart from your device.
      </p>
      <ol className="mb-3 grid grid-cols-2 gap-x-6 gap-y-1 font-semibold tabular-nums" data-codes>
        {codes.map((code) => (
          <li key={code}>{code}</li>
        ))}
      </ol>
      <button className="button primary" onClick={onDone}>
        I have them
      </button>
    </div>
  );
}
