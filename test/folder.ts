/** A folder of a test in place of the browser's: what is written takes its place when it is closed. */
export class FakeFolder {
  readonly name = 'kept';
  readonly files = new Map<string, string>();
  /** The so many-th write from now on fails. */
  failAt = 0;

  async *keys(): AsyncGenerator<string> {
    yield* [...this.files.keys()];
  }

  getFileHandle(name: string, { create = false } = {}): Promise<unknown> {
    if (!create && !this.files.has(name)) {
      return Promise.reject(new DOMException('no such file', 'NotFoundError'));
    }
    let text = '';
    const written = (): Promise<void> => {
      this.failAt -= 1;
      const fails = this.failAt === 0;
      return fails ? Promise.reject(new DOMException('', 'QuotaExceededError')) : Promise.resolve();
    };
    return Promise.resolve({
      createWritable: () =>
        Promise.resolve({
          write: async (part: string) => {
            await written();
            text += part;
          },
          close: async () => {
            await written();
            this.files.set(name, text);
          },
          abort: () => Promise.resolve(),
        }),
      getFile: () => Promise.resolve(new File([this.files.get(name) ?? ''], name)),
    });
  }

  removeEntry(name: string): Promise<void> {
    this.files.delete(name);
    return Promise.resolve();
  }

  /** As the program takes it. */
  get handle(): FileSystemDirectoryHandle {
    return this as unknown as FileSystemDirectoryHandle;
  }
}
