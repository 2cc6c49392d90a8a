import { HOLDS, READINESS, READINESS_GROUPS, SCREENING_TASKS } from '@drubo/core/vocabulary';
import { LIMIT_LABELS, READINESS_ASKS, referralNote, TASK_WORDS } from '.';

const given = {
  studioName: 'Quay Room',
  trainerName: 'Ines',
  personName: 'Liv',
  today: '2026-11-25',
  state: 'see-clinician-first',
  reasons: ['Warning sign on 25 Nov 2026.'],
  seen: [],
  training: [],
} as const;

describe('a referral note', () => {
  it('says what is on record and asks for what a clearance needs', () => {
    const note = referralNote(given);
    expect(note).toContain('Quay Room, 25 Nov 2026');
    expect(note).toContain('- Warning sign on 25 Nov 2026.');
    for (const asked of ['which movements', 'how far', 'how heavy', 'which side', 'until when']) expect(note).toContain(asked);
    expect(note).toContain('I don’t diagnose');
  });

  it('leaves out headings with nothing below them', () => expect(referralNote(given)).not.toContain('Seen when they moved'));
});

describe('words of a first visit', () => {
  it('every readiness question is asked once, in one group', () => {
    const asked = Object.values(READINESS_GROUPS).flat();
    expect([...asked].sort()).toEqual([...READINESS].sort());
    expect(new Set(Object.values(READINESS_ASKS)).size).toBe(READINESS.length);
  });

  it('every task says what to ask for and what to look at', () => {
    for (const task of SCREENING_TASKS)
      expect(TASK_WORDS[task]).toMatchObject({ ask: expect.stringMatching(/\.$/), watch: expect.stringMatching(/\.$/) });
  });

  it('what holds everything has a name of its own', () => {
    for (const hold of HOLDS) expect(LIMIT_LABELS[hold].length).toBeGreaterThan(5);
  });
});
