import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { SwaggerModule } from '@nestjs/swagger';
import express, { type NextFunction, type Request, type Response } from 'express';
import session from 'express-session';
import expressStaticGzip from 'express-static-gzip';
import helmet from 'helmet';
import pino from 'pino';
import { pinoHttp } from 'pino-http';
import type { DataSource } from 'typeorm';
import { AppModule } from './app.module.js';
import type { Config } from '../base/config.js';
import { MetricsService } from '../resources/metrics/metrics.service.js';
import { GUESSES } from '../base/http/throttleAttempts.js';
import { PinoLogger } from '../base/http/logger.js';
import { describeInterface } from './openApi.js';
import { ProblemFilter } from '../base/http/problem.filter.js';
import { runWithRequestContext } from '../base/rights/requestContext.js';
import { SessionStore } from '../resources/sessions/sessionStore.js';

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
  app.set('trust proxy', config.trustedProxies.length > 0 ? config.trustedProxies : false);
  app.set('etag', false);
  (app.getHttpAdapter().getInstance() as express.Application).locals[GUESSES] =
    config.guessesAMinute;
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
  app.use('/api', app.get(MetricsService).timing);
  app.use('/api', runWithRequestContext);
  // What is answered of people's data stays with nobody in between; a route that may be kept says so.
  app.use('/api', (_request: Request, response: Response, next: NextFunction) => {
    response.setHeader('Cache-Control', 'no-store');
    next();
  });
  app.use(
    '/api',
    session({
      // The prefix binds the cookie to this host, path and HTTPS; browsers take it over HTTPS only.
      name: config.secureCookies ? '__Host-riegel' : 'riegel',
      secret: config.secret,
      store: new SessionStore(source, {
        idleMs: config.sessionIdleMs,
        wholeMs: config.sessionMs,
      }),
      resave: false,
      saveUninitialized: false,
      rolling: false,
      cookie: {
        httpOnly: true,
        sameSite: 'strict',
        secure: config.secureCookies,
        maxAge: config.sessionMs,
        path: '/',
      },
    }),
  );
  app.setGlobalPrefix('api');
  if (!config.openDocs) app.use(onlySignedIn);
  SwaggerModule.setup('api/docs', app, describeInterface(app));
  if (config.webRoot && existsSync(config.webRoot)) serveWeb(app, config.webRoot);
  // Errors of the middleware above, which Nest's filter does not see.
  app.use((error: unknown, _request: Request, response: Response, _next: NextFunction) => {
    new ProblemFilter().catch(error, {
      switchToHttp: () => ({ getResponse: () => response }),
    } as never);
  });
  return app;
}

/** The interface's documents are for who is signed in. */
function onlySignedIn(request: Request, response: Response, next: NextFunction): void {
  if (!/^\/api\/docs(?![a-z])/i.test(request.path) || request.session?.personId) return next();
  response
    .status(401)
    .type('application/problem+json')
    .send(JSON.stringify({ type: 'about:blank', status: 401, title: 'Sign in first.' }));
}

/** Files that the build has compressed go out as they are on disk, in what the browser takes. */
const COMPRESSED = { enableBrotli: true, orderPreference: ['br', 'gz'] };

/** Serves the built web application; every address that is no file and no interface gets its page. */
function serveWeb(app: NestExpressApplication, root: string): void {
  app.use(
    '/assets',
    expressStaticGzip(join(root, 'assets'), {
      ...COMPRESSED,
      serveStatic: { immutable: true, maxAge: '365d', redirect: false },
    }),
    (_request: Request, response: Response) => {
      response.status(404).type('text/plain').send('There is nothing at this address.');
    },
  );
  app.use(
    expressStaticGzip(root, { ...COMPRESSED, index: false, serveStatic: { redirect: false } }),
  );
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.method !== 'GET' || request.path.startsWith('/api')) return next();
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(join(root, 'index.html'));
  });
}
