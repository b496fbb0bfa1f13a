export { Dice } from '../core/practice/dice';
