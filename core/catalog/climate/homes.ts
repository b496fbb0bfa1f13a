import { own } from '../../kernel/typed/own';
import { cardOf, type ClimateCard } from './card';

/**
 * The climate of the region that a pack is for: it stands where a case has chosen none, and says so. A pack that is for no
 * region has none.
 */
const HOMES: Readonly<Record<string, string>> = {
  'lake-states-1995': 'humid-continental-north',
  'delta-mehlich-3': 'mid-south-transition',
  'southeast-mehlich-1': 'southern-coastal-plain',
  'tidewater-mehlich-1': 'mid-atlantic-piedmont',
  'upper-south-mehlich-1': 'mid-south-transition',
  'northeast-morgan': 'new-england-coast',
  'plains-olsen': 'high-plains',
  'mid-atlantic-vegetables': 'mid-atlantic-piedmont',
};

/** The climate of a pack's region. */
export function homeOf(packId: string): ClimateCard | undefined {
  return cardOf(own(HOMES, packId) ?? '');
}
