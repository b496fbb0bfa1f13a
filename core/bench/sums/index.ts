import type { BenchSum } from '../sum';
import { area } from './area';
import { bag } from './bag';
import { charge } from './charge';
import { compare } from './compare';
import { compost } from './compost';
import { cores } from './cores';
import { cups } from './cups';
import { lime } from './lime';
import { liquid } from './liquid';
import { oxide } from './oxide';
import { ppm } from './ppm';
import { product } from './product';
import { quality } from './quality';
import { rate } from './rate';
import { saturation } from './saturation';
import { spreader } from './spreader';
import { sulfur } from './sulfur';
import { tons } from './tons';
import { water } from './water';

/** Every sum of the bench, those that are asked most first. */
export const SUMS: readonly BenchSum[] = [
  ...[product, sulfur, lime, tons, area, rate, bag, cups, compare, compost],
  ...[quality, ppm, oxide, liquid, spreader, water, cores, charge, saturation],
];
