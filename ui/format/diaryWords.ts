import words from '../../words/en.diary.json';
import { learn } from './text';

/** The words of the diary, its ledger and its photos. */
learn(words);
