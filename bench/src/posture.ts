import { askModel, LEVEL_DEPTH, postureBody, sweep } from '@drubo/core';
import { builtInCatalogue, getVariation } from '@drubo/core/catalogue';

const POSES = 100;
const DEPTHS = 30;
const AIM_MICROSECONDS = 50;

/** About as many sines, roots and divisions as one closed-form squat takes, and nothing else. */
const bareTrigonometry = (count: number): number => {
  let sum = 0;
  for (let i = 0; i < count; i += 1) {
    const x = i * 1e-4;
    for (let k = 0; k < 24; k += 1) sum += Math.sin(x + k) / (1 + Math.sqrt(Math.abs(Math.cos(x - k))));
  }
  return sum;
};

const milliseconds = (work: () => unknown): number => {
  work();
  const began = performance.now();
  work();
  return performance.now() - began;
};

/** One pose, and a comparison's hundred poses at thirty depths, against bare trigonometry in the same run. */
export const benchPosture = (): string[] => {
  const body = postureBody({ heightCm: 172, massKg: 70 });
  const figure = (id: string) => getVariation(builtInCatalogue, id).figure;
  const count = 20_000;
  const poses = (id: string) =>
    milliseconds(() => {
      for (let i = 0; i < count; i += 1) {
        askModel(body, figure(id), { depth: LEVEL_DEPTH, loadKg: 20 + (i % 50), values: {} });
      }
    });
  const trigonometry = milliseconds(() => bareTrigonometry(count));
  const lines = ['front-squat', 'dumbbell-romanian-deadlift', 'split-squat', 'glute-bridge'].map((id) => {
    const ms = poses(id);
    const each = (ms * 1000) / count;
    return `  ${id}: ${each.toFixed(1)} µs a pose, ${(each / AIM_MICROSECONDS).toFixed(2)} of the aim of ${AIM_MICROSECONDS} µs, ${(ms / trigonometry).toFixed(1)}× bare trigonometry`;
  });
  const whole = milliseconds(() => {
    for (let i = 0; i < POSES; i += 1) {
      sweep({ body, source: figure('back-squat'), loadKg: i, values: {}, band: [], steps: DEPTHS });
    }
  });
  const bare = milliseconds(() => bareTrigonometry(POSES * DEPTHS));
  return [
    'One pose of the posture model:',
    ...lines,
    `${POSES} poses × ${DEPTHS} depths: ${whole.toFixed(1)} ms in a worker's thread, ${(whole / bare).toFixed(1)}× bare trigonometry`,
  ];
};
