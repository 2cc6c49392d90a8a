import { fireEvent, screen } from '@testing-library/react-native';
import { show } from '../../../tests/show';
import { SchoolFields } from './SchoolFields';
import { shownLines, stoodLine } from '../../parts/moves/standing-words';
import { StandingsCard } from './StandingsCard';

jest.mock('expo-router', () => ({ useRouter: () => ({ push: jest.fn() }) }));

const target = { sets: 3, reps: 10, seconds: null, loadKg: 30, sessions: 2 };
const standing = {
  ladderId: 'two-leg-squat',
  rungId: 'goblet',
  variationId: 'goblet-squat',
  values: {},
  target,
  on: '2026-03-05',
  by: 'review',
  reasons: [],
  why: null,
} as const;

it('says the stage, what earns the next, and how much of it was shown', () => {
  const evidence = [
    { sessionId: 'session-01', day: 1, sets: 2, isMet: false },
    { sessionId: 'session-02', day: 4, sets: 3, isMet: true },
  ];
  const drawn = show(<StandingsCard personId="person-0001" standings={[{ ...standing, evidence }]} />);
  expect(screen.getByText('Goblet squat · stage 4 of 8')).toBeTruthy();
  expect(screen.getByText(/3 × 10 clean at 30 kg in 2 sessions earns the next: 1 shown\.$/)).toBeTruthy();
  drawn.again(<StandingsCard personId="person-0001" standings={[{ ...standing, evidence: evidence.slice(0, 1) }]} />);
  expect(screen.getByText(/0 shown\. Last time 2 of 3 sets\.$/)).toBeTruthy();
  drawn.again(<StandingsCard personId="person-0001" standings={[{ ...standing, target: null, evidence: [] }]} />);
  expect(screen.getByText(/nothing has to be earned/)).toBeTruthy();
});

it('schools are folded away, say how many were chosen, and change one answer at a time', () => {
  const onChange = jest.fn();
  show(<SchoolFields value={{ knees: 'limited' }} onChange={onChange} />);
  expect(screen.getByText(/1 chosen for this person/)).toBeTruthy();
  fireEvent.press(screen.getByRole('button', { name: 'Choose for this person' }));
  fireEvent.press(screen.getByRole('radio', { name: 'Two for two' }));
  expect(onChange).toHaveBeenCalledWith({ knees: 'limited', progress: 'two-for-two' });
});

it('says what put somebody there, and the sets behind it, newest first', () => {
  const did = (...reps: number[]) => reps.map((count) => ({ reps: count, seconds: null, externalKg: 30 }));
  const evidence = [
    { sessionId: 'session-01', day: 20_515, sets: 2, isMet: false, did: did(10, 10, 7) },
    { sessionId: 'session-02', day: 20_518, sets: 3, isMet: true, did: did(10, 10, 10) },
    { sessionId: 'session-03', day: 20_520, sets: 3, isMet: true, did: [...did(10), { reps: 8, seconds: null, externalKg: 34 }] },
    { sessionId: 'session-04', day: 20_522, sets: 2, isMet: true, did: [{ reps: null, seconds: 30, externalKg: 0 }] },
    // Sessions of before the sets were kept with it.
    { sessionId: 'session-05', day: 20_523, sets: 2, isMet: false },
  ];
  expect(shownLines({ ...standing, evidence }, 'kg')).toEqual([
    'Wed 11 Mar: 2 of 3 sets count.',
    'Tue 10 Mar: 30 s, counts.',
    'Sun 8 Mar: 10 × 30 kg, 8 × 34 kg, counts.',
    'Fri 6 Mar: 10, 10, 10 reps · 30 kg, counts.',
    'Tue 3 Mar: 10, 10, 7 reps · 30 kg, 2 of 3 sets count.',
  ]);
  expect(shownLines({ ...standing, target: null, evidence: evidence.slice(1, 2) }, 'kg')).toEqual([
    'Fri 6 Mar: 10, 10, 10 reps · 30 kg.',
  ]);
  const said = (over: Partial<Parameters<typeof stoodLine>[0]>) => stoodLine({ ...standing, ...over });
  expect(said({})).toBe('By the review of Thu 5 Mar.');
  expect(said({ on: '1970-01-01' })).toBe('By an earlier review.');
  expect(said({ by: 'hand', why: 'Trained abroad.' })).toBe('Placed by hand Thu 5 Mar: Trained abroad.');
  expect(said({ by: 'known-lift' })).toBe('By a known lift, put down Thu 5 Mar.');
});
