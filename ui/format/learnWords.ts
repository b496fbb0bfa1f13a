import words from '../../words/en.learn.json';
import { learn } from './text';

/** The words of terms, lessons and practice: whoever shows any of them imports this first. */
learn(words);
