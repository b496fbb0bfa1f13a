import words from '../../words/en.places.json';
import { learn } from './text';

/** The words of the Shed, the guidelines and the office: whoever shows any of them imports this first. */
learn(words);
