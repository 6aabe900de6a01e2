import { readFile } from 'node:fs/promises';
import path from 'node:path';
import helmet from '@fastify/helmet';
import fastifyStatic from '@fastify/static';
import Fastify, { type FastifyInstance } from 'fastify';

export interface ServerOptions {
  /** Folder of the exported app. */
  readonly dist: string;
  /** Whether a first visit shows the invented household. */
  readonly demo: boolean;
}

const own = '<meta name="yuzet-household" content="own" />';
const demo = '<meta name="yuzet-household" content="demo" />';

/** Scripts, styles and workers come from here and nowhere else; Paper writes style elements, hence 'unsafe-inline' for styles. */
const policy = {
  useDefaults: false,
  directives: {
    defaultSrc: ["'self'"],
    // The forecast's steps are compiled in their worker; nothing is evaluated from text.
    scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
    styleSrc: ["'self'", "'unsafe-inline'"],
    imgSrc: ["'self'", 'data:', 'blob:'],
    fontSrc: ["'self'"],
    connectSrc: ["'self'"],
    workerSrc: ["'self'"],
    manifestSrc: ["'self'"],
    objectSrc: ["'none'"],
    frameAncestors: ["'none'"],
    baseUri: ["'self'"],
    formAction: ["'self'"],
  },
};

const hashed = /[.-][0-9a-f]{20,}\./;

/** Builds the server without listening: the exported app with deep links, cache headers, a content policy and a health route. */
export async function buildApp({ dist, demo: showDemo }: ServerOptions): Promise<FastifyInstance> {
  const app = Fastify({ forceCloseConnections: true });
  const page = (await readFile(path.join(dist, 'index.html'), 'utf8')).replace(own, showDemo ? demo : own);
  await app.register(helmet, { contentSecurityPolicy: policy, strictTransportSecurity: false });
  app.get('/api/health', () => ({ status: 'ok' }));
  app.get('/', (_request, reply) =>
    reply.type('text/html; charset=utf-8').header('cache-control', 'no-cache').send(page),
  );
  app.get('/index.html', (_request, reply) =>
    reply.type('text/html; charset=utf-8').header('cache-control', 'no-cache').send(page),
  );
  await app.register(fastifyStatic, {
    root: dist,
    index: false,
    dotfiles: 'ignore',
    preCompressed: true,
    cacheControl: false,
    setHeaders: (reply, file) => {
      const forGood =
        hashed.test(path.basename(file)) || file.includes(`${path.sep}_expo${path.sep}static${path.sep}`);
      reply.setHeader('vary', 'accept-encoding');
      reply.setHeader('cache-control', forGood ? 'public, max-age=31536000, immutable' : 'no-cache');
    },
  });
  app.setNotFoundHandler((request, reply) => {
    if (!URL.canParse(request.url, 'http://localhost'))
      return reply.code(400).send({ code: 'bad-address', sentence: 'This address cannot be read.' });
    const { pathname } = new URL(request.url, 'http://localhost');
    const reads = request.method === 'GET' || request.method === 'HEAD';
    const isPage = reads && !/^\/api(\/|$)/i.test(pathname) && !/(^|\/)\.|\.[^/]*$/.test(pathname);
    if (isPage) return reply.type('text/html; charset=utf-8').header('cache-control', 'no-cache').send(page);
    return reply.code(404).send({ code: 'not-found', sentence: 'There is nothing at this address.' });
  });
  return app;
}
