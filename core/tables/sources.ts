/** How surely a value is known. */
export type Standing = 'exact' | 'published' | 'recalled' | 'practice' | 'house' | 'report';

export interface Source {
  readonly id: string;
  readonly citation: string;
  readonly standing: Standing;
}

/** The sources that figures cite. Citations are names of works, not words of the interface. */
export const SOURCES = {
  definition: {
    id: 'definition',
    citation: 'NIST Handbook 44, Appendix C (definitions of the acre and the short ton)',
    standing: 'exact',
  },
  geometry: { id: 'geometry', citation: 'Plane geometry', standing: 'exact' },
  'ncr-221': {
    id: 'ncr-221',
    citation:
      'Shoemaker, McLean & Pratt 1961, SSSA Proc. 25:274–277; as tabled in NCR-221 and McLean 1982',
    standing: 'recalled',
  },
  'e-2567': {
    id: 'e-2567',
    citation: 'Vitosh, Johnson & Mengel 1995, Tri-State Fertilizer Recommendations, E-2567',
    standing: 'recalled',
  },
  buffers: {
    id: 'buffers',
    citation:
      'Where fresh buffers begin: Sikora 2006; Mehlich 1976; Adams & Evans 1962; Woodruff 1948',
    standing: 'recalled',
  },
  knott: {
    id: 'knott',
    citation: 'Lorenz & Maynard 1988, Knott’s Handbook for Vegetable Growers, limestone by texture',
    standing: 'recalled',
  },
  'mesh-8-20-60': {
    id: 'mesh-8-20-60',
    citation: 'Fineness factors 0, 0.2, 0.6, 1 at 8, 20 and 60 mesh (Ohio, Minnesota, Wisconsin)',
    standing: 'recalled',
  },
  'nc-residual': {
    id: 'nc-residual',
    citation:
      'Hardy, Tucker & Stokes, Crop Fertilization Based on North Carolina Soil Tests (residual lime)',
    standing: 'recalled',
  },
  'delta-mehlich-3': {
    id: 'delta-mehlich-3',
    citation:
      'Bands of P and K by Mehlich-3 (ICP): Slaton and others, University of Arkansas FSA2118; rates a composite of home-garden ranges',
    standing: 'recalled',
  },
  'upper-south-mehlich-1': {
    id: 'upper-south-mehlich-1',
    citation:
      'Bands of P and K by Mehlich-1, in pounds an acre: University of Tennessee soil-test categories; rates a composite of home-garden ranges',
    standing: 'recalled',
  },
  'tidewater-mehlich-1': {
    id: 'tidewater-mehlich-1',
    citation:
      'Bands of P and K by Mehlich-1, in pounds an acre: Donohue & Heckendorn 1994, Virginia Tech; rates a composite of home-garden ranges',
    standing: 'recalled',
  },
  'northeast-morgan': {
    id: 'northeast-morgan',
    citation:
      'Bands of P and K by modified Morgan: Jokela and others, Nutrient Recommendations for Field Crops in Vermont, BR 1390; rates a composite of home-garden ranges',
    standing: 'recalled',
  },
  'plains-olsen': {
    id: 'plains-olsen',
    citation:
      'Bands of P by Olsen and K by ammonium acetate: University of Minnesota soil-test classes; rates a composite of home-garden ranges',
    standing: 'recalled',
  },
  'lake-states-1995': {
    id: 'lake-states-1995',
    citation:
      'Pack Lake States 1995: a composite recalled from E-2567 and the Michigan and Minnesota garden literature',
    standing: 'recalled',
  },
  aapfco: {
    id: 'aapfco',
    citation: 'Molar masses (IUPAC 2021), as labels print P2O5 and K2O (AAPFCO)',
    standing: 'published',
  },
  'n-release': {
    id: 'n-release',
    citation:
      'Hartz & Johnstone 2006, HortTechnology 16:39–42; Gale et al. 2006, J. Environ. Qual. 35:2321–2332 (N set free by organic fertilizers, upper end)',
    standing: 'recalled',
  },
  outline: {
    id: 'outline',
    citation:
      'Outline of a map on the WGS 84 ellipsoid (authalic latitude: Snyder 1987, USGS Professional Paper 1395; edges: Chamberlain & Duquette 2007, JPL Publication 07-03)',
    standing: 'published',
  },
  'cores-formula': {
    id: 'cores-formula',
    citation: 'Number of cores n = (t · CV ÷ E)²: Cline 1944, Soil Science 58:275–288',
    standing: 'recalled',
  },
  'soil-variation': {
    id: 'soil-variation',
    citation:
      'Variation within a field: Beckett & Webster 1971, Soils and Fertilizers 34:1–15; James & Wells 1990, SSSA Book Series 3, ch. 3',
    standing: 'recalled',
  },
  practice: { id: 'practice', citation: 'Common practice', standing: 'practice' },
  grade: {
    id: 'grade',
    citation: 'The grade in the product’s name (N – P2O5 – K2O, % by weight)',
    standing: 'practice',
  },
} as const satisfies Record<string, Source>;

export type SourceId = keyof typeof SOURCES;
