import { createServer } from 'node:http';
import { text } from 'node:stream/consumers';

/** Runs in the page before anything else: tells the host of every error, since WebKit's driver tells of none. */
const listener = `
const tell = (what) => navigator.sendBeacon('/heard', String(what && what.stack || what));
addEventListener('error', (event) => tell(event.error || event.message));
addEventListener('unhandledrejection', (event) => tell(event.reason));
addEventListener('securitypolicyviolation', (event) => tell(event.violatedDirective + ' ' + event.blockedURI));
const quiet = console.error;
console.error = (...words) => { tell(words.join(' ')); quiet(...words); };`;

/** Hands on what the server says, with a listener for errors in each page. */
export async function listening(server: string) {
  const heard: string[] = [];
  const host = createServer((request, response) => {
    const reply = (body: string | Uint8Array, type: string, status = 200) =>
      response.writeHead(status, { 'content-type': type }).end(body);
    const answer = async () => {
      if (request.url === '/heard') {
        heard.push(await text(request));
        return reply('', 'text/plain');
      }
      if (request.url === '/listener.js') return reply(listener, 'text/javascript');
      const from = await fetch(`${server}${request.url}`);
      const type = from.headers.get('content-type') ?? 'text/plain';
      if (!type.startsWith('text/html'))
        return reply(new Uint8Array(await from.arrayBuffer()), type, from.status);
      const page = await from.text();
      return reply(page.replace('<script', '<script src="/listener.js"></script><script'), type, from.status);
    };
    answer().catch((error: unknown) => reply(String(error), 'text/plain', 502));
  });
  await new Promise<void>((done) => host.listen(0, '127.0.0.1', done));
  const address = host.address();
  if (address === null || typeof address === 'string') throw new Error('no port');
  const close = () => new Promise<void>((done) => (host.closeAllConnections(), host.close(() => done())));
  return { home: `http://localhost:${address.port}`, heard, close };
}
