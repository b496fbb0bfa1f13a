import { TestEnvironment } from 'jest-environment-jsdom';

/** jsdom without `structuredClone` breaks fake-indexeddb silently; it gets Node's own. */
export default class Environment extends TestEnvironment {
  async setup() {
    await super.setup();
    this.global.structuredClone = structuredClone;
  }
}
