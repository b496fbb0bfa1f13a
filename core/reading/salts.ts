import type { Plant } from '../catalog/plants/plants';
import type { Readings } from '../site/report/types';
import type { Figure } from '../kernel/working/working';
import { furtherBands, furtherClass } from '../catalog/packs/supplementaryBands';

/** Salts that harm any plant, and those that harm the sensitive ones, by the classes of an extract. */
const TOO_SALTY = ['moderate', 'strong', 'excess'];
const TOO_SALTY_FOR_SENSITIVE = [...TOO_SALTY, 'slight'];

/** Whether so much salt by a method is more than a plant bears. */
function isOver(plant: Plant, { texture }: Readings, method: string, ec: number): boolean {
  const paste = method === 'saturated-paste';
  if (paste && plant.group !== 'mixes') return ec > plant.saltAt;
  const bands = furtherBands('ec', paste ? 'mix' : method, texture);
  const over = plant.salt === 'sensitive' && !paste ? TOO_SALTY_FOR_SENSITIVE : TOO_SALTY;
  return !!bands && over.includes(furtherClass(bands, ec));
}

/**
 * The salts of the soil where they are more than one of its plants bears: by the plant's own threshold in the
 * saturated paste, by the classes of any other extract. Of a value with a range the lower end counts, which is
 * surely there. A value whose method is not said counts as one of the paste: any other extract holds more water, so that the
 * soil would be saltier still.
 */
export function saltsTooHigh(
  plants: readonly Plant[],
  readings: Readings,
): { readonly figure: Figure; readonly plant: Plant } | undefined {
  const { ec } = readings.others;
  if (!ec || 'absent' in ec) return undefined;
  const sure = ec.range?.low ?? ec.value.value;
  const method = readings.methods.ec || 'saturated-paste';
  const plant = plants.find((each) => isOver(each, readings, method, sure));
  return plant && { figure: ec, plant };
}
