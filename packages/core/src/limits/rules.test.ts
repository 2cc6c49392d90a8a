import { builtInCatalogue, getVariation } from '../catalogue';
import { aHealthInput } from '../testing';
import { addDays } from '../units';
import { CAUTIONS, READINESS } from '../vocabulary';
import type { CautionId, LimitId, ReadinessId } from '../vocabulary';
import { ASK_AGAIN_DAYS, cutBy, healthPicture, keepTo, LIMIT_RULES, limitOn, loadCapFor, restrictionsIn } from '.';
import { coversMovement, isInForce } from './clearance';
import type { ClearanceScope, HealthInput } from '.';
import { positionOn } from './position';
import type { RestrictionId } from './types';

const of = (id: string) => getVariation(builtInCatalogue, id);
const on = (id: string, limit: LimitId, severity: number | null = null) => limitOn(of(id), [{ limit, severity }]);
const unlocks = (id: string, limit: LimitId, severity: number | null = null) =>
  on(id, limit, severity).reasons.flatMap(({ code, values }) => (code === 'limit-locks' ? [values.unlock] : []));

// Source of every row: usual clinical and coaching practice, from memory.
describe('what to keep to, limit by limit', () => {
  it.each<[LimitId, number | null, string, RestrictionId]>([
    ['knee-front', 3, 'goblet-squat', 'knee-travel-limited'],
    ['knee-front', 3, 'step-up', 'low-step-few-reps'],
    ['knee-front', 3, 'leg-extension', 'mid-range'],
    ['knee-front', 3, 'tall-kneeling-hinge', 'kneel-by-contact-pain'],
    ['knee-front', 3, 'narrow-heels-up-goblet-squat', 'heel-lift-only-pain-free'],
    ['hip-front', 3, 'goblet-squat', 'box-above-pinch'],
    ['hip-front', 3, 'dumbbell-romanian-deadlift', 'mid-range'],
    ['hip-outer', 1, 'curtsy-lunge', 'no-crossing'],
    ['hip-outer', 1, 'hip-hike', 'no-hip-drop'],
    ['hamstring-sit-bone', 3, 'dumbbell-romanian-deadlift', 'mid-range'],
    ['groin', 3, 'wide-stance-deadlift', 'narrower'],
    ['groin', 3, 'side-lunge', 'less-range'],
    ['low-back-bending', 3, 'dumbbell-romanian-deadlift', 'lighter-and-higher'],
    ['low-back-bending', 3, 'belly-held-hinge', 'keep-load-close'],
    ['low-back-arching', 3, 'barbell-hip-thrust', 'no-lean-back'],
    ['low-back-arching', 3, 'overhead-squat', 'ribs-down-overhead'],
    ['low-back-arching', 3, 'rear-foot-elevated-split-squat', 'lower-rear-foot'],
    ['ankle-stiff', 3, 'goblet-squat', 'heel-lift-or-box'],
    ['ankle-achilles-calf-foot', 3, 'calf-raise', 'calf-by-pain'],
    ['neck', 3, 'glute-bridge', 'head-supported'],
    ['shoulder', 3, 'back-squat', 'front-hold-instead'],
    ['wrist', 3, 'front-squat', 'crossed-or-straps'],
    ['wrist', 3, 'plank-clock-reach', 'on-fists'],
    ['grip', 3, 'deadlift', 'load-off-the-hands'],
    ['balance', null, 'split-squat', 'support-on'],
    ['fragile-bones', null, 'kettlebell-deadlift', 'small-steps'],
    ['loose-joints', null, 'deficit-reverse-lunge', 'slow-small-steps'],
    ['heart-pressure-stroke-cleared', null, 'back-squat', 'keep-breathing'],
    ['heart-pressure-stroke-cleared', null, 'glute-bridge', 'rise-slowly'],
    ['epilepsy', null, 'deadlift', 'spotter'],
    ['blood-thinners', null, 'box-jump', 'no-impact'],
    ['pregnancy', null, 'glute-bridge', 'not-flat-for-long'],
    ['pregnancy', null, 'deadlift', 'keep-breathing'],
    ['pelvic-girdle', null, 'split-squat', 'less-range'],
    ['recent-birth', null, 'deadlift', 'symptoms-ease'],
    ['blood-pressure-raised', null, 'ninety-ninety', 'keep-breathing'],
  ])('%s at %s, %s: %s', (limit, severity, id, how) => expect(restrictionsIn(on(id, limit, severity).reasons)).toContain(how));

  it('nothing is to be kept to where a graded limit is felt below where it restricts', () => {
    for (const { id, graded } of LIMIT_RULES) {
      if (!graded) continue;
      for (const variation of builtInCatalogue.variations) {
        const said = restrictionsIn(limitOn(variation, [{ limit: id, severity: 0 }]).reasons);
        expect([id, variation.id, said]).toEqual([id, variation.id, []]);
      }
    }
  });

  it('what is there or not does not ask how sore', () => {
    for (const { id, graded } of LIMIT_RULES) {
      if (graded) continue;
      for (const movement of ['goblet-squat', 'deadlift', 'box-jump', 'walking-lunge', 'glute-bridge', 'ninety-ninety']) {
        const states = [null, 0, 2, 10].map((severity) => on(movement, id, severity).state);
        expect([id, movement, new Set(states.filter((state) => state !== 'favoured' && state !== 'open')).size <= 1]).toEqual([
          id,
          movement,
          true,
        ]);
        expect([id, movement, states[1] === 'locked']).toEqual([id, movement, states[3] === 'locked']);
      }
    }
  });
});

describe('what opens a lock again', () => {
  it.each<[LimitId, number | null, string, string]>([
    ['knee-front', 2, 'knee-forward-squat', 'limit-gone'],
    ['knee-front', 4, 'forward-lunge', 'soreness-below-4'],
    ['low-back-bending', 4, 'one-leg-romanian-deadlift', 'clean-two-leg-hinge'],
    ['ankle-achilles-calf-foot', 1, 'box-jump', 'clearance'],
    ['blood-thinners', null, 'barbell-hip-thrust', 'thick-pad-and-clearance'],
    ['recent-birth', null, 'box-jump', 'twelve-weeks'],
    ['recent-birth', null, 'goblet-squat', 'clearance'],
    ['see-clinician', null, 'ninety-ninety', 'clearance'],
    ['after-surgery', null, 'ninety-ninety', 'clearance-that-lists-it'],
    ['guardian-consent', null, 'ninety-ninety', 'guardian-consent'],
    ['health-not-asked', null, 'back-squat', 'four-answers'],
  ])('%s at %s, %s: %s', (limit, severity, id, want) => expect(unlocks(id, limit, severity)).toContain(want));

  it('before the four answers nothing is loaded or jumped; a movement that goes without weight stays', () => {
    expect(on('bodyweight-squat', 'health-not-asked').state).toBe('open');
    expect(on('box-jump', 'health-not-asked').state).toBe('locked');
    expect(loadCapFor(of('goblet-squat'), [{ limit: 'health-not-asked', severity: null }])).toBe(0);
    const both = [
      { limit: 'grip', severity: 4 },
      { limit: 'health-not-asked', severity: null },
    ] as const;
    expect(loadCapFor(of('goblet-squat'), both)).toBe(0);
    expect(loadCapFor(of('goblet-squat'), [{ limit: 'grip', severity: 4 }])).toBeNull();
  });

  it('above 5 what was only to be kept to stops, once, and never twice for one movement', () => {
    expect(on('goblet-squat', 'ankle-stiff', 5).state).toBe('restricted');
    expect(unlocks('goblet-squat', 'ankle-stiff', 6)).toEqual(['soreness-below-4']);
    expect(on('kettlebell-deadlift', 'ankle-stiff', 9).state).not.toBe('locked');
    // The knee-forward squat is locked by its own line already.
    expect(unlocks('knee-forward-squat', 'knee-front', 8)).toEqual(['limit-gone']);
    expect(on('goblet-squat', 'ankle-stiff', null).state).toBe('restricted');
  });

  it('at 5 one limit cuts: the one that speaks of the movement', () => {
    const sore = (severity: number) =>
      [
        { limit: 'grip', severity },
        { limit: 'ankle-stiff', severity },
      ] as const;
    expect(cutBy(of('goblet-squat'), sore(5))?.limit).toBe('ankle-stiff');
    expect(cutBy(of('deadlift'), sore(5))?.limit).toBe('grip');
    expect(cutBy(of('goblet-squat'), sore(4))).toBeNull();
    expect(cutBy(of('cossack-squat'), [{ limit: 'groin', severity: 5 }])?.limit).toBe('groin');
    expect(cutBy(of('dead-bug'), [{ limit: 'groin', severity: 5 }])).toBeNull();
  });
});

describe('what a yes at intake means', () => {
  const asked = (id: ReadinessId) => {
    const { limits, cautions, state } = healthPicture(aHealthInput({ answers: { [id]: 'yes' } }));
    return { limits: limits.map(({ limit }) => limit), cautions, state };
  };

  it.each<[ReadinessId, readonly LimitId[], readonly CautionId[]]>([
    ['epilepsy', ['epilepsy'], []],
    ['asthma', [], ['inhaler-at-hand']],
    ['diabetes', [], ['sugar-at-hand']],
    ['high-pressure', ['heart-pressure-stroke-cleared'], ['measure-pressure']],
    ['birth-within-year', ['recent-birth'], ['ease-on-symptoms']],
    ['surgery-within-two-years', ['after-surgery'], []],
    ['joint-replaced', ['after-surgery'], []],
    ['fragile-bones', ['fragile-bones'], []],
    ['loose-joints', ['loose-joints'], []],
    ['numb-feet', ['balance'], ['shoes-on']],
    ['hernia', ['hernia-caesarean'], []],
    ['pelvic-floor', [], ['ease-on-symptoms']],
    ['eye-retina', ['eye-retina'], []],
    ['falls', ['balance'], ['balance-watch']],
    ['blood-thinners', ['blood-thinners'], []],
    ['sugar-lowering', [], ['sugar-at-hand']],
    ['steroids', [], ['tendons-slowly', 'bones-slowly']],
    ['some-antibiotics', [], ['tendons-slowly']],
    ['statins', [], ['muscle-weakness-watch']],
    ['sedatives', [], ['balance-watch']],
    ['beta-blockers', [], ['effort-not-pulse']],
  ])('%s: %j, %j', (id, limits, cautions) => expect(asked(id)).toMatchObject({ limits, cautions }));

  it.each<[ReadinessId, readonly LimitId[]]>([
    ['chest-on-effort', []],
    ['faints-or-dizzy', []],
    ['breathless-at-rest', []],
    ['unexplained-pain', []],
    ['heart-condition', ['heart-pressure-stroke-cleared']],
    ['stroke', ['heart-pressure-stroke-cleared']],
    ['pregnant', ['pregnancy']],
  ])('%s holds everything until a clinician has cleared it', (id, limits) => {
    const found = asked(id);
    expect(found.state).toBe('see-clinician-first');
    expect(found.limits).toEqual(expect.arrayContaining(['see-clinician', ...limits]));
  });

  it('every question means something, and every caution comes from somewhere', () => {
    for (const id of READINESS) {
      const { limits, cautions } = asked(id);
      expect([id, limits.length + cautions.length > 0]).toEqual([id, true]);
    }
    const all = new Set(READINESS.flatMap((id) => asked(id).cautions));
    // The young and painkillers before a session bring the other two.
    expect(CAUTIONS.filter((caution) => !all.has(caution))).toEqual(['pain-numbers-unreliable', 'no-maximal-test']);
  });
});

describe('a clearance', () => {
  const scope = (range: ClearanceScope['range'], families: ClearanceScope['families'] = ['squat']): ClearanceScope => ({
    families,
    range,
    maxLoadKg: null,
    side: 'both',
    painUpTo: null,
  });

  it('covers the movements it names, as far into their range as it says', () => {
    expect(coversMovement(scope('full'), of('hack-squat'))).toBe(true);
    expect(coversMovement(scope('middle'), of('hack-squat'))).toBe(false);
    expect(coversMovement(scope('holds-only'), of('goblet-squat'))).toBe(false);
    expect(coversMovement(scope('holds-only'), of('wall-sit'))).toBe(true);
    expect(coversMovement(scope('full'), of('deadlift'))).toBe(false);
  });

  it('holds from its first day to its last, and is a question the day after', () => {
    const days = { on: '2026-11-01', until: '2026-11-25' };
    expect(['2026-10-31', '2026-11-01', '2026-11-25', '2026-11-26'].map((today) => isInForce(days, today))).toEqual([
      false,
      true,
      true,
      false,
    ]);
  });
});

describe('what is asked again', () => {
  const today = '2026-11-25';
  const picture = (over: Partial<HealthInput>) =>
    healthPicture(aHealthInput({ today, ...over })).questions.map(({ code }) => code);

  it('a clearance after its last day, a reading after its days, neither before', () => {
    const ended = (until: string) =>
      picture({
        clearances: [
          {
            id: 'c',
            role: 'doctor',
            on: '2026-01-01',
            until,
            about: [],
            scope: { families: ['squat'], range: 'full', maxLoadKg: null, side: 'both', painUpTo: null },
          },
        ],
      }).includes('clearance-ended');
    expect([ended(addDays(today, -1)), ended(today)]).toEqual([true, false]);
    const read = (days: number) =>
      picture({ pressure: { systolic: 120, diastolic: 80, on: addDays(today, -days) } }).includes('pressure-ask-again');
    expect([read(ASK_AGAIN_DAYS.pressure), read(ASK_AGAIN_DAYS.pressure + 1)]).toEqual([false, true]);
    expect(picture({}).includes('pressure-ask-again')).toBe(false);
  });
});

describe('how a movement keeps to what restricts it', () => {
  it.each<[string, RestrictionId, object]>([
    ['goblet-squat', 'knee-travel-limited', { 'knee-travel': 'limited' }],
    ['front-squat', 'crossed-or-straps', { 'front-hold': 'crossed' }],
    ['split-squat', 'support-on', { support: 'one-hand' }],
  ])('%s, %s: %j', (id, restriction, values) => expect(keepTo(of(id), [restriction])).toEqual({ values, notKept: [] }));

  it('a box keeps by being one; what a movement has no setting for is named; an eye keeps the rest', () => {
    expect(keepTo(of('bodyweight-box-squat'), ['box-above-pinch'])).toEqual({ values: {}, notKept: [] });
    expect(keepTo(of('box-jump'), ['support-on']).notKept).toEqual(['support-on']);
    expect(keepTo(of('box-jump'), ['spotter'])).toEqual({ values: {}, notKept: [] });
  });

  it('less range is a shorter one, never a longer', () => {
    for (const variation of builtInCatalogue.variations) {
      const { values } = keepTo(variation, ['less-range', 'mid-range', 'low-step-few-reps', 'short-stride']);
      for (const { lever, steps, usual, ordered } of variation.levers) {
        const kept = values[lever];
        if (kept === undefined || !ordered) continue;
        expect([variation.id, lever, steps.indexOf(kept) <= usual]).toEqual([variation.id, lever, true]);
      }
    }
  });
});

it('how sore a held weight is felt stands with what it locks, where it was asked', () => {
  const [asked] = positionOn('overhead', [{ limit: 'shoulder', severity: 5 }]).reasons;
  expect(asked).toMatchObject({ code: 'position-locks', values: { severity: 5, position: 'overhead' } });
  const [silent] = positionOn('overhead', [{ limit: 'shoulder', severity: null }]).reasons;
  expect(silent!.values).not.toHaveProperty('severity');
});
