import { TestEnvironment } from 'jest-environment-jsdom';

import { Blob, File } from 'node:buffer';
/** jsdom without `structuredClone` breaks fake-indexeddb silently, and lacks what seals a file and what reads one in parts; it gets Node's own. */
export default class Environment extends TestEnvironment {
  async setup() {
    await super.setup();
    Object.assign(this.global, {
      structuredClone,
      TextEncoder,
      TextDecoder,
      Uint8Array,
      Blob,
      File,
    });
    Object.defineProperty(this.global, 'crypto', { value: crypto });
  }
}
