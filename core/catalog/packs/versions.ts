/** The newest version of each shipped pack: what a new case is pinned to, without the packs themselves. */
export const PACK_VERSIONS: Readonly<Record<string, number>> = {
  'lake-states-1995': 4,
  'delta-mehlich-3': 3,
  'upper-south-mehlich-1': 3,
  'tidewater-mehlich-1': 3,
  'southeast-mehlich-1': 2,
  'northeast-morgan': 3,
  'plains-olsen': 3,
  'mid-atlantic-vegetables': 2,
  'potting-mix-extract': 1,
};

/** The pack that a new case is read by, unless the office has another. */
export const USUAL_PACK = { id: 'lake-states-1995', version: 4 } as const;
