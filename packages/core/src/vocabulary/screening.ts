/** What a person is watched doing, in the order of a first visit. */
export const SCREENING_TASKS = [
  'squat-side',
  'squat-front',
  'hinge',
  'split-left',
  'split-right',
  'bridge',
  'one-leg-left',
  'one-leg-right',
  'knee-to-wall',
] as const;
export type ScreeningTaskId = (typeof SCREENING_TASKS)[number];

/** Whether a task was seen. Skipped and not judged are unknown, never good. */
export const TASK_STATES = ['judged', 'not-judged', 'skipped'] as const;
export type TaskState = (typeof TASK_STATES)[number];
