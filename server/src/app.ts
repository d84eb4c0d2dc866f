import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { DocumentBuilder, SwaggerModule } from '@nestjs/swagger';
import express, { type NextFunction, type Request, type Response } from 'express';
import session from 'express-session';
import helmet from 'helmet';
import pino from 'pino';
import { pinoHttp } from 'pino-http';
import type { DataSource } from 'typeorm';
import { AppModule } from './app.module.js';
import type { Config } from './config.js';
import { PinoLogger } from './http/logger.js';
import { ProblemFilter } from './http/problem.filter.js';
import { SESSION_MS, SessionStore } from './sessions/sessionStore.js';

const BODY_LIMIT = '24mb';
const FILE_LIMIT = '8mb';
const FILE_PATHS = /^\/projects\/[^/]+\/(lists\/read|openings\/[^/]+\/photos)$/;

/** Builds the application: security headers, sessions, interface, documents, the web application. */
export async function createApp(
  config: Config,
  source: DataSource,
): Promise<NestExpressApplication> {
  const log = pino({ level: process.env['RIEGEL_LOG'] ?? 'warn' });
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(config, source), {
    logger: new PinoLogger(log),
    bodyParser: false,
  });
  app.set('trust proxy', 'loopback');
  app.use(
    pinoHttp({ logger: log, autoLogging: { ignore: (request) => request.url === '/api/health' } }),
  );
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          scriptSrc: ["'self'"],
          // Radix and the virtual list position elements by style attributes; no inline script is ever allowed.
          styleSrc: ["'self'", "'unsafe-inline'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          fontSrc: ["'self'"],
          connectSrc: ["'self'", ...(config.tapeUrl ? [config.tapeUrl] : [])],
          workerSrc: ["'self'", 'blob:'],
          objectSrc: ["'none'"],
          baseUri: ["'self'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: config.secureCookies,
    }),
  );
  app.use('/api', express.json({ limit: BODY_LIMIT }), rawFiles, onlyJson);
  app.use(
    '/api',
    session({
      name: 'riegel',
      secret: config.secret,
      store: new SessionStore(source),
      resave: false,
      saveUninitialized: false,
      rolling: false,
      cookie: {
        httpOnly: true,
        sameSite: 'strict',
        secure: config.secureCookies,
        maxAge: SESSION_MS,
        path: '/',
      },
    }),
  );
  app.setGlobalPrefix('api');
  const document = SwaggerModule.createDocument(
    app,
    new DocumentBuilder()
      .setTitle('Riegel')
      .setDescription(
        'Door hardware, opening by opening. Lengths are whole ticks, 320 to the millimetre; masses grams. Errors are problem documents.',
      )
      .setVersion('1')
      .build(),
  );
  SwaggerModule.setup('api/docs', app, document);
  if (config.webRoot && existsSync(config.webRoot)) serveWeb(app, config.webRoot);
  // Errors of the middleware above, which Nest's filter does not see.
  app.use((error: unknown, _request: Request, response: Response, _next: NextFunction) => {
    new ProblemFilter().catch(error, {
      switchToHttp: () => ({ getResponse: () => response }),
    } as never);
  });
  return app;
}

const takesFile = express.raw({ type: 'application/octet-stream', limit: FILE_LIMIT });

/** Where a file itself is taken, as bytes: no form on another page can send that either. */
function rawFiles(request: Request, response: Response, next: NextFunction): void {
  if (FILE_PATHS.test(request.path)) takesFile(request, response, next);
  else next();
}

/** Writes come as JSON only: a form on another page cannot send that. */
function onlyJson(request: Request, response: Response, next: NextFunction): void {
  const writes = ['POST', 'PUT', 'PATCH'].includes(request.method);
  if (
    writes &&
    Number(request.headers['content-length'] ?? 0) > 0 &&
    !request.is('application/json') &&
    !Buffer.isBuffer(request.body)
  ) {
    response
      .status(415)
      .type('application/problem+json')
      .send(JSON.stringify({ type: 'about:blank', status: 415, title: 'Send JSON.' }));
    return;
  }
  next();
}

/** Serves the built web application; every address that is no file and no interface gets its page. */
function serveWeb(app: NestExpressApplication, root: string): void {
  app.use(
    '/assets',
    express.static(join(root, 'assets'), { immutable: true, maxAge: '365d', fallthrough: false }),
  );
  app.use(express.static(root, { index: false }));
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.method !== 'GET' || request.path.startsWith('/api')) return next();
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(join(root, 'index.html'));
  });
}
