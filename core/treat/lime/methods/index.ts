import type { RequirementMethod } from '../method';
import { EXCHANGE_ACIDITY } from './acidity';
import { ADAMS_EVANS_BUFFER } from './adamsEvans';
import { LEARNED } from './learned';
import { MEHLICH_BUFFER } from './mehlich';
import { SIKORA } from './sikora';
import { SMP } from './smp';
import { LIME_BY_TEXTURE } from './texture';
import { TRI_STATE } from './triState';
import { TRI_STATE_ORGANIC_SOIL } from './triStateOrganic';
import { WOODRUFF_BUFFER } from './woodruff';

/** The registered lime requirement methods, in the order in which they are preferred. */
export const REQUIREMENT_METHODS: readonly RequirementMethod[] = [
  SMP,
  TRI_STATE,
  SIKORA,
  ADAMS_EVANS_BUFFER,
  MEHLICH_BUFFER,
  WOODRUFF_BUFFER,
  EXCHANGE_ACIDITY,
  TRI_STATE_ORGANIC_SOIL,
  LIME_BY_TEXTURE,
  LEARNED,
];
