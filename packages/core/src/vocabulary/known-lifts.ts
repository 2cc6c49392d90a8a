/** How a lift done elsewhere is known: the trainer saw it, saw it filmed, or was told. */
export const LIFT_SOURCES = ['seen', 'filmed', 'told'] as const;
export type LiftSource = (typeof LIFT_SOURCES)[number];

/** Why a known lift earns no stage, though it tells of strength. */
export const LIFT_HOLDS = ['told', 'not-clean', 'old', 'injury-since', 'birth-since', 'operation-since'] as const;
export type LiftHold = (typeof LIFT_HOLDS)[number];
