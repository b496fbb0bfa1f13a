import type { CaseFile } from '../casefile/casefile';
import type { MaterialNumber, OwnMaterial } from '../casefile/parts/material';
import { SHIPPED_MATERIALS, type Materials } from '../catalog/materials/materials';
import { ownId } from '../catalog/materials/named';
import {
  ALSO,
  type Also,
  type Fertilizer,
  type LimeMaterial,
  type SulfurMaterial,
} from '../catalog/materials/types';
import { msg, type Msg } from '../kernel/messages/msg';
import { parseGrade, type Grade } from '../kernel/typed/grade';
import { parseNumber, type NumberRule } from '../kernel/typed/number';
import {
  CUPS_PER_CUBIC_FOOT,
  K2O_PER_K,
  OUNCES_PER_POUND,
  P2O5_PER_P,
} from '../kernel/units/factors';
import { LIMESTONE_CCE_MAX } from '../tables/lime/quality';

/** A material of a bag as a plan uses it. */
type ReadMaterial =
  | { readonly kind: 'fertilizer'; readonly material: Fertilizer }
  | { readonly kind: 'lime'; readonly material: LimeMaterial }
  | { readonly kind: 'sulfur'; readonly material: SulfurMaterial };

/** What is wrong with a material, by the place within it. */
type MaterialFaults = Readonly<Record<string, Msg>>;

const PERCENT = { min: 0, max: 100 };
const RULES: Readonly<Record<Exclude<MaterialNumber, 'grade'>, NumberRule>> = {
  slowN: PERCENT,
  totalP2O5: PERCENT,
  percent: { above: 0, max: 200 },
  bag: { min: 0.1, max: 4000 },
  covers: { min: 1, max: 1_000_000 },
  // From perlite to lead shot: between them lies whatever is in bags.
  cup: { min: 0.5, max: 30 },
  density: { min: 4, max: 250 },
  labelRate: { above: 0, max: 200 },
};

/** A fertilizer of about the density of most granules, lb/ft³. Common practice. */
const USUAL_DENSITY = 60;
/** A usual bag, lb. Common practice. */
const USUAL_BAG = 50;

/**
 * The share of an organic product's nitrogen that a season sets free, by how much it holds: 15 × N % − 15, at most 75 %
 * (PNW 646, Gale et al. 2006; recalled).
 * @example freedOfOrganic(4) // 0.45
 */
export function freedOfOrganic(percentN: number): number {
  return Math.min(75, Math.max(0, 15 * percentN - 15)) / 100;
}

class Reader {
  readonly faults: Record<string, Msg> = {};

  constructor(private readonly own: OwnMaterial) {}

  number(name: Exclude<MaterialNumber, 'grade'>): number | undefined {
    const parsed = parseNumber(this.own.printed[name] ?? '', RULES[name]);
    if (parsed.kind === 'error') this.faults[`printed/${name}`] = parsed.error;
    return parsed.kind === 'value' ? parsed.value : undefined;
  }

  grade(): Grade | undefined {
    const parsed = parseGrade(this.own.printed.grade ?? '');
    if (parsed.kind === 'value') return parsed.value;
    this.faults['printed/grade'] =
      parsed.kind === 'error' ? parsed.error : msg('problem.materialEmpty');
    return undefined;
  }

  also(): Also {
    const all = ALSO.flatMap((element): [string, number][] => {
      const parsed = parseNumber(this.own.also[element] ?? '', PERCENT);
      if (parsed.kind === 'error') this.faults[`also/${element}`] = parsed.error;
      return parsed.kind === 'value' && parsed.value > 0 ? [[element, parsed.value]] : [];
    });
    return Object.fromEntries(all);
  }

  fault(place: string, why: Msg): void {
    this.faults[place] ??= why;
  }
}

/** Pounds in a cubic foot: of what a level cup weighs, else as it is told; as most granules where nobody says either. */
function densityOf(reader: Reader): number {
  const ounces = reader.number('cup');
  const told = reader.number('density');
  if (ounces === undefined && told !== undefined) return told;
  return ounces === undefined ? USUAL_DENSITY : (ounces / OUNCES_PER_POUND) * CUPS_PER_CUBIC_FOOT;
}

/** A bag holds no more than a hundred parts: oxides are counted as their elements, as chlorides bear no oxygen. */
function checkSum(reader: Reader, grade: Grade, also: Also): void {
  const sum =
    grade.N +
    grade.P2O5 / P2O5_PER_P +
    grade.K2O / K2O_PER_K +
    Object.values(also).reduce((all, each) => all + each, 0);
  if (sum > 100)
    reader.fault('printed/grade', msg('problem.overHundred', { sum: Math.round(sum) }));
}

function fertilizerOf(own: OwnMaterial, reader: Reader): Fertilizer | undefined {
  const grade = reader.grade();
  const also = reader.also();
  const slowN = reader.number('slowN');
  const totalP2O5 = reader.number('totalP2O5');
  const bag = reader.number('bag') ?? USUAL_BAG;
  const density = densityOf(reader);
  reader.number('covers');
  const labelRate = reader.number('labelRate');
  if (!grade) return undefined;
  const { organic, chloride, nitrate, pesticide } = own.flags;
  checkSum(reader, grade, also);
  if (slowN !== undefined && slowN > grade.N) {
    reader.fault('printed/slowN', msg('problem.slowOverN', { slow: slowN, n: grade.N }));
  }
  if (totalP2O5 !== undefined && totalP2O5 < grade.P2O5) {
    reader.fault('printed/totalP2O5', msg('problem.totalUnderAvailable', { p: grade.P2O5 }));
  }
  if (pesticide === 'yes' && labelRate === undefined) {
    reader.fault('printed/labelRate', msg('problem.labelRate'));
  }
  const isOrganic = organic === 'yes';
  const slowShare = slowN === undefined || grade.N === 0 ? 0 : slowN / grade.N;
  return {
    id: ownId(own.id),
    name: own.name.trim(),
    grade,
    also,
    slowShare,
    ...(totalP2O5 === undefined ? {} : { totalP2O5 }),
    release: isOrganic || slowShare >= 0.5 ? 'slow' : 'quick',
    // What a label does not rule out may be in it.
    nitrate: nitrate === 'yes' || (nitrate !== 'no' && !isOrganic && grade.N > 0),
    chloride: chloride === 'yes' || (chloride !== 'no' && !isOrganic && grade.K2O > 0),
    organic: isOrganic,
    firstSeasonN: isOrganic && grade.N > 0 ? freedOfOrganic(grade.N) : 1,
    density,
    bagsLb: [bag],
    hazards: [],
    pesticide: pesticide === 'yes',
    rare: true,
    standing: 'house',
    source: 'bag',
  };
}

function limeOf(own: OwnMaterial, reader: Reader): LimeMaterial | undefined {
  const percent = reader.number('percent');
  const also = reader.also();
  const bag = reader.number('bag') ?? USUAL_BAG;
  const density = densityOf(reader);
  if (percent === undefined) {
    reader.fault('printed/percent', msg('problem.materialEmpty'));
    return undefined;
  }
  if (percent > LIMESTONE_CCE_MAX) {
    reader.fault('printed/percent', msg('problem.overLimestone', { most: LIMESTONE_CCE_MAX }));
  }
  const mg = also.Mg ?? 0;
  return {
    id: ownId(own.id),
    name: own.name.trim(),
    typicalCce: percent,
    mostCce: LIMESTONE_CCE_MAX,
    ca: also.Ca ?? 0,
    mg,
    ...(mg >= DOLOMITIC_MG ? { forMagnesium: true } : {}),
    density,
    bagsLb: [bag],
    standing: 'house',
    source: 'bag',
  };
}

/** From so much magnesium on a lime is sold as dolomitic, %. Common practice. */
const DOLOMITIC_MG = 6;

function sulfurOf(own: OwnMaterial, reader: Reader): SulfurMaterial | undefined {
  const percent = reader.number('percent');
  const bag = reader.number('bag') ?? USUAL_BAG;
  const density = densityOf(reader);
  if (percent === undefined) {
    reader.fault('printed/percent', msg('problem.materialEmpty'));
    return undefined;
  }
  if (percent > 100)
    reader.fault(
      'printed/percent',
      msg('problem.between', { text: String(percent), min: 5, max: 100 }),
    );
  return {
    id: ownId(own.id),
    name: own.name.trim(),
    typicalS: percent,
    mixed: percent < PURE_SULFUR,
    density,
    bagsLb: [bag],
    standing: 'house',
    source: 'bag',
  };
}

/** Below so much a sulfur is mixed with something else, and the label has to say how much of it is elemental, %. */
const PURE_SULFUR = 85;

/** A material of a bag, and all that is wrong with it; nothing where it cannot be used. */
export function readMaterial(own: OwnMaterial): {
  readonly read: ReadMaterial | undefined;
  readonly faults: MaterialFaults;
} {
  const reader = new Reader(own);
  const made = madeOf(own, reader);
  if (own.name.trim() === '') reader.fault('name', msg('problem.materialEmpty'));
  const isSound = Object.keys(reader.faults).length === 0;
  return { read: isSound ? made : undefined, faults: reader.faults };
}

function madeOf(own: OwnMaterial, reader: Reader): ReadMaterial | undefined {
  switch (own.kind) {
    case 'fertilizer': {
      const material = fertilizerOf(own, reader);
      return material && { kind: 'fertilizer', material };
    }
    case 'lime': {
      const material = limeOf(own, reader);
      return material && { kind: 'lime', material };
    }
    case 'sulfur': {
      const material = sulfurOf(own, reader);
      return material && { kind: 'sulfur', material };
    }
  }
}

/** Own materials in their order. */
function ownMaterialsOf({
  materials,
}: {
  readonly materials: Readonly<Record<string, OwnMaterial>>;
}): OwnMaterial[] {
  return Object.values(materials).sort((a, b) => a.order - b.order);
}

/**
 * The materials that a case is planned with: the shipped ones, and those of its own that are sound and not retired. What is
 * wrong with one is among the problems, at its place.
 */
export function materialsOf(
  problems: Record<string, Msg>,
  file: Pick<CaseFile, 'materials'>,
  shipped: Materials = SHIPPED_MATERIALS,
): Materials {
  const read = ownMaterialsOf(file)
    .filter(({ flags }) => flags.retired !== 'yes')
    .flatMap((own) => {
      const { read: one, faults } = readMaterial(own);
      for (const [place, why] of Object.entries(faults)) {
        problems[`materials/${own.id}/${place}`] = why;
      }
      return one ? [one] : [];
    });
  if (read.length === 0) return shipped;
  return {
    fertilizers: [
      ...shipped.fertilizers,
      ...read.flatMap((each) => (each.kind === 'fertilizer' ? [each.material] : [])),
    ],
    lime: [
      ...shipped.lime,
      ...read.flatMap((each) => (each.kind === 'lime' ? [each.material] : [])),
    ],
    sulfur: [
      ...shipped.sulfur,
      ...read.flatMap((each) => (each.kind === 'sulfur' ? [each.material] : [])),
    ],
  };
}
