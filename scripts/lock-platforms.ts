/**
 * Completes package-lock.json with the optional packages of other platforms.
 *
 * npm leaves an optional binary out of the lock when the registry does not have its newest release
 * yet, and `npm ci` then refuses the lock ("Missing: … from lock file"). This adds an entry for
 * each of them. With `--check` it only says whether any is missing or whether an address of a
 * registry stands in the lock.
 */
import { readFileSync, writeFileSync } from 'node:fs';

interface LockEntry {
  version?: string;
  optional?: boolean;
  dev?: boolean;
  resolved?: string;
  os?: string[];
  cpu?: string[];
  libc?: string[];
  optionalDependencies?: Record<string, string>;
}

interface Lock {
  packages: Record<string, LockEntry>;
}

const FILE = 'package-lock.json';
const lock = JSON.parse(readFileSync(FILE, 'utf8')) as Lock;

/** Where a package's own dependency would be found, from the innermost folder outwards. */
function isLocked(name: string, from: string): boolean {
  const folders = from.split('/node_modules/');
  return (
    folders.some((_folder, index) => {
      const base = folders.slice(0, folders.length - index).join('/node_modules/');
      return `${base}/node_modules/${name}` in lock.packages;
    }) || `node_modules/${name}` in lock.packages
  );
}

const SYSTEMS = [
  'darwin',
  'linux',
  'win32',
  'android',
  'freebsd',
  'openharmony',
  'aix',
  'netbsd',
  'openbsd',
  'sunos',
];
const PROCESSORS = [
  'arm64',
  'x64',
  'ia32',
  'ppc64',
  'riscv64',
  's390x',
  'loong64',
  'mips64el',
  'wasm32',
  'arm',
];

/** The platform that such a package is for stands in its name; npm skips it on any other. */
function platformOf(name: string): Pick<LockEntry, 'os' | 'cpu' | 'libc'> {
  const parts = name.split(/[-/]/);
  const os = SYSTEMS.filter((system) => parts.includes(system));
  const cpu = PROCESSORS.filter((processor) => parts.includes(processor));
  const libc = [
    ...(parts.some((part) => part.startsWith('gnu')) ? ['glibc'] : []),
    ...(parts.some((part) => part.startsWith('musl')) ? ['musl'] : []),
  ];
  return {
    ...(cpu.length > 0 ? { cpu } : {}),
    ...(libc.length > 0 ? { libc } : {}),
    ...(os.length > 0 ? { os } : {}),
  };
}

const missing = Object.entries(lock.packages).flatMap(([from, { optionalDependencies, dev }]) =>
  Object.entries(optionalDependencies ?? {})
    .filter(([name]) => !isLocked(name, from))
    .map(([name, range]) => ({ name, version: range.replace(/^[^\d]*/, ''), dev: dev === true })),
);
const addresses = Object.values(lock.packages).filter(({ resolved }) => resolved !== undefined);

if (process.argv.includes('--check')) {
  for (const { name, version } of missing) console.error(`${FILE}: ${name}@${version} is missing`);
  if (addresses.length > 0) console.error(`${FILE}: ${addresses.length} registry addresses`);
  if (missing.length + addresses.length > 0) {
    console.error('Run `npm run lock:mend`.');
    process.exit(1);
  }
  console.log(`${FILE}: complete for every platform, no address`);
} else {
  for (const { name, version, dev } of missing) {
    lock.packages[`node_modules/${name}`] = {
      version,
      ...platformOf(name),
      ...(dev ? { dev } : {}),
      optional: true,
    };
  }
  addresses.forEach((entry) => delete entry.resolved);
  lock.packages = Object.fromEntries(
    Object.entries(lock.packages).sort(([a], [b]) => (a < b ? -1 : a > b ? 1 : 0)),
  );
  writeFileSync(FILE, `${JSON.stringify(lock, null, 2)}\n`);
  console.log(`${FILE}: ${missing.length} added, ${addresses.length} addresses removed`);
}
