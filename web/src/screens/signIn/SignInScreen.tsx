import { useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { call, type SessionView } from '../../base/api.js';
import { Mark } from '../../parts/Mark.js';
import { Fault } from '../../parts/Fault.js';
import { emailField, Form, neededField } from '../../parts/Form.js';
import { TextField } from '../../parts/TextField.js';
import { useAsking } from '../../parts/useAsking.js';

/** A leaf in its frame with the measures a specifier lives by: what the tool is about, drawn. */
function Frontispiece() {
  return (
    <svg viewBox="0 0 360 420" className="h-full max-h-[560px] w-auto" aria-hidden>
      <g fill="none" stroke="var(--ink)" strokeWidth="1.4">
        <path d="M40 392H330" strokeWidth="3" />
        <path d="M84 390V60H268V390M96 390V72H256V390" />
        <path d="M99 384V75H253V384Z" fill="var(--leaf)" strokeWidth="2" />
        <path d="M253 75L99 230L253 384" stroke="var(--soft)" strokeDasharray="6 5" />
        <path
          d="M99 30V52M253 30V52M99 40H253M300 75H322M300 384H322M312 75V384"
          strokeWidth="0.9"
        />
        <path d="M95 44l8-8M249 44l8-8M308 79l8-8M308 388l8-8" strokeWidth="0.9" />
      </g>
      {[100, 216, 332].map((y) => (
        <rect
          key={y}
          x="93"
          y={y}
          width="9"
          height="26"
          fill="var(--brass-solid)"
          stroke="var(--ink)"
          strokeWidth="0.8"
        />
      ))}
      <circle cx="238" cy="236" r="6" fill="var(--brass-solid)" stroke="var(--ink)" />
      <path d="M238 236h-22" stroke="var(--ink)" strokeWidth="4" strokeLinecap="round" />
      <text x="176" y="34" textAnchor="middle" fontSize="15" fill="var(--ink)">
        35
        <tspan dx="2" style={{ fontFeatureSettings: "'frac'" }}>
          3/4
        </tspan>
      </text>
      <text
        transform="rotate(-90 304 230)"
        x="304"
        y="230"
        textAnchor="middle"
        fontSize="15"
        fill="var(--ink)"
      >
        83
        <tspan dx="2" style={{ fontFeatureSettings: "'frac'" }}>
          1/8
        </tspan>
      </text>
    </svg>
  );
}

const ADDRESS = { email: emailField };
const PASSWORD = { email: emailField, password: neededField('Password', 1000) };
const CODE = { code: neededField('Code', 60) };

type Step = 'password' | 'second' | 'forgotten' | 'sent';

export function SignInScreen({ session }: { session: SessionView }) {
  const client = useQueryClient();
  const [step, setStep] = useState<Step>('password');
  const { busy, fault, setFault, ask } = useAsking();
  const go = (next: Step) => {
    setFault('');
    setStep(next);
  };
  const entered = () => client.invalidateQueries({ queryKey: ['session'] });

  return (
    <main className="grid min-h-full grid-cols-[1.1fr_1fr] max-[900px]:grid-cols-1">
      <div className="flex items-center justify-center border-r-2 border-ink bg-sheet p-10 max-[900px]:hidden">
        <Frontispiece />
      </div>
      <div className="flex flex-col justify-center gap-5 p-10">
        <div className="flex items-center gap-3 font-head text-4xl font-bold">
          <Mark /> Riegel
        </div>
        <p className="max-w-sm text-soft">
          Every opening of a building: what it is, what it must do, and the hardware that follows,
          with reasons.
        </p>
        {session.demo && step === 'password' && (
          <section className="max-w-sm">
            <h2 className="caps mb-2">This is a demo. Come in as</h2>
            <div className="flex flex-col gap-1.5">
              {session.demoPeople.map((person, index) => (
                <button
                  key={person.id}
                  type="button"
                  disabled={busy}
                  className={`button justify-between ${index === 0 ? 'primary' : ''}`}
                  onClick={() =>
                    void ask(async () => {
                      await call('POST', '/session/demo', { body: { personId: person.id } });
                      await entered();
                    })
                  }
                >
                  <span>{person.name}</span>
                  <span className="text-xs opacity-80">
                    {['owns the projects', 'edits', 'reads'][index]}
                  </span>
                </button>
              ))}
            </div>
            <Fault>{fault}</Fault>
          </section>
        )}
        {step === 'password' && (
          <Form
            shape={PASSWORD}
            send={async ({ email, password }) => {
              const answer = await call('POST', '/session', {
                body: {
                  email,
                  password,
                },
              });
              if (answer.second) go('second');
              else await entered();
            }}
            className="flex max-w-sm flex-col gap-2"
          >
            {({ busy, fault }) => (
              <>
                {session.demo && <h2 className="caps">or sign in</h2>}
                <TextField label="E-mail" name="email" type="email" autoComplete="username" />
                <TextField
                  label="Password"
                  name="password"
                  type="password"
                  autoComplete="current-password"
                />
                <Fault>{fault}</Fault>
                <div className="mt-1 flex items-center gap-4">
                  <button className={`button ${session.demo ? '' : 'primary'}`} disabled={busy}>
                    Sign in
                  </button>
                  <a className="mr-4 underline" href="/learn">
                    Practice without an account
                  </a>
                  <button type="button" className="underline" onClick={() => go('forgotten')}>
                    Forgotten your password?
                  </button>
                </div>
                {!session.demo && (
                  <p className="text-xs text-soft">
                    New here? Ask the owner of your project for a link.
                  </p>
                )}
              </>
            )}
          </Form>
        )}
        {step === 'second' && (
          <Form
            shape={CODE}
            send={async ({ code }) => {
              await call('POST', '/session/second', { body: { code } });
              await entered();
            }}
            className="flex max-w-sm flex-col gap-2"
          >
            {({ busy, fault }) => (
              <>
                <h2 className="text-lg">Your second factor</h2>
                <p className="text-soft">
                  The six-digit code your authenticator app shows; without the app, one of your
                  recovery codes.
                </p>
                <TextField label="Code" name="code" autoComplete="one-time-code" autoFocus />
                <Fault>{fault}</Fault>
                <div className="mt-1 flex items-center gap-4">
                  <button className="button primary" disabled={busy}>
                    Go on
                  </button>
                  <button type="button" className="underline" onClick={() => go('password')}>
                    Back
                  </button>
                </div>
              </>
            )}
          </Form>
        )}
        {step === 'forgotten' && (
          <Form
            shape={ADDRESS}
            send={async ({ email }) => {
              await call('POST', '/session/forgotten', { body: { email } });
              go('sent');
            }}
            className="flex max-w-sm flex-col gap-2"
          >
            {({ busy, fault }) => (
              <>
                <h2 className="text-lg">A new password</h2>
                <p className="text-soft">
                  If the address has an account, a letter goes to it with a link that works once,
                  within an hour.
                </p>
                <TextField label="E-mail" name="email" type="email" autoComplete="username" />
                <Fault>{fault}</Fault>
                <div className="mt-1 flex items-center gap-4">
                  <button className="button primary" disabled={busy}>
                    Send the letter
                  </button>
                  <button type="button" className="underline" onClick={() => go('password')}>
                    Back
                  </button>
                </div>
              </>
            )}
          </Form>
        )}
        {step === 'sent' && (
          <section className="flex max-w-sm flex-col items-start gap-3">
            <h2 className="text-lg">Look into your mail</h2>
            <p className="text-soft">
              If the address has an account, the letter is there now. An administrator sees it in
              Riegel’s own mailbox, which stands in for real mail.
            </p>
            <button className="button" onClick={() => go('password')}>
              Back to the sign-in
            </button>
          </section>
        )}
        <p className="max-w-sm text-xs leading-4 text-soft">
          An aid to preparation. The adopted code, the authority having jurisdiction, the listing
          and the makers’ instructions decide.
        </p>
      </div>
    </main>
  );
}
