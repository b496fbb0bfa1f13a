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
  'sulfur-table': {
    id: 'sulfur-table',
    citation:
      'Sulfur to pH 4.5 by texture: blueberry bulletins of many states (Michigan, Ohio, Wisconsin); clay in two versions',
    standing: 'recalled',
  },
  'western-handbook': {
    id: 'western-handbook',
    citation:
      'Sulfur to pH 6.5: Western Fertilizer Handbook; Knott’s Handbook for Vegetable Growers (soils without free lime)',
    standing: 'recalled',
  },
  'garden-sulfur': {
    id: 'garden-sulfur',
    citation:
      'Sulfur per 10 ft² on silt loam, a tenth of a pound for half a pH: garden sheets of the Southeast',
    standing: 'recalled',
  },
  pierre: {
    id: 'pierre',
    citation:
      'Pierre 1933, Ind. Eng. Chem. Anal. Ed. 5:229–234 (equivalent acidity and basicity of fertilizers)',
    standing: 'recalled',
  },
  sikora: {
    id: 'sikora',
    citation: 'Sikora 2006, SSSAJ 70:474–486 (a buffer that mimics SMP, read by its table)',
    standing: 'recalled',
  },
  'adams-evans': {
    id: 'adams-evans',
    citation: 'Adams & Evans 1962, SSSA Proc. 26:355–357; as restated in SERA-IEG-6',
    standing: 'recalled',
  },
  'mehlich-1976': {
    id: 'mehlich-1976',
    citation:
      'Mehlich 1976, Commun. Soil Sci. Plant Anal. 7:637–652, in the form of Hardy, Tucker & Stokes, North Carolina',
    standing: 'recalled',
  },
  'exchange-acidity': {
    id: 'exchange-acidity',
    citation:
      'Equivalent weights; a share of it to 6.5 by northeastern laboratories (Penn State; NECC-1012)',
    standing: 'recalled',
  },
  knott: {
    id: 'knott',
    citation: 'Lorenz & Maynard 1988, Knott’s Handbook for Vegetable Growers, limestone by texture',
    standing: 'recalled',
  },
  'ph-lists': {
    id: 'ph-lists',
    citation:
      'Lists of the pH of plants: Spurway 1941, Michigan Special Bulletin 306; Lorenz & Maynard 1988, Knott’s Handbook; state bulletins',
    standing: 'recalled',
  },
  sme: {
    id: 'sme',
    citation: 'Warncke & Krauskopf 1983, Michigan E-1736 (saturated media extract)',
    standing: 'recalled',
  },
  'turf-minimums': {
    id: 'turf-minimums',
    citation:
      'Woods, Stowell & Gelernter 2014, GCM; PeerJ Preprints 4:e2144, 2016 (minimum levels of turf by Mehlich-3)',
    standing: 'recalled',
  },
  'base-balance': {
    id: 'base-balance',
    citation:
      'Graham 1959, Missouri Bulletin 734 (shares of the exchange capacity); against treating for them: McLean et al. 1983, Agronomy Journal 75:635–639; Kopittke & Menzies 2007, SSSAJ 71:259–265',
    standing: 'recalled',
  },
  'carried-off': {
    id: 'carried-off',
    citation:
      'Contents of clippings and vegetables: Kopp & Guillard 2002, Crop Science 42:1225–1231; Lorenz & Maynard 1988, Knott’s Handbook',
    standing: 'recalled',
  },
  'further-morgan': {
    id: 'further-morgan',
    citation: 'University of Massachusetts soil-test interpretation (modified Morgan: Ca)',
    standing: 'recalled',
  },
  'further-mehlich-3': {
    id: 'further-mehlich-3',
    citation: 'Pennsylvania State University, Agronomy Guide (Mehlich-3: Mg)',
    standing: 'recalled',
  },
  'further-sulfate': {
    id: 'further-sulfate',
    citation: 'Sulfate by monocalcium phosphate: University of Minnesota classes for sandy soils',
    standing: 'recalled',
  },
  'further-nitrate': {
    id: 'further-nitrate',
    citation: 'Oregon State University, soil-test interpretation (nitrate)',
    standing: 'recalled',
  },
  'further-dtpa': {
    id: 'further-dtpa',
    citation: 'Lindsay & Norvell 1978, SSSAJ 42:421–428 (DTPA: Zn, Fe, Mn, Cu)',
    standing: 'recalled',
  },
  'further-boron': {
    id: 'further-boron',
    citation: 'Berger & Truog 1939/40, hot-water boron; classes of state laboratories',
    standing: 'recalled',
  },
  'further-salts': {
    id: 'further-salts',
    citation:
      'Richards 1954, USDA Handbook 60 (salts of the saturated paste); Maas & Hoffman 1977, J. Irrigation and Drainage 103:115–134 (thresholds of plants)',
    standing: 'recalled',
  },
  'further-salts-1-2': {
    id: 'further-salts-1-2',
    citation: 'Salts of a 1:2 extract by volume: classes of northeastern laboratories for gardens',
    standing: 'recalled',
  },
  'further-salts-1-1': {
    id: 'further-salts-1-1',
    citation: 'Dahnke & Whitney 1988, NCR-221 (salts of a 1:1 extract, by texture)',
    standing: 'recalled',
  },
  esp: {
    id: 'esp',
    citation: 'Richards 1954, USDA Handbook 60 (exchangeable sodium)',
    standing: 'recalled',
  },
  lead: {
    id: 'lead',
    citation:
      'US EPA, residential soil lead guidance: 2024 and before (1994, 2001); states may be stricter',
    standing: 'recalled',
  },
  'draw-down': {
    id: 'draw-down',
    citation:
      'Fall of soil-test P and K: Illinois and Kansas build-up factors (pounds of P2O5 or K2O for each ppm)',
    standing: 'recalled',
  },
  fineness: {
    id: 'fineness',
    citation:
      'Fineness factors as lime laws and handbooks print them: Wisconsin, Texas, Ohio, Minnesota, Iowa, Illinois (Illinois Agronomy Handbook), Kansas, Oklahoma, Kentucky (AGR-106), Missouri, Oregon, New York, Pennsylvania, Ontario, Alabama',
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
  'southeast-mehlich-1': {
    id: 'southeast-mehlich-1',
    citation:
      'Bands of P and K by Mehlich-1 and region, in pounds an acre: Kissel & Sonon 2008, Soil Test Handbook for Georgia; rates a composite of home-garden ranges',
    standing: 'recalled',
  },
  'mid-atlantic-vegetables': {
    id: 'mid-atlantic-vegetables',
    citation:
      'Mid-Atlantic Commercial Vegetable Production Recommendations (table of each crop), in pounds an acre',
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
  manures: {
    id: 'manures',
    citation:
      'MWPS-18, Livestock Waste Facilities Handbook (manure as spread, by the ton); PNW 533 (weights and shares of nitrogen); UMN M1192 (composts)',
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
  house: {
    id: 'house',
    citation: 'The office’s own value, in a pack that it copied and changed',
    standing: 'house',
  },
  practice: { id: 'practice', citation: 'Common practice', standing: 'practice' },
  bag: {
    id: 'bag',
    citation: 'What is printed on the bag in hand, as typed',
    standing: 'house',
  },
  grade: {
    id: 'grade',
    citation: 'The grade in the product’s name (N – P2O5 – K2O, % by weight)',
    standing: 'practice',
  },
  'local-rule': {
    id: 'local-rule',
    citation: 'The local code, as the office has filled it in',
    standing: 'house',
  },
  normals: {
    id: 'normals',
    citation:
      'NOAA NCEI, U.S. Climate Normals 1991–2020 (monthly means; frost and freeze probabilities), rounded',
    standing: 'recalled',
  },
  'lawn-calendars': {
    id: 'lawn-calendars',
    citation:
      'Lawn calendars of Purdue AY-22, Colorado State 7.202, North Carolina State AG-367, AG-431, AG-432, AG-381; Beard 1973',
    standing: 'recalled',
  },
  'climate-anchors': {
    id: 'climate-anchors',
    citation:
      'Temperatures at which grass and soil turn (Beard, Turfgrass: Science and Culture, 1973), fitted to printed calendars within a week or two',
    standing: 'recalled',
  },
  'lawn-establishment': {
    id: 'lawn-establishment',
    citation:
      'New lawns: Purdue AY-3, North Carolina State AG-69; phosphate and potash by test, Virginia urban nutrient manual',
    standing: 'recalled',
  },
  'vegetable-side-dressing': {
    id: 'vegetable-side-dressing',
    citation:
      'Virginia Coop. Ext. 426-323; Mid-Atlantic Commercial Vegetable Production Recommendations; Knott’s Handbook',
    standing: 'recalled',
  },
  'fruit-programmes': {
    id: 'fruit-programmes',
    citation: 'NRAES-35, -55, -88; Michigan State E-2011; Ohio State HYG-1401 to 1423; IFAS HS1153',
    standing: 'recalled',
  },
  'ornamental-programmes': {
    id: 'ornamental-programmes',
    citation:
      'ANSI A300 (Part 2); Virginia, Clemson and Minnesota extension sheets on landscape plants',
    standing: 'recalled',
  },
  'food-plots': {
    id: 'food-plots',
    citation: 'State extension sheets on wildlife food plots (sowing windows and nitrogen by crop)',
    standing: 'recalled',
  },
  'cover-crops': {
    id: 'cover-crops',
    citation:
      'Managing Cover Crops Profitably (SARE), charts of nitrogen and its rule of half and a quarter',
    standing: 'recalled',
  },
  'former-crops': {
    id: 'former-crops',
    citation:
      'Nitrogen credits of former crops, state recommendations (Tri-State, Wisconsin, Iowa)',
    standing: 'recalled',
  },
  'raw-manure': {
    id: 'raw-manure',
    citation: '7 CFR 205.203(c), raw animal manure before harvest',
    standing: 'recalled',
  },
  s341: {
    id: 's341',
    citation:
      'ASABE S341 (procedure for measuring the spreading of granular broadcast spreaders) and extension sheets on spreaders',
    standing: 'recalled',
  },
} as const satisfies Record<string, Source>;

export type SourceId = keyof typeof SOURCES;
