import type { RequirementMethod } from '../method';
import { SMP } from './smp';
import { LIME_BY_TEXTURE } from './texture';
import { TRI_STATE } from './triState';
import { TRI_STATE_ORGANIC_SOIL } from './triStateOrganic';

/** The registered lime requirement methods, in the order in which they are preferred. */
export const REQUIREMENT_METHODS: readonly RequirementMethod[] = [
  SMP,
  TRI_STATE,
  TRI_STATE_ORGANIC_SOIL,
  LIME_BY_TEXTURE,
];
