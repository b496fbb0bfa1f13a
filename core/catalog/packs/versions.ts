/** The newest version of each shipped pack: what a new case is pinned to, without the packs themselves. */
export const PACK_VERSIONS: Readonly<Record<string, number>> = {
  'lake-states-1995': 3,
  'delta-mehlich-3': 2,
  'upper-south-mehlich-1': 2,
  'tidewater-mehlich-1': 2,
  'southeast-mehlich-1': 1,
  'northeast-morgan': 2,
  'plains-olsen': 2,
  'mid-atlantic-vegetables': 1,
  'potting-mix-extract': 1,
};

/** The pack that a new case is read by, unless the office has another. */
export const USUAL_PACK = { id: 'lake-states-1995', version: 3 } as const;
