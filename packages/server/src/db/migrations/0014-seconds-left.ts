/** How much longer a hold could have gone on; null where nobody asked. */
export const secondsLeft = {
  name: '0014-seconds-left',
  statements: [`ALTER TABLE set_revisions ADD COLUMN secondsLeft REAL`],
} as const;
