import { plannedReps, setSeconds, tempoAfter } from '../dose';
import { canLoad, roomOf } from '../kit';
import type { Kit } from '../kit';
import { accessTo } from '../selection';
import { aJudgeContext, anExerciseLog } from '../testing';
import { CUE_KINDS, STUDIO_ITEMS } from '../vocabulary';
import type { FaultId } from '../vocabulary';
import { FAULT_TABLE, getFault } from './faults';
import { builtInCatalogue, getVariation } from '.';
import { bySearch, kitFor, LADDERS, remediesFor, scaleOf } from './knowledge';

/** What the movement pages say that no other check looks at. Source: the trade, as `movements` has it; common practice, no source. */
const get = (id: string) => getVariation(builtInCatalogue, id);
const rungOf = (ladderId: string, rungId: string) =>
  LADDERS.find(({ id }) => id === ladderId)!.rungs.find(({ id }) => id === rungId)!;

describe('kneeling on one leg', () => {
  it('hinges at the hip of the kneeling leg, the other leg straight out to the side', () => {
    const hinge = get('kneeling-one-leg-hinge');
    expect(hinge.figure).toMatchObject({ maker: 'poses', figure: { view: 'front' } });
    const { figure } = hinge.figure as {
      figure: { top: { right: { ankle: readonly number[] } }; bottom: { trunkForwardDeg: number } };
    };
    expect(figure.top.right.ankle[0]).toBeGreaterThan(0.35);
    expect(figure.bottom.trunkForwardDeg).toBeGreaterThan(45);
    expect(hinge.aliases.join(' ')).not.toContain('half-kneeling');
  });

  it('squats to a light touch and up at once: slow down, fast up, no pause to choose; glutes first', () => {
    const squat = get('kneeling-one-leg-squat');
    expect(squat.tempo).toMatchObject({ bottom: 0, lifting: 'x' });
    expect(squat.tempo!.lowering).toBeGreaterThanOrEqual(3);
    expect(scaleOf(squat, 'tempo')?.steps).not.toContain('pause');
    expect(squat.emphasis.glutes).toBe(Math.max(...Object.values(squat.emphasis)));
    expect(squat.loadPositions).toEqual(expect.arrayContaining(['goblet', 'back-bar']));
    expect(squat.unloadedAllowed).toBe(true);
  });
});

describe('deep to the side', () => {
  it('a light band only, in front for beginners before a weight, overhead last; a counterweight helps too', () => {
    for (const id of ['banded-cossack-squat', 'overhead-band-cossack-squat'])
      expect(scaleOf(get(id), 'band')?.steps).toEqual(['light']);
    const stageOf = (rungId: string) => rungOf('lateral', rungId).stage;
    expect(stageOf('band-front')).toBeLessThan(stageOf('goblet'));
    expect(stageOf('goblet')).toBeLessThan(stageOf('band-overhead'));
    expect(rungOf('lateral', 'band-front').from).toEqual(['supported']);
    expect(scaleOf(get('cossack-squat'), 'counterweight')?.steps.at(-1)).toBeNull();
  });
});

describe('a bridge with the knees opened on top', () => {
  const bridge = get('abduction-glute-bridge');
  it('begins without a band and needs none; feet nearer, toes out, on their outer edges', () => {
    const band = scaleOf(bridge, 'band')!;
    expect([band.steps[band.usual], bridge.kit]).toEqual(['none', []]);
    const [near, toes] = [scaleOf(bridge, 'foot-distance')!, scaleOf(bridge, 'toes-out')!];
    expect(near.steps[near.usual]).toBeLessThan(0);
    expect(toes.steps[toes.usual]).toBeGreaterThan(0);
    expect(bridge.cues.join(' ')).not.toContain('flat');
  });

  it('holds three seconds on top: a setting that its tempo and the seconds of a set follow', () => {
    expect(bridge.tempo?.top).toBe(3);
    const hold = scaleOf(bridge, 'top-hold')!;
    expect(hold.steps[hold.usual]).toBe(3);
    const { dose } = anExerciseLog({ variationId: bridge.id, loadKg: 0 });
    const secondsAt = (top: number): number =>
      setSeconds({ ...dose, tempo: tempoAfter(bridge, bridge.tempo!, 'top-hold', top) }, bridge);
    expect(secondsAt(3) - secondsAt(1)).toBeCloseTo(2 * plannedReps(dose), 6);
  });
});

describe('three seconds each way', () => {
  it.each([
    ['bridge-floor-press', 'top'],
    ['shin-box-rise', 'top'],
    ['glute-bridge', 'top'],
    ['belly-held-hinge', 'bottom'],
    ['goblet-squat', 'bottom'],
  ] as const)('%s is held at the %s', (id, end) => {
    const tempo = tempoAfter(get(id), { lowering: 1, bottom: 0, lifting: 1, top: 0 }, 'tempo', 'three-each');
    expect(tempo).toEqual({ lowering: 3, lifting: 3, bottom: 0, top: 0, [end]: 3 });
  });

  it('its four drills can be set up as they are taught', () => {
    expect(get('belly-held-hinge').loadPositions).toContain('belly');
    expect(scaleOf(get('goblet-squat'), 'toes-out')?.steps).toEqual(expect.arrayContaining([45, 60]));
    expect(get('shin-box-rise').loadPositions).toContain('goblet');
    for (const id of ['belly-held-hinge', 'bridge-floor-press', 'goblet-squat'])
      expect(scaleOf(get(id), 'tempo')?.steps).toContain('three-each');
  });
});

describe('faults where they happen', () => {
  const have = (fault: FaultId) =>
    new Set(builtInCatalogue.variations.filter(({ faults }) => faults.includes(fault)).map(({ id }) => id));
  it.each([
    ['low-back-over-arches', ['goblet-squat', 'romanian-deadlift', 'hip-thrust', 'hamstring-bridge', 'kettlebell-deadlift']],
    ['head-tips-back', ['glute-bridge', 'hip-thrust', 'barbell-hip-thrust', 'one-leg-glute-bridge']],
    ['low-back-takes-over', ['romanian-deadlift', 'good-morning', 'deadlift']],
    ['leans-back-at-lock-out', ['deadlift', 'kettlebell-deadlift', 'pull-through']],
    ['upper-back-rounds', ['deadlift', 'trap-bar-deadlift', 'romanian-deadlift']],
    ['weight-rolls', ['goblet-squat', 'back-squat', 'bodyweight-squat']],
    ['elbows-drop', ['front-squat', 'front-squat-to-box', 'double-kettlebell-front-squat']],
    ['elbows-flare-back', ['back-squat', 'back-squat-to-box']],
    ['hips-shoot-up', ['back-squat', 'front-squat', 'deadlift']],
    ['pushes-from-the-back-leg', ['split-squat', 'reverse-lunge', 'rear-foot-elevated-split-squat']],
    ['collapses-on-the-box', ['bodyweight-box-squat', 'back-squat-to-box', 'front-squat-to-box']],
    ['slack-left-in', ['deadlift', 'trap-bar-deadlift', 'block-deadlift']],
  ] as const)('%s', (fault, ids) => {
    expect(ids.filter((id) => !have(fault).has(id))).toEqual([]);
  });

  it('and not where they can’t: no elbows on a goblet, no box without one, no head on a standing lift', () => {
    expect(have('elbows-drop').has('goblet-squat')).toBe(false);
    expect(have('collapses-on-the-box').has('back-squat')).toBe(false);
    expect(have('head-tips-back').has('deadlift')).toBe(false);
    expect(have('slack-left-in').has('romanian-deadlift')).toBe(false);
  });

  it('cues work by the body, a picture, an aim, the eye, the breath or a hand; two that come first differ in kind or words', () => {
    const kinds = FAULT_TABLE.flatMap(({ cues }) => cues.map(({ kind }) => kind));
    expect([...new Set(kinds)].sort()).toEqual([...CUE_KINDS].sort());
    // A hand is never the first thing, nor the second: it is asked for.
    for (const { cues } of FAULT_TABLE) expect(cues.slice(0, 2).map(({ kind }) => kind)).not.toContain('hand');
    expect(getFault('breath-held').cues.map(({ kind }) => kind)).toEqual(['breath', 'breath']);
  });

  it('each with two cues that differ, and one change that can be carried out', () => {
    for (const { id, faults } of builtInCatalogue.variations) {
      for (const fault of faults) {
        const { cues } = getFault(fault);
        expect([id, fault, new Set(cues.map(({ text }) => text)).size >= 2]).toEqual([id, fault, true]);
        expect([id, fault, remediesFor(get(id), fault).length > 0]).toEqual([id, fault, true]);
      }
    }
  });
});

it('the knee-forward squat warns of the low back first, stands as wide as it suits, and can be held', () => {
  const all = builtInCatalogue.variations.filter(({ id }) => id.includes('knee-forward'));
  expect(all.length).toBeGreaterThan(3);
  for (const { cautions, levers } of all) {
    expect(cautions[0]).toMatch(/low back/i);
    expect(levers.map(({ lever }) => lever)).toContain('stance-width');
    expect(levers.find(({ lever }) => lever === 'tempo')?.steps).toContain('pause');
  }
});

it('the back foot of a staggered hinge works, and breathing out at the bottom brings ribs and pelvis together', () => {
  const said = get('staggered-romanian-deadlift').cues.join(' · ');
  expect(said).toMatch(/back foot works/i);
  expect(said).toMatch(/out at the bottom: low ribs and pelvis/i);
});

it.each([
  ['plié', 'wide-dumbbell-squat'],
  ['plie', 'wide-dumbbell-squat'],
  ['RDL', 'romanian-deadlift'],
  ['db rdl', 'dumbbell-romanian-deadlift'],
  ['bulgarian', 'rear-foot-elevated-split-squat'],
  ['good morning', 'good-morning'],
  ['hip thrust', 'barbell-hip-thrust'],
  ['KB swing', 'kettlebell-swing'],
  ['KB', 'kettlebell-deadlift'],
])('“%s” finds %s', (text, id) => {
  expect(bySearch(builtInCatalogue.variations, text).map((one) => one.id)).toContain(id);
});

describe('kit that need not be there', () => {
  const studio: ReadonlySet<(typeof STUDIO_ITEMS)[number]> = new Set(STUDIO_ITEMS);
  const bare = { kit: { pieces: [], machines: [], gear: [] } as unknown as Kit, limits: [] };
  it('a pull-through is open wherever a band or a cable is', () => {
    expect(accessTo(get('pull-through'), { ...bare, room: studio }).state).toBe('open');
    expect(accessTo(get('pull-through'), { ...bare, room: new Set(['wall']) }).state).toBe('locked');
  });

  it('what has “no band” as a notch asks for none', () => {
    for (const id of ['abduction-glute-bridge', 'lateral-band-walk']) {
      const band = scaleOf(get(id), 'band')!;
      expect([id, band.steps[band.usual], kitFor(get(id), new Set()).isPossible]).toEqual([id, 'none', true]);
    }
  });

  it('two bottles or two tins are a pair', () => {
    const { kit } = aJudgeContext();
    const bottles = (owned: number): Kit => ({
      ...kit,
      pieces: [{ ...kit.pieces[0]!, id: 'bottle', type: 'home-weight', value: 2, unit: 'kg', owned }],
    });
    expect(roomOf(bottles(2), []).has('dumbbell-pair')).toBe(true);
    expect(roomOf(bottles(1), []).has('dumbbell-pair')).toBe(false);
    expect(canLoad(bottles(2), 'sides', { unloadedToo: false })).toBe(true);
  });
});

describe('where a weight is held', () => {
  it('from the ground up, wherever it is a setting: higher on the body is harder for the trunk', () => {
    // Source: the load positions of the prescribing pages, and their order in the lever table.
    const order = ['hips', 'sides', 'suitcase', 'goblet', 'rack-one', 'rack', 'front-bar', 'back-bar', 'overhead'];
    const scales = builtInCatalogue.variations.flatMap((variation) => scaleOf(variation, 'load-position') ?? []);
    expect(scales.length).toBeGreaterThan(25);
    for (const { steps } of scales) {
      const places = steps.map((step) => order.indexOf(String(step)));
      expect(places).toEqual(places.toSorted((a, b) => a - b));
    }
    const used = new Set(scales.flatMap(({ steps }) => steps));
    for (const place of order) expect([place, used.has(place)]).toEqual([place, true]);
  });
});

describe('machines', () => {
  it('are found by what they are called: curls seated and lying, press-down, hip press, calf', () => {
    const found = (text: string) => bySearch(builtInCatalogue.variations, text).map(({ id }) => id);
    for (const [text, id] of [
      ['seated leg curl', 'seated-leg-curl'],
      ['lying leg curl', 'lying-leg-curl'],
      ['press-down', 'glute-press-down'],
      ['hip press', 'machine-hip-thrust'],
      ['calf machine', 'calf-press'],
    ] as const) {
      expect([text, found(text).includes(id)]).toEqual([text, true]);
      expect([id, get(id).loadPositions]).toEqual([id, ['machine']]);
    }
  });
});

describe('clocks, get-ups, hikes and intervals', () => {
  it('a clock is forward, to the side and back: five a side, slow, on knees first, wide feet steadier', () => {
    const clock = get('plank-clock-reach');
    expect([clock.stance, clock.repRange?.high]).toEqual(['one-side', 5]);
    expect(clock.cues[0]).toMatch(/Forward, to the side, back/);
    expect(clock.tempo).toMatchObject({ lowering: 2, lifting: 2 });
    expect(scaleOf(clock, 'plank-base')?.steps).toEqual(['knees', 'feet']);
    expect(scaleOf(clock, 'plank-feet')?.steps).toEqual(['wide', 'shoulder', 'hip', 'narrow']);
    expect(rungOf('plank-reach', 'reach-knees').gate).toMatchObject({ sets: 3, reps: 5 });
  });

  it('a get-up goes by stages, with something balanced on the fist or with nothing; neither needs any kit', () => {
    const rungs = LADDERS.find(({ id }) => id === 'get-up')!.rungs;
    for (const { variationId } of rungs) {
      const stage = get(variationId);
      expect(scaleOf(stage, 'on-the-fist')?.steps).toEqual([null, 'balanced']);
      expect(stage.kit.flat()).not.toContain('block');
      expect(stage.unloadedAllowed).toBe(true);
    }
  });

  it('a bell is hiked, then caught at the hips, then swung singly, then in fives', () => {
    const swing = LADDERS.find(({ id }) => id === 'swing')!;
    const way = ['hike-pass', 'hike-to-catch', 'dead-start-swing', 'kettlebell-swing'];
    expect(swing.rungs.slice(0, 4).map(({ variationId }) => variationId)).toEqual(way);
    expect(swing.rungs.slice(1, 4).map(({ from }) => from)).toEqual(swing.rungs.slice(0, 3).map(({ id }) => [id]));
    for (const [at, id] of way.slice(1).entries()) expect(get(id).prerequisites).toEqual([way[at]]);
  });

  it('a face-up plank is held 30 to 60 s, then on one leg; carries both ways; sled and step by the clock', () => {
    expect(get('face-up-plank').seconds).toEqual({ low: 30, high: 60 });
    expect(rungOf('face-up-plank', 'one-leg').from).toEqual(['two-legs']);
    expect([get('farmer-carry').seconds !== null, get('suitcase-carry').stance]).toEqual([true, 'one-side']);
    expect(bySearch(builtInCatalogue.variations, 'offset carry').map(({ id }) => id)).toContain('suitcase-carry');
    for (const id of ['sled-push', 'step-intervals'])
      expect([id, get(id).family, get(id).seconds !== null]).toEqual([id, 'finisher', true]);
  });

  it('what goes leg after leg by the clock is one time for both: nobody pushes a sled for 30 s a side', () => {
    const timed = builtInCatalogue.variations.filter(({ seconds }) => seconds !== null);
    expect(timed.filter(({ stance }) => stance === 'alternating').map(({ id }) => id)).toEqual([]);
  });

  it('toes turn out as far as the hips allow, in every squat on two legs that is stood freely', () => {
    for (const id of ['bodyweight-squat', 'goblet-squat', 'front-squat', 'back-squat', 'safety-bar-squat', 'overhead-squat'])
      expect([id, scaleOf(get(id), 'toes-out')?.steps]).toEqual([id, [0, 15, 30, 45, 60]]);
  });
});
