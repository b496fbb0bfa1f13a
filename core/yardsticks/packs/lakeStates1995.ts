import type { Pack } from '../pack';

/**
 * "Lake States 1995", version 1: a plausible composite, recalled from Tri-State E-2567 and the
 * Michigan and Minnesota garden literature. Where the sources give a range of amounts, the smaller
 * end stands here.
 */
export const LAKE_STATES_1995_V1: Pack = {
  id: 'lake-states-1995',
  version: 1,
  source: 'lake-states-1995',
  lime: {
    bySituation: {
      established: {
        cap: { value: 50, standing: 'practice' },
        depth: { value: 4, standing: 'practice' },
      },
      // 25 to 30 in the sources.
      stressed: {
        cap: { value: 25, standing: 'practice' },
        depth: { value: 4, standing: 'practice' },
      },
      // 100 to 200 in the sources.
      tilled: {
        cap: { value: 100, standing: 'practice' },
        depth: { value: 6, standing: 'practice' },
      },
    },
    least: { value: 20, standing: 'practice' },
    confirmAbove: { value: 100, standing: 'practice' },
    firmDoses: { value: 2, standing: 'practice' },
    testMonthsBefore: { value: 2, standing: 'practice' },
    intervalMonths: { value: 6, standing: 'practice' },
    seasons: [
      { from: '03-01', to: '05-31' },
      { from: '09-01', to: '11-30' },
    ],
    sandy: { cec: 5, target: 6.5 },
  },
  lawnNitrogen: {
    clippingsReturned: { value: 2, standing: 'recalled' },
    clippingsRemoved: { value: 3, standing: 'recalled' },
    cap: { value: 1, standing: 'practice' },
    // Quick nitrogen lasts two to four weeks; six weeks keep one dressing to a season.
    intervalDays: { value: 42, standing: 'practice' },
    apartFromLimeDays: { value: 28, standing: 'practice' },
    // Late spring, late summer and mid-autumn.
    seasons: [
      { from: '05-15', to: '06-15' },
      { from: '08-25', to: '09-25' },
      { from: '10-01', to: '11-10' },
    ],
  },
  organicAbove: 20,
  phUncertainty: { value: 0.1, standing: 'practice' },
  retestYears: { value: 3, standing: 'practice' },
};
