/** What several plants in one ground want together. Ranges: tomato 6.0–6.8, asparagus 6.5–7.0, blueberry 4.5–5.0. */
import { lawnCase, type LawnInput } from '../../test/cases';
import { planCase } from '../plan/plan';

function goal(input: LawnInput) {
  const plan = planCase(lawnCase({ ph: '5.6', buffer: '6.4', situation: 'tilled', ...input }));
  const [area] = plan.areas;
  if (!area) throw new Error('no area');
  const { limeTo, window, limeBelow, conflict, governs, acid } = area.goal;
  return {
    window: [window.low, window.high],
    limeBelow,
    limeTo: 'absent' in limeTo ? limeTo.absent.id : limeTo.value.value,
    conflict: conflict?.id,
    governs: governs?.id,
    acid,
    verdict: area.treatments.lime.verdict,
    findings: plan.findings.map(({ name }): string => name),
  };
}

test.each<[string, LawnInput, object]>([
  ['alone', { plant: 'tomato' }, { window: [6, 6.8], limeBelow: 6, limeTo: 6.5, verdict: 'dose' }],
  [
    'the overlap of two: the higher lower end, the lower upper end, the smaller target',
    { plant: 'tomato', sharing: ['asparagus'] },
    { window: [6.5, 6.8], limeBelow: 6.5, limeTo: 6.5, verdict: 'dose' },
  ],
  [
    'a target that leaves the other below its edge gives way to that edge',
    // Centipede 5.0–6.0, lime to 5.5; an overlap with the lawn's 6.0 begins at 6.0.
    { plant: 'centipedegrass', sharing: ['cool-season-lawn'] },
    { window: [6, 6], limeBelow: 6, limeTo: 6 },
  ],
  [
    'no pH suits both: no amount until one governs',
    { plant: 'asparagus', sharing: ['blueberry'] },
    { conflict: 'absent.plantsInConflict', limeTo: 'absent.plantsInConflict', verdict: 'absent' },
  ],
  [
    'asparagus governs',
    { plant: 'asparagus', sharing: ['blueberry'], decisions: { governs: 'asparagus' } },
    { window: [6.5, 7], limeTo: 6.8, governs: 'asparagus', verdict: 'dose', acid: false },
  ],
  [
    'the blueberry governs: too sweet for it',
    { plant: 'asparagus', sharing: ['blueberry'], decisions: { governs: 'blueberry' } },
    { window: [4.5, 5], governs: 'blueberry', verdict: 'none-needed', acid: true },
  ],
  [
    'a plant that nobody knows shares nothing',
    { plant: 'tomato', sharing: ['moon-flower'] },
    { window: [6, 6.8], limeTo: 6.5 },
  ],
  [
    'the range of another school',
    { plant: 'asparagus', decisions: { window: 'class' } },
    { window: [6, 6.8], limeBelow: 6, limeTo: 6.5 },
  ],
])('%s', (_name, input, expected) => {
  expect(goal(input)).toMatchObject(expected);
});

test('the conflict is a decision of the ground, and the lime says what it waits for', () => {
  const { findings } = goal({ plant: 'asparagus', sharing: ['blueberry'] });
  expect(findings).toEqual(expect.arrayContaining(['plantsInConflict', 'limeWaitsForPlant']));
  const { findings: overlap } = goal({ plant: 'tomato', sharing: ['asparagus'] });
  expect(overlap).toContain('plantsOverlap');
});

test('in conflict a high pH is judged no better than a low one', () => {
  const shared = { plant: 'asparagus', sharing: ['blueberry'] } as const;
  for (const ph of ['4.2', '5.6', '6.8', '7.6']) {
    expect(goal({ ...shared, ph })).toMatchObject({ verdict: 'absent' });
  }
});
