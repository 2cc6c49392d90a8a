import type { Bundle } from '@drubo/contracts/bundle';
import { addDays } from '@drubo/core';

type Movement = Bundle['movements'][number];

/** The Lamp Works' own movements: one changed once since, one retired. */
export const lampWorksMovements = (today: string): Movement[] => {
  const savedAt = (daysAgo: number) => `${addDays(today, -daysAgo)}T09:00:00.000Z`;
  const crate: Movement = {
    id: 'lamp-crate-step-up',
    revision: 1,
    retired: false,
    basedOn: 'step-up',
    name: 'Lamp-crate step-up',
    aliases: ['crate step'],
    family: 'step',
    cues: ['Whole foot on the crate', 'Push down through it'],
    cautions: ['The old crates are 22 cm: check that they stand still.'],
    repRange: { low: 8, high: 12 },
    loadPositions: ['sides'],
    levers: ['step-height', 'support', 'tempo'],
    prerequisites: ['bodyweight-squat'],
    savedAt: savedAt(120),
  };
  const quay: Movement = {
    ...crate,
    id: 'quay-stair-lunge',
    basedOn: 'reverse-lunge',
    name: 'Quay-stair lunge',
    aliases: [],
    family: 'lunge',
    cues: ['Step down, not out', 'Hand on the rail'],
    cautions: ['Only when the stairs are dry.'],
    loadPositions: ['sides'],
    levers: ['support', 'stride'],
    prerequisites: ['split-squat'],
    savedAt: savedAt(90),
  };
  return [
    crate,
    { ...crate, revision: 2, cues: [...crate.cues, 'Lower, don’t drop'], savedAt: savedAt(40) },
    quay,
    { ...quay, revision: 2, retired: true, savedAt: savedAt(30) },
  ];
};
