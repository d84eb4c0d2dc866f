import 'reflect-metadata';
import { createApp } from './wiring/app.js';
import { readConfig } from './base/config.js';
import { AuditService } from './base/audit/audit.service.js';
import { onlyOne, openDatabase } from './base/database/dataSource.js';
import { loadDemo } from './wiring/demo/loadDemo.js';
import { MailService } from './base/mail/mail.service.js';
import { LinksService } from './resources/people/links.service.js';
import { SignInDelays } from './resources/people/signInDelays.js';
import { SessionStore } from './resources/sessions/sessionStore.js';

const HOUR = 3600 * 1000;

async function main(): Promise<void> {
  const config = readConfig();
  const source = await openDatabase(config.databaseUrl).catch((error: unknown) => {
    const { code, message } = error as { code?: string; message: string };
    throw new Error(
      `the database could not be opened (${code ?? message}). Check that it runs and that RIEGEL_DATABASE_URL names it rightly.`,
    );
  });
  const app = await createApp(config, source);
  app.enableShutdownHooks();
  if (config.demo) await onlyOne(source, () => loadDemo(app));
  await app.listen(config.port, config.host);
  const address = `http://${config.host === '127.0.0.1' ? 'localhost' : config.host}:${config.port}`;
  const store = new SessionStore(source, {
    idleMs: config.sessionIdleMs,
    wholeMs: config.sessionMs,
  });
  const sweepers = [store, app.get(AuditService), app.get(MailService), app.get(SignInDelays)];
  setInterval(() => {
    for (const one of sweepers) void one.sweep().catch(() => undefined);
  }, HOUR).unref();
  process.stdout.write(`Riegel is at ${address}\n`);
  if (config.secureCookies && config.publicUrl.startsWith('http:'))
    process.stderr.write(
      'People can sign in over HTTPS only: put a proxy before Riegel and set RIEGEL_PUBLIC_URL and RIEGEL_TRUSTED_PROXIES (docs/operations.md).\n',
    );
  const first = config.demo ? undefined : await app.get(LinksService).firstToken();
  if (first) {
    process.stdout.write(
      `There is nobody here yet. Make the first account, within a week, at this link (it works once):\n  ${address}/welcome#${first}\n`,
    );
  }
}

main().catch((error: unknown) => {
  process.stderr.write(
    `Riegel could not start: ${error instanceof Error ? error.message : String(error)}\n`,
  );
  process.exit(1);
});
