import { createServer, request, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { PORT } from './browser';

/** A server in front of the one under test, which can go away, and can have a newer program. */
export class Relay {
  private newer = false;
  private server: Server | undefined;
  private port = 0;

  /** Starts it, later on at the address where it was before. */
  async start(): Promise<string> {
    const server = createServer((asked, answer) => {
      const { url: path, method } = asked;
      const headers = { ...asked.headers, 'accept-encoding': 'identity' };
      delete headers['if-none-match'];
      delete headers['if-modified-since'];
      const passed = request({ port: PORT, path, method, headers }, (given) => {
        const changed = this.newer && path === '/service-worker.js';
        const { 'content-length': _length, ...rest } = given.headers;
        answer.writeHead(given.statusCode ?? 500, changed ? rest : given.headers);
        if (changed) given.on('end', () => answer.end('\n// newer')).pipe(answer, { end: false });
        else given.pipe(answer);
      });
      asked.pipe(passed);
    });
    await new Promise<void>((resolve) => server.listen(this.port, resolve));
    this.server = server;
    this.port = (server.address() as AddressInfo).port;
    return `http://localhost:${this.port}`;
  }

  /** Nobody answers any more, open connections included. */
  async stop(): Promise<void> {
    const { server } = this;
    this.server = undefined;
    await new Promise((resolve) => {
      if (!server) return resolve(undefined);
      server.close(resolve);
      server.closeAllConnections();
    });
  }

  /** From now on its service worker is another than before. */
  bringNewer(): void {
    this.newer = true;
  }
}
