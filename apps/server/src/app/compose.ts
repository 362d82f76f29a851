import { randomUUID } from 'node:crypto';
import { isIP } from 'node:net';
import { existsSync } from 'node:fs';
import path from 'node:path';
import { API_BASE, openApiDocument } from '@spalo/contract';
import { nowMs } from '@spalo/core/unit';
import compression from 'compression';
import serveStatic from 'express-static-gzip';
import express, {
  type ErrorRequestHandler,
  type Express,
  type Request,
  type RequestHandler,
} from 'express';
import helmet from 'helmet';
import { pinoHttp } from 'pino-http';
import { ownAccountRouter } from '../accounts/own-router';
import { accountsRouter } from '../accounts/router';
import { trainersRouter } from '../accounts/trainers-router';
import { authenticate } from '../access/sign-in';
import type { App } from '../http/app';
import { archiveRouter } from '../archive/router';
import { bookingsRouter } from '../bookings/router';
import { calendarRouter } from '../calendar/router';
import { clientFileRouter } from '../files/client-export';
import { recordsRouter } from '../files/records-router';
import { clientsRouter } from '../clients/router';
import { filmsRouter } from '../films/router';
import { flagsRouter } from '../flags/router';
import { importsRouter } from '../imports/router';
import { logRouter } from '../log/router';
import { measurementsRouter } from '../measurements/router';
import { ownLiftsRouter } from '../own-lifts/router';
import { roomsRouter } from '../rooms/router';
import { safetyRouter } from '../safety/router';
import { screeningRouter } from '../screening/router';
import { scriptsRouter } from '../scripts/router';
import { templatesRouter } from '../templates/router';
import { sessionsRouter } from '../sessions/router';
import { isDatabaseAway, isDiskFull, loggable } from '../db/errors';
import { problemDocument, Refusal } from '../http/refusal';
import { mountStream } from '../changes/stream';

/** Room for 500 events with their plans; anything larger is refused before it is read. */
const BODY_LIMIT = '4mb';
const IMPORT_LIMIT = '16mb';

/** More than a sign-in or a first studio needs, bytes. */
const LARGE = 64_000;

/** Large bodies are read only from whoever is signed in: parsing them for anybody would cost more than refusing. */
const largeFromKnown =
  (app: App): RequestHandler =>
  async (request, _response, next) => {
    const length = request.headers['content-length'];
    const large = length === undefined ? request.is('*/*') : Number(length) > LARGE;
    if (large && request.is('application/json')) await authenticate(app, request);
    next();
  };

const securityHeaders = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'self'"],
      // The session builder's solver is WebAssembly; scripts from text stay closed.
      scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
      // React Native for the web writes its style sheet at run time.
      styleSrc: ["'self'", "'unsafe-inline'"],
      // Stills rest on the device until they are sent.
      imgSrc: ["'self'", 'data:', 'blob:'],
      // Films play from the device, or from the studio's own store.
      mediaSrc: ["'self'", 'blob:'],
      fontSrc: ["'self'"],
      connectSrc: ["'self'"],
      workerSrc: ["'self'"],
      manifestSrc: ["'self'"],
      objectSrc: ["'none'"],
      baseUri: ["'none'"],
      formAction: ["'self'"],
      frameAncestors: ["'none'"],
    },
  },
  // Served over plain HTTP on loopback; a proxy that ends TLS adds its own.
  strictTransportSecurity: false,
});

/**
 * A page of another site can neither set this header nor send JSON without a preflight, which is never granted;
 * with same-site cookies this covers cross-site requests twice.
 */
const sameSiteOnly =
  ({ origins }: App): RequestHandler =>
  (request, _response, next) => {
    if (request.method === 'GET' || request.method === 'HEAD') return next();
    const origin = request.headers.origin;
    const own = origin === undefined || hostOf(origin) === request.headers.host;
    const foreign = !own && !origins.includes(origin);
    if (foreign || request.headers['x-spalo'] === undefined) throw new Refusal('cross-site');
    const sends = Number(request.headers['content-length'] ?? 0) > 0;
    // Bytes of films go to a route of their own; a form of another site can send neither.
    if (sends && !request.is(['application/json', 'application/octet-stream']))
      throw new Refusal('not-json');
    return next();
  };

/**
 * Answers only to names that are Spalo's: this machine, addresses in figures, and what the origins name. Another site that has
 * its own name lead here would be on the same site as its pages, and reach what needs no sign-in.
 */
function knownHost({ origins }: App): RequestHandler {
  const names = new Set(origins.map((origin) => new URL(origin).hostname));
  return (request, _response, next) => {
    const asked = `http://${request.headers.host ?? 'localhost'}`;
    const hostname = URL.canParse(asked) ? new URL(asked).hostname : '';
    const isHere = hostname === 'localhost' || hostname.endsWith('.localhost');
    const inFigures = isIP(hostname.replace(/^\[|\]$/g, '')) !== 0;
    if (!isHere && !inFigures && !names.has(hostname))
      throw new Refusal('wrong-host', 'Name it in SPALO_ORIGIN, and start Spalo again');
    next();
  };
}

/** Devices set their clocks right by the date of answers, so it is that of the server's clock. */
const ourDate: RequestHandler = (_request, response, next) => {
  response.set('Date', new Date(nowMs()).toUTCString());
  next();
};

function hostOf(origin: string): string | null {
  return URL.canParse(origin) ? new URL(origin).host : null;
}

/** What the body parser and the router throw, as refusals. */
function refusalOf(error: unknown): Refusal | null {
  if (error instanceof Refusal) return error;
  if (isDatabaseAway(error)) {
    return new Refusal('not-ready', 'The database is away; the same will work in a moment');
  }
  if (isDiskFull(error)) return new Refusal('no-space');
  const { status, type } = (error ?? {}) as { status?: number; type?: string };
  if (type === 'entity.too.large') return new Refusal('too-large');
  if (type === 'encoding.unsupported' || type === 'charset.unsupported')
    return new Refusal('not-json');
  if (status !== undefined && status >= 400 && status < 500) {
    return new Refusal('invalid-input', 'The request cannot be read');
  }
  return null;
}

/** A request as logs name it: by its route, never by what stands in its address. */
function routeOf({ route }: Request): { route?: string } {
  const path = (route as { path?: unknown } | undefined)?.path;
  return typeof path === 'string' ? { route: path } : {};
}

const sendProblem: ErrorRequestHandler = (error, request, response, next) => {
  if (response.headersSent) return next(error);
  const known = refusalOf(error);
  if (!known || known.kind === 'not-ready' || known.kind === 'no-space') {
    request.log.error({ error: loggable(error), ...routeOf(request) }, 'request failed');
  }
  const refusal = known ?? new Refusal('server-error');
  const document = problemDocument(refusal, String(request.id));
  response.set('Cache-Control', 'no-store');
  const { retryAfterS } = refusal.more;
  if (retryAfterS !== undefined) response.set('Retry-After', String(retryAfterS));
  response.status(document.status).type('application/problem+json').send(JSON.stringify(document));
};

/** Health for the process, readiness for the process and its database. */
function mountHealth(server: Express, app: App) {
  server.get('/health', (_request, response) => void response.json({ status: 'up' }));
  server.get('/ready', async (_request, response) => {
    try {
      await app.database.pool.query('SELECT 1');
    } catch {
      throw new Refusal('not-ready', 'The database does not answer');
    }
    response.json({ status: 'ready' });
  });
}

/** The exported client: hashed files for a year, everything else always asked for; unknown paths get the shell. */
function mountClient(server: Express, clientDir: string) {
  const shell = path.join(clientDir, 'index.html');
  if (!existsSync(shell)) return;
  server.use(
    // What the build has packed once, better than there is time for at each request, is served as it is.
    serveStatic(clientDir, {
      enableBrotli: true,
      orderPreference: ['br'],
      serveStatic: {
        setHeaders(response, file) {
          const hashed = /[\\/]_expo[\\/]|[\\/]assets[\\/]/.test(file);
          response.setHeader(
            'Cache-Control',
            hashed ? 'public, max-age=31536000, immutable' : 'no-cache',
          );
        },
      },
    }),
  );
  server.get('/{*path}', (request, response, next) => {
    if (path.extname(request.path) !== '') return next();
    response.set('Cache-Control', 'no-cache').sendFile(shell);
  });
}

/** The whole HTTP side of a server. `clientDir` holds the exported client, null for an API alone. */
export function makeServer(app: App, clientDir: string | null): Express {
  const server = express();
  server.disable('x-powered-by');
  server.set('trust proxy', app.trustedProxies);
  server.use(
    pinoHttp({
      logger: app.log,
      genReqId: (_request, response) => {
        const id = randomUUID();
        response.setHeader('X-Request-Id', id);
        return id;
      },
      // No bodies, no cookies, no addresses: health data, ids and the secret of a calendar stay out of the logs.
      customProps: (request) => routeOf(request as Request),
      serializers: {
        req: ({ id, method }: { id: string; method: string }) => ({ id, method }),
        res: (response: { statusCode: number }) => ({ status: response.statusCode }),
      },
    }),
  );
  server.use(ourDate);
  server.use(securityHeaders);
  server.use(knownHost(app));
  mountHealth(server, app);
  mountStream(server, app);
  server.use(compression());
  // A studio's years of sets are more than events in one go.
  const ownSite = sameSiteOnly(app);
  server.use(API_BASE, ownSite, largeFromKnown(app));
  server.use(`${API_BASE}/imports`, express.json({ limit: IMPORT_LIMIT }));
  server.use(API_BASE, express.json({ limit: BODY_LIMIT }));
  // Made when it is first asked for, and the same from then on.
  let document: ReturnType<typeof openApiDocument> | null = null;
  server.get(`${API_BASE}/openapi.json`, (_request, response) => {
    document ??= openApiDocument();
    response.json(document);
  });
  for (const router of [
    accountsRouter,
    ownAccountRouter,
    trainersRouter,
    clientsRouter,
    flagsRouter,
    measurementsRouter,
    sessionsRouter,
    clientFileRouter,
    recordsRouter,
    screeningRouter,
    bookingsRouter,
    roomsRouter,
    ownLiftsRouter,
    templatesRouter,
    filmsRouter,
    calendarRouter,
    archiveRouter,
    importsRouter,
    scriptsRouter,
    safetyRouter,
    logRouter,
  ]) {
    server.use(router(app));
  }
  server.use(API_BASE, () => {
    throw new Refusal('not-found', 'No such operation');
  });
  if (clientDir) mountClient(server, clientDir);
  server.use(() => {
    throw new Refusal('not-found');
  });
  server.use(sendProblem);
  return server;
}
