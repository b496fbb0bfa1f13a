import type { BUFFERS } from '../../catalog/analytes';
import { SMP_RESOLVES_TO } from '../../tables/lime/smp';
import type { Readings } from './types';
import type { Quantity } from '../../kernel/units/quantity';
import type { Figure } from '../../kernel/working/working';

type Buffer = (typeof BUFFERS)[number];

/** What each buffer's pH is a pH of. */
interface PhOf {
  readonly 'ph-sikora': 'Sikora';
  readonly 'ph-mehlich': 'Mehlich';
  readonly 'ph-adams-evans': 'Adams-Evans';
  readonly 'ph-woodruff': 'Woodruff';
}

/** The form of the Sikora buffer of half strength, which no table here is for. */
const HALF_STRENGTH = 'sikora-2';

/** The pH of the SMP buffer, else of the Sikora buffer that imitates it and is read by the same table. */
export function smpLike(readings: Readings): Figure<Quantity<'pH', 'SMP' | 'Sikora'>> {
  const { bufferPh, methods } = readings;
  if (!('absent' in bufferPh)) return bufferPh;
  const sikora = bufferOf(readings, 'ph-sikora');
  return sikora && methods['ph-sikora'] !== HALF_STRENGTH ? sikora : bufferPh;
}

/** Whether the Sikora buffer on the report is of half strength. */
export function isHalfStrength({ methods }: Readings): boolean {
  return methods['ph-sikora'] === HALF_STRENGTH;
}

/** The pH of a buffer beside SMP; nothing where none is typed. */
export function bufferOf<B extends Buffer>(
  { others }: Readings,
  buffer: B,
): Figure<Quantity<'pH', PhOf[B]>> | undefined {
  return others[buffer] as Figure<Quantity<'pH', PhOf[B]>> | undefined;
}

/** Whether the buffer has not moved enough to say anything, so that texture has to. */
export function bufferIsSilent(readings: Readings): boolean {
  const buffer = smpLike(readings);
  return !('absent' in buffer) && buffer.value.value > SMP_RESOLVES_TO;
}
