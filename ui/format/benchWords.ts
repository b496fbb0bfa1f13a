import bench from '../../words/en.bench.json';
import { learn } from './text';

/** The words of the bench and of the second look: whoever shows either imports this first. */
learn(bench);
