import { builtInCatalogue, getVariation } from '.';
import { setUpDrawings, setUpSteps } from './knowledge';
import { makeFigure, SEGMENTS, skeletonAt } from '../body';
import type { LoadPosition } from '../vocabulary';

/** How lifts are set up. Source: common practice, no source; the bell, the bench and the bar’s safeties: kit safety in the pages on safety. */
const textOf = (id: string, position?: LoadPosition): string =>
  setUpSteps(getVariation(builtInCatalogue, id), position)
    .map(({ text }) => text)
    .join(' ');
const held = builtInCatalogue.variations.flatMap((variation) =>
  variation.loadPositions.map((position) => [variation.id, position, variation] as const),
);

describe('setting up', () => {
  it.each(held.filter(([, position]) => position !== 'none'))('%s, %s: says how, in short lines', (_, position, variation) => {
    const steps = setUpSteps(variation, position);
    // A sled stands where it stands.
    if (!variation.kit.flat().includes('sled')) expect(steps.length).toBeGreaterThan(0);
    expect(new Set(steps.map(({ text }) => text)).size).toBe(steps.length);
    for (const { text } of steps) expect(text.length).toBeLessThanOrEqual(130);
  });

  it.each(['back-squat', 'front-squat', 'barbell-lunge', 'good-morning', 'zercher-squat'])(
    '%s: height of the hooks, safeties, short steps back, both uprights, and how to fail',
    (id) => {
      const steps = setUpSteps(getVariation(builtInCatalogue, id));
      expect(steps.map(({ stage }) => stage)).toEqual(expect.arrayContaining(['before', 'take', 'stand', 'back', 'fail']));
      for (const said of [/Hooks/, /[Ss]afeties/, /short steps back/, /both uprights/, /safeties/])
        expect(textOf(id)).toMatch(said);
    },
  );

  it('a guided bar has no hooks to walk out of', () => {
    expect(textOf('guided-bar-squat')).not.toMatch(/uprights|steps back/);
    expect(textOf('guided-bar-squat')).toMatch(/[Ss]tops/);
  });

  it('hands by the lift: outside the legs, inside them, wide', () => {
    expect(textOf('deadlift')).toMatch(/just outside the legs/);
    expect(textOf('wide-stance-deadlift')).toMatch(/inside the legs/);
    expect(textOf('snatch-grip-deadlift')).toMatch(/wide/);
    for (const id of ['wide-stance-deadlift', 'snatch-grip-deadlift']) expect(textOf(id)).not.toMatch(/just outside/);
  });

  it('a bell on the floor goes round the head, never over the face; big ones with two hands', () => {
    for (const id of ['get-up', 'bridge-floor-press']) expect(textOf(id)).toMatch(/round the head, never over the face/);
    expect(textOf('goblet-squat')).toMatch(/both hands/);
  });

  it('a thrust: bench at a wall, a pad under the bar, rolled away over straight legs', () => {
    for (const said of [/against a wall/, /35 to 45 cm/, /thick pad/, /roll/]) expect(textOf('barbell-hip-thrust')).toMatch(said);
    expect(textOf('dumbbell-hip-thrust')).not.toMatch(/roll it over/);
  });

  it('says when to breathe: through a hold, sharply in a swing, by stages of a get-up, out through the effort of a lift', () => {
    const breath = (id: string) =>
      setUpSteps(getVariation(builtInCatalogue, id))
        .filter(({ stage }) => stage === 'breath')
        .map(({ text }) => text)
        .join();
    expect(breath('plank')).toMatch(/all the time/);
    expect(breath('kettlebell-swing')).toMatch(/sharp out as the hips snap/);
    expect(breath('get-up')).toMatch(/each stage/);
    for (const id of ['back-squat', 'goblet-squat', 'romanian-deadlift']) expect(breath(id)).toMatch(/out through the effort/);
    // A lift that begins low has no way down before it.
    expect([breath('deadlift'), breath('barbell-hip-thrust')].join()).not.toMatch(/way down/);
    // Nobody is told to hold it.
    for (const { id } of builtInCatalogue.variations) expect([id, /hold your breath/i.test(breath(id))]).toEqual([id, false]);
  });

  it('follows where the weight is held, and says nothing where nothing is', () => {
    expect(textOf('reverse-lunge', 'front-bar')).toMatch(/elbows up/);
    expect(textOf('reverse-lunge', 'sides')).not.toMatch(/Hooks/);
    expect(textOf('bodyweight-squat')).toBe('');
  });
});

describe('what is drawn of it', () => {
  const stages = (id: string, position?: LoadPosition) =>
    Object.keys(setUpDrawings(getVariation(builtInCatalogue, id), position));

  it('under the hooks and on the safeties, a bell on its box, a bar over the legs, a bell round the head', () => {
    expect(stages('back-squat')).toEqual(['take', 'fail']);
    expect(stages('reverse-lunge', 'front-bar')).toEqual(['take']);
    expect(stages('goblet-squat')).toEqual(['before']);
    expect(stages('barbell-hip-thrust')).toEqual(['take']);
    expect(stages('get-up', 'overhead')).toEqual(['back']);
    // With nothing but a shoe on the fist there is no weight to lie beside.
    expect([stages('get-up', 'none'), textOf('get-up', 'none')]).toEqual([[], expect.not.stringContaining('weight')]);
    // No hooks to stand under, no bar to roll, nothing held.
    for (const id of ['guided-bar-squat', 'dumbbell-hip-thrust', 'bodyweight-squat']) expect([id, stages(id)]).toEqual([id, []]);
  });

  it.each(held.filter(([, position, variation]) => Object.keys(setUpDrawings(variation, position)).length > 0))(
    '%s, %s: stands beside a line that says it, on the floor, every limb at its length',
    (_, position, variation) => {
      const said = new Set<string>(setUpSteps(variation, position).map(({ stage }) => stage));
      for (const [stage, { figure }] of Object.entries(setUpDrawings(variation, position))) {
        expect(said.has(stage)).toBe(true);
        const drawn = skeletonAt(makeFigure(figure, {}), 0);
        const between = (a: { x: number; y: number }, b: { x: number; y: number }) => Math.hypot(a.x - b.x, a.y - b.y);
        expect(between(drawn.hip, drawn.near.knee)).toBeCloseTo(SEGMENTS.thigh, 3);
        expect(between(drawn.near.knee, drawn.near.ankle)).toBeCloseTo(SEGMENTS.shank, 3);
        expect(between(drawn.hip, drawn.shoulder)).toBeCloseTo(SEGMENTS.trunk, 3);
        for (const joint of [drawn.hip, drawn.near.knee, drawn.near.ankle, drawn.arm.hand]) expect(joint.y).toBeGreaterThan(0);
      }
    },
  );
});
