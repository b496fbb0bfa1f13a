import words from '../../words/en.case.json';
import { addWords } from './text';

/**
 * The words of cases, plans and the Shed: more than four fifths of the catalogue. Whatever shows or
 * writes any of them imports this file for its effect, so that an empty Desk need not fetch them.
 */
addWords(words);
