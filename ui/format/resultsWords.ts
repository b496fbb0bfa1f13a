import words from '../../words/en.results.json';
import { learn } from './text';

/** The words of the table of results: what each line means, and how it is typed. */
learn(words);
