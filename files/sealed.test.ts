import { createDecipheriv, pbkdf2Sync } from 'node:crypto';
import { DamagedFile, isSealed, sealed, unsealed, WrongPassphrase } from './sealed';

/** Fewer rounds than a file has: a test need not take long. */
const ROUNDS = 1000;
const SECRET = 'gravel fox under six elms';

async function fileOf(parts: readonly string[], passphrase = SECRET): Promise<string> {
  async function* each(): AsyncGenerator<string> {
    yield* parts;
  }
  const lines: string[] = [];
  for await (const part of sealed(each(), passphrase, ROUNDS)) lines.push(part);
  return lines.join('');
}

/** Opens a file that comes in parts of so many signs. */
async function opened(file: string, passphrase: string, size = 70_000): Promise<string> {
  async function* parts(): AsyncGenerator<string> {
    for (let at = 0; at < file.length; at += size) yield file.slice(at, at + size);
  }
  let text = '';
  for await (const part of unsealed(parts(), passphrase)) text += part;
  return text;
}

test.each<[string, string[]]>([
  ['a short text', ['{"a":', '"é ₂ 🌱"}']],
  ['nothing', []],
  ['a long text in pieces', Array.from({ length: 50 }, (_none, at) => `${at}`.repeat(50_000))],
])('%s comes out as it went in', async (_name, parts) => {
  const file = await fileOf(parts);
  expect(await isSealed(new Blob([file]))).toBe(true);
  expect(await opened(file, SECRET)).toBe(parts.join(''));
});

test('nothing of it can be read, and no two files are alike', async () => {
  const [one, two] = [await fileOf(['Ada Quill']), await fileOf(['Ada Quill'])];
  expect(one).not.toContain('Ada');
  expect(one.split('\n')[1]).not.toBe(two.split('\n')[1]);
  expect(await isSealed(new Blob(['{"format":"agrologos-backup"}']))).toBe(false);
});

test('another passphrase is told from a damaged file', async () => {
  const file = await fileOf(['x'.repeat(2_500_000)]);
  await expect(opened(file, `${SECRET} `)).rejects.toThrow(WrongPassphrase);
  const [head = '', opens = '', first = '', ...rest] = file.split('\n');
  const damaged = [
    [head, opens, first, ''].join('\n'),
    [head, opens, ...rest].join('\n'),
    [head, opens, rest[0], first, ...rest.slice(1)].join('\n'),
    file.slice(0, -40),
    file.replace(first, `${first.slice(0, -8)}AAAAAAA=`),
    head,
    `${head}\n`,
    `${head.replace('"salt":"', '"salt":"!!')}\n${opens}\n${first}\n`,
    `${head.replace('"rounds":1000', '"rounds":1e99')}\n${opens}\n${first}\n`,
  ];
  for (const [at, text] of damaged.entries()) {
    const error: unknown = await opened(text, SECRET).catch((reason: unknown) => reason);
    expect([at, error]).toEqual([at, expect.any(DamagedFile)]);
  }
});

test('accents that are typed in two ways are one passphrase', async () => {
  const file = await fileOf(['x'], 'caf\u00E9 au lait');
  expect(await opened(file, 'cafe\u0301 au lait')).toBe('x');
});

// Node's own cryptography (OpenSSL), by the parameters that stand in the file.
test('another implementation opens it', async () => {
  const [head = '', , first = ''] = (await fileOf(['Ada Quill'])).split('\n');
  const { salt, rounds } = JSON.parse(head) as { salt: string; rounds: number };
  const key = pbkdf2Sync(SECRET, Buffer.from(salt, 'base64'), rounds, 32, 'sha256');
  const [iv, closed] = first.split('.').map((each) => Buffer.from(each, 'base64'));
  const decipher = createDecipheriv('aes-256-gcm', key, iv!);
  decipher.setAAD(Buffer.from('1/last'));
  decipher.setAuthTag(closed!.subarray(-16));
  const open = Buffer.concat([decipher.update(closed!.subarray(0, -16)), decipher.final()]);
  expect(open.toString('utf8')).toBe('Ada Quill');
});
