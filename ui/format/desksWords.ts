import desks from '../../words/en.desks.json';
import { learn } from './text';

/** The words of what goes between desks and is kept beside one: whoever shows any of it imports this first. */
learn(desks);
