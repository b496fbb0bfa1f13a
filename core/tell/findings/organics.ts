import { materialName } from '../../catalog/materials/named';
import { isEaten, type Plant } from '../../catalog/plants/plants';
import { quantity } from '../../kernel/units/quantity';
import { valueOf } from '../../kernel/working/working';
import type { LoadRead } from '../../site/loads';
import { asking } from '../../site/questions';
import { MOST_INCHES } from '../../tables/fertilizer/organics';
import type { FindInput, Finder } from './finder';

/** Whether traces of weed killers in hay would be seen on a plant: grasses bear them. */
function bearsNone({ form, group }: Plant): boolean {
  return form !== 'lawn' && group !== 'plots';
}

/** What is to be asked and known of one load. */
function loadFindings(finder: Finder, { plan }: FindInput, load: LoadRead): void {
  const { area, plant, reading, soilTest } = plan;
  const { material, deep, when, salts, saltsRise } = load;
  const { id } = load.load;
  const about = { areaId: area.id, step: 'feeding' } as const;
  const named = { material: materialName(material) };
  const more = { subject: id };
  if (when !== 'to-come') return;
  if (material.pig && material.raw && isEaten(plant)) {
    finder.find('feeding', 'stop', 'loadPig', named, [], more);
  }
  const planted = plant.form === 'lawn' ? MOST_INCHES.lawn : MOST_INCHES.established;
  const most = area.situation === 'tilled' ? MOST_INCHES.tilled : planted;
  const inches = valueOf(deep)?.value ?? 0;
  if (inches > most) {
    const params = { ...named, deep: { working: deep.id }, most: quantity(most, 'in', 'depth') };
    finder.ask([
      asking(about, { token: `deep:${id}:${inches.toFixed(2)}` }, 'loadDeep', params, [deep], more),
    ]);
  }
  if (soilTest.p.rating === 'very-high') {
    finder.ask([
      asking(about, { token: `load-p:${id}:${material.id}` }, 'loadPhosphorus', named, [], more),
    ]);
  }
  if (material.hay && bearsNone(plant)) {
    finder.ask([asking(about, { token: `hay:${id}:${material.id}` }, 'loadHay', named, [], more)]);
  }
  const tested = reading.lines.find(({ analyte }) => analyte === 'ec')?.limits ?? 0;
  const rise = valueOf(saltsRise)?.value;
  const isRefused = material.salty && (plant.salt === 'sensitive' || tested > 0);
  if (rise !== undefined && (isRefused || rise > plant.saltAt)) {
    const params = {
      ...named,
      salts: { working: salts.id },
      rise: { working: saltsRise.id },
      bears: quantity(plant.saltAt, 'dS/m', 'salts'),
    };
    finder.find('feeding', 'note', 'loadSalty', params, [salts, saltsRise], more);
  }
}

/** What is to be asked and known of compost, manure and cover crops. */
export function organicFindings(finder: Finder, input: FindInput): void {
  for (const load of input.plan.loads) loadFindings(finder, input, load);
  for (const { cover, crop } of input.plan.covers) {
    if (crop.kind !== 'scavenger') continue;
    finder.find('feeding', 'note', 'coverTies', {}, [], { subject: cover.id });
  }
}
