/** What a backup brings beside its cases: the office, its packs and its materials. */
import { USUAL_OFFICE, type Office } from '../core/casefile/office';
import type { OwnMaterial } from '../core/casefile/parts/material';
import type { Rule } from '../core/casefile/parts/rule';
import { own } from '../core/kernel/typed/own';
import type { Pack } from '../core/catalog/packs/pack';
import type { Mapping } from '../core/site/report/mapping';
import { db, type AgrologosDb, type PackRow } from './db';
import { bringInMappings, MAPPINGS_KEY } from './mappings';
import { bringInMaterials } from './materials';
import { ChangedMeanwhile } from './changedMeanwhile';
import { changeOffice, hasOffice, OFFICE_KEY, readOffice } from './office';
import { bringInPacks } from './packs';
import { same, type Json } from './patch';
import { together, withTheirs, type Together } from './threeWay';

/** As far as a file has any. */
export interface Beside {
  readonly packs?: readonly Pack[];
  readonly materials?: readonly OwnMaterial[];
  readonly office?: Partial<Office>;
  readonly mappings?: Readonly<Record<string, Mapping>>;
}

/**
 * An office whose rules are other than those here is told apart where they have the same ids: ids were counted once. A rule of another kind, or of
 * another name, comes under an id that is made of its own, so that it comes once however often it is brought.
 */
function apart(here: Office, there: Partial<Office>): Partial<Office> {
  if (!there.rules) return there;
  const rules = Object.values(there.rules).map((rule): Rule => {
    const ours = own(here.rules, rule.id);
    const isOther =
      ours && (ours.kind !== rule.kind || (ours.name !== rule.name && ours.name && rule.name));
    return isOther ? { ...rule, id: `${rule.id}-${rule.kind}`.slice(0, 64) } : rule;
  });
  return { ...there, rules: Object.fromEntries(rules.map((rule) => [rule.id, rule])) };
}

/** The office of a file beside the one here; nothing where either was never decided, or both are the same. */
export async function compareOffice(
  { office }: Beside,
  base = db,
): Promise<Together<Office> | undefined> {
  if (!office || !(await hasOffice(base))) return undefined;
  const here = await readOffice(base);
  // What is as usual was decided by nobody.
  const joined = together({ was: USUAL_OFFICE }, here, { ...USUAL_OFFICE, ...apart(here, office) });
  return joined.clashes.length + joined.taken.length > 0 ? joined : undefined;
}

/** What comes beside something other of the same id, under an id and a name of its own. */
export interface Copies {
  readonly pack: (pack: Pack) => Pack;
  readonly material: (material: OwnMaterial) => OwnMaterial;
}

/** What lies beside the cases. */
interface BesideHere {
  readonly packs: readonly PackRow[];
  readonly materials: readonly OwnMaterial[];
  readonly office: string | undefined;
  readonly mappings: string | undefined;
}

/** What lay here before a file was taken in, and what lies here since. */
export interface BesideTaken {
  readonly before: BesideHere;
  readonly after: BesideHere;
}

async function lyingBeside(base: AgrologosDb): Promise<BesideHere> {
  return {
    packs: await base.packs.toArray(),
    materials: await base.materials.toArray(),
    office: (await base.settings.get(OFFICE_KEY))?.value,
    mappings: (await base.settings.get(MAPPINGS_KEY))?.value,
  };
}

/**
 * Stores what a file brings beside its cases, in the transaction of the caller. The offices are compared once more: what was
 * decided here since they were looked through stays.
 * @param theirs places of the office whose value there is taken
 */
export async function takeBeside(
  beside: Beside,
  theirs: readonly string[],
  copyOf: Copies,
  base: AgrologosDb = db,
): Promise<BesideTaken> {
  const { packs = [], materials = [], office, mappings = {} } = beside;
  const before = await lyingBeside(base);
  await bringInPacks(packs, copyOf.pack, base);
  await bringInMaterials(materials, copyOf.material, base);
  await bringInMappings(mappings, base);
  const joined = await compareOffice(beside, base);
  if (joined) await changeOffice(() => withTheirs(joined, theirs), base);
  else if (office && before.office === undefined) await changeOffice(() => office, base);
  return { before, after: await lyingBeside(base) };
}

/**
 * Puts what lay here beside the cases back, in the transaction of the caller.
 * @throws ChangedMeanwhile where anything of it was changed since
 */
export async function putBesideBack(
  { before, after }: BesideTaken,
  base: AgrologosDb = db,
): Promise<void> {
  const now = await lyingBeside(base);
  if (!same(now as unknown as Json, after as unknown as Json)) throw new ChangedMeanwhile();
  await base.packs.clear();
  await base.packs.bulkPut([...before.packs]);
  await base.materials.clear();
  await base.materials.bulkPut([...before.materials]);
  const settings = [
    [OFFICE_KEY, before.office],
    [MAPPINGS_KEY, before.mappings],
  ] as const;
  for (const [key, value] of settings) {
    if (value === undefined) await base.settings.delete(key);
    else await base.settings.put({ key, value });
  }
}
