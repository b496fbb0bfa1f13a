/** What a report may hold besides what amounts are worked out from, in ppm of the element. */
export const MORE_ANALYTES = [
  'ca',
  'mg',
  'na',
  's',
  'no3',
  'zn',
  'fe',
  'mn',
  'cu',
  'b',
  'al',
  'pb',
] as const;
export type MoreAnalyte = (typeof MORE_ANALYTES)[number];

/** Buffers beside SMP, each with its own pH. */
export const BUFFERS = ['ph-sikora', 'ph-mehlich', 'ph-adams-evans', 'ph-woodruff'] as const;
/** Shares of the exchange capacity, in percent. */
export const SATURATIONS = ['sat-ca', 'sat-mg', 'sat-k', 'sat-na', 'sat-h'] as const;
/** What is told of the water that a garden is watered with. */
const WATERS = ['water-ph', 'water-alkalinity', 'water-ec', 'water-na', 'water-no3'] as const;

/** What a report may hold that is no content of an element. */
export const OTHER_ANALYTES = [
  ...BUFFERS,
  'ec',
  'acidity',
  ...SATURATIONS,
  'wv',
  ...WATERS,
] as const;
export type OtherAnalyte = (typeof OTHER_ANALYTES)[number];

/** What a fresh paper has a place for. */
export const USUAL_ANALYTES = [
  'ph-water',
  'ph-smp',
  'om',
  'cec',
  'texture',
  'p',
  'k',
  'lime-rec',
  'rec-n',
  'rec-p',
  'rec-k',
  'rec-product',
] as const;

export const ANALYTES = [
  ...USUAL_ANALYTES,
  'ph-cacl2',
  ...MORE_ANALYTES,
  ...OTHER_ANALYTES,
  'rec-crop',
  'rec-per',
  'rec-times',
] as const;
export type Analyte = (typeof ANALYTES)[number];

/** How an analyte may be printed, and what a report usually says of it. */
export interface AnalyteFacts {
  /** Units that it is printed in; a fresh entry stands in the first. */
  readonly units: readonly string[];
  /** What is told beside the unit: extractant, form, medium or basis; a fresh entry has the first. */
  readonly methods: readonly string[];
  /** What the method tells, for its words. */
  readonly methodIs?:
    | 'extractant'
    | 'form'
    | 'waterMethod'
    | 'saltPh'
    | 'printedAs'
    | 'ecMethod'
    | 'leadMethod'
    | 'bufferForm';
  /** From where to where reports usually run, in the first unit; common practice, from memory. */
  readonly usual?: readonly [low: number, high: number];
  /** Names as laboratories write them, without case, spaces and signs. */
  readonly names: readonly string[];
}

/** Of a soil by weight, by volume, and over an acre; in an extract, which no soil value compares with. */
const SOIL = ['ppm', 'mg/kg', 'mg/dm3', 'lb/acre', 'kg/ha', 'ppm-extract', 'word', 'index'];
const CHARGED = [
  'ppm',
  'mg/kg',
  'mg/dm3',
  'lb/acre',
  'kg/ha',
  'meq/100g',
  'cmol/kg',
  'ppm-extract',
];
const METAL = ['ppm', 'mg/kg', 'mg/dm3', 'lb/acre', 'kg/ha', 'ppm-extract'];
const CHARGE = ['meq/100g', 'cmol/kg'];
const CONDUCTIVITY = ['dS/m', 'mS/cm', 'mmho/cm', 'uS/cm'];
const RATES = ['lb/1000ft2', 'lb/100ft2', 'lb/acre', 'oz/100ft2'];
const NONE = [''];

/** Extractants whose values are told apart; a pack rates the ones that it has bands for. */
const P_EXTRACTANTS = [
  '',
  'bray-1',
  'mehlich-3',
  'mehlich-3-color',
  'olsen',
  'mehlich-1',
  'modified-morgan',
  'saturated-extract',
  'other',
] as const;
const K_EXTRACTANTS = [
  '',
  'ammonium-acetate',
  'mehlich-3',
  'mehlich-1',
  'modified-morgan',
  'saturated-extract',
  'other',
] as const;
/** Metals are drawn out by extractants of their own, boron by hot water. */
const METAL_EXTRACTANTS = ['', 'dtpa', 'mehlich-3', 'mehlich-1', 'other'];
const BORON_EXTRACTANTS = ['', 'hot-water', 'mehlich-3', 'other'];

/** What is known of each analyte: the one home of its units, methods, names and usual range. */
export const ANALYTE_FACTS: Readonly<Record<Analyte, AnalyteFacts>> = {
  'ph-water': {
    units: ['pH'],
    methods: ['', '1:1', '1:2', 'saturated-paste'],
    methodIs: 'waterMethod',
    usual: [4.5, 8],
    names: ['ph', 'phwater', 'waterph', 'soilph'],
  },
  'ph-cacl2': {
    units: ['pH'],
    methods: ['', 'converted'],
    methodIs: 'saltPh',
    usual: [4, 7.5],
    names: ['phcacl2', 'cacl2ph', 'saltph', 'cacl2'],
  },
  'ph-smp': {
    units: ['pH'],
    methods: NONE,
    usual: [5.5, 7.2],
    names: ['phsmp', 'bufferph', 'smpbufferph', 'smp', 'phbuffer', 'smpbuffer'],
  },
  'ph-sikora': {
    units: ['pH'],
    methods: ['', 'sikora-2'],
    methodIs: 'bufferForm',
    usual: [5.8, 7.5],
    names: ['sikora', 'sikorabuffer'],
  },
  'ph-mehlich': {
    units: ['pH'],
    methods: ['', '1976', 'modified'],
    methodIs: 'bufferForm',
    usual: [4.8, 6.5],
    names: ['mehlichbuffer', 'mehlichbufferph'],
  },
  'ph-adams-evans': {
    units: ['pH'],
    methods: NONE,
    usual: [7.2, 7.95],
    names: ['adamsevans', 'adamsevansbuffer', 'aebuffer'],
  },
  'ph-woodruff': {
    units: ['pH'],
    methods: NONE,
    usual: [6, 6.95],
    names: ['woodruff', 'woodruffbuffer'],
  },
  om: { units: ['%'], methods: NONE, usual: [1, 8], names: ['om', 'organicmatter'] },
  cec: { units: CHARGE, methods: NONE, usual: [4, 30], names: ['cec'] },
  texture: { units: NONE, methods: NONE, names: ['texture'] },
  p: {
    units: SOIL,
    methods: P_EXTRACTANTS,
    methodIs: 'extractant',
    usual: [5, 100],
    names: ['p', 'phosphorus'],
  },
  k: {
    units: [...CHARGED, 'word', 'index'],
    methods: K_EXTRACTANTS,
    methodIs: 'extractant',
    usual: [50, 300],
    names: ['k', 'potassium'],
  },
  ca: { units: CHARGED, methods: NONE, usual: [300, 4000], names: ['ca', 'calcium'] },
  mg: { units: CHARGED, methods: NONE, usual: [40, 500], names: ['mg', 'magnesium'] },
  na: { units: CHARGED, methods: NONE, usual: [5, 150], names: ['na', 'sodium'] },
  s: {
    units: METAL,
    methods: ['S', 'SO4'],
    methodIs: 'printedAs',
    usual: [5, 40],
    names: ['s', 'sulfur', 'sulfate'],
  },
  no3: {
    units: METAL,
    methods: ['N', 'NO3'],
    methodIs: 'printedAs',
    usual: [2, 50],
    names: ['no3', 'nitrate', 'no3n', 'nitraten'],
  },
  zn: {
    units: METAL,
    methods: METAL_EXTRACTANTS,
    methodIs: 'extractant',
    usual: [0.5, 10],
    names: ['zn', 'zinc'],
  },
  fe: {
    units: METAL,
    methods: METAL_EXTRACTANTS,
    methodIs: 'extractant',
    usual: [5, 200],
    names: ['fe', 'iron'],
  },
  mn: {
    units: METAL,
    methods: METAL_EXTRACTANTS,
    methodIs: 'extractant',
    usual: [2, 100],
    names: ['mn', 'manganese'],
  },
  cu: {
    units: METAL,
    methods: METAL_EXTRACTANTS,
    methodIs: 'extractant',
    usual: [0.2, 5],
    names: ['cu', 'copper'],
  },
  b: {
    units: METAL,
    methods: BORON_EXTRACTANTS,
    methodIs: 'extractant',
    usual: [0.2, 2],
    names: ['b', 'boron'],
  },
  al: { units: METAL, methods: NONE, usual: [5, 200], names: ['al', 'aluminum', 'aluminium'] },
  pb: {
    units: ['ppm', 'mg/kg'],
    methods: ['', 'total', 'mehlich-3', 'modified-morgan'],
    methodIs: 'leadMethod',
    usual: [5, 100],
    names: ['pb', 'lead'],
  },
  ec: {
    units: CONDUCTIVITY,
    methods: ['', 'saturated-paste', '1:1', '1:2', '1:5'],
    methodIs: 'ecMethod',
    usual: [0.1, 2],
    names: ['ec', 'solublesalts', 'salts', 'conductivity'],
  },
  acidity: {
    units: CHARGE,
    methods: NONE,
    usual: [0, 12],
    names: ['acidity', 'exchangeableacidity', 'hydrogen'],
  },
  'sat-ca': {
    units: ['%'],
    methods: NONE,
    usual: [30, 85],
    names: ['satca', 'casat', '%ca', 'ca%'],
  },
  'sat-mg': {
    units: ['%'],
    methods: NONE,
    usual: [5, 30],
    names: ['satmg', 'mgsat', '%mg', 'mg%'],
  },
  'sat-k': { units: ['%'], methods: NONE, usual: [1, 8], names: ['satk', 'ksat', '%k', 'k%'] },
  'sat-na': { units: ['%'], methods: NONE, usual: [0, 5], names: ['satna', 'nasat', '%na', 'na%'] },
  'sat-h': { units: ['%'], methods: NONE, usual: [0, 50], names: ['sath', 'hsat', '%h', 'h%'] },
  wv: {
    units: ['g/cm3'],
    methods: NONE,
    usual: [0.6, 1.5],
    names: ['wv', 'weightpervolume', 'density', 'scoopdensity'],
  },
  'water-ph': { units: ['pH'], methods: NONE, usual: [5.5, 8.5], names: ['irrigationph'] },
  'water-alkalinity': {
    units: ['mg/L', 'meq/L'],
    methods: NONE,
    usual: [20, 300],
    names: ['alkalinity', 'wateralkalinity'],
  },
  'water-ec': { units: CONDUCTIVITY, methods: NONE, usual: [0.1, 2], names: ['waterec'] },
  'water-na': { units: ['mg/L', 'meq/L'], methods: NONE, usual: [1, 100], names: ['waterna'] },
  'water-no3': {
    units: ['mg/L'],
    methods: ['N', 'NO3'],
    methodIs: 'printedAs',
    usual: [0, 10],
    names: ['waterno3', 'waternitrate'],
  },
  'lime-rec': {
    units: ['lb/1000ft2', 'lb/100ft2', 'lb/acre', 'ton/acre', 'ton/acre-short-cut', 't/ha'],
    methods: ['product', 'limestone', 'pure'],
    names: ['limerec', 'lime', 'limerecommended', 'limerequirement'],
  },
  'rec-n': { units: RATES, methods: ['N'], names: ['recn', 'nrecommended'] },
  'rec-p': {
    units: RATES,
    methods: ['P2O5', 'P'],
    methodIs: 'form',
    names: ['recp', 'recp2o5', 'p2o5recommended'],
  },
  'rec-k': {
    units: RATES,
    methods: ['K2O', 'K'],
    methodIs: 'form',
    names: ['reck', 'reck2o', 'k2orecommended'],
  },
  'rec-product': { units: RATES, methods: NONE, names: [] },
  'rec-crop': { units: NONE, methods: NONE, names: ['crop', 'reccrop'] },
  'rec-per': { units: NONE, methods: NONE, names: [] },
  'rec-times': { units: NONE, methods: NONE, names: [] },
};
