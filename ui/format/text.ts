import { unitsHere } from '../../store/units';
import { createEnglish } from '../../words/english';

/** The voice of the screens that show cases, plans or the Shed. */
export const voice = createEnglish(unitsHere());

/** Words of the interface by their id. */
export const { text } = voice;

/** A name that came from outside, in the words of its family. */
export const nameFrom = voice.name;
