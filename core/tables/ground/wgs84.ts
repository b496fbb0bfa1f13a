/**
 * The ellipsoid that longitudes and latitudes of maps are given on.
 *
 * Source: NGA.STND.0036 (World Geodetic System 1984), defining parameters; exact.
 */
export const WGS84 = {
  /** Equatorial radius, m. */
  a: 6_378_137,
  /** Flattening. */
  f: 1 / 298.257223563,
} as const;
