import { unitsHere } from '../../store/units';
import { createEnglish, ENGLISH_ROOMS } from '../../words/english';
import type { Words } from '../../words/voice';

/** The voice of the screens that show cases, plans or the Shed. */
const rooms: Words[] = [...ENGLISH_ROOMS];
export const voice = createEnglish(unitsHere(), rooms);

/** Adds a room of words that only some pages have, before any of them is said. */
export function learn(words: Words): void {
  if (!rooms.includes(words)) rooms.push(words);
}

/** Words of the interface by their id. */
export const { text } = voice;

/** A name that came from outside, in the words of its family. */
export const nameFrom = voice.name;
