import { aStoredCommand } from '../../../tests/builders';
import { dependsOn } from './giving-up';

const person = { personId: 'person-0001' };

it('a write hangs on the one that was to make what it is about, and on no other', () => {
  const made = aStoredCommand({ endpointId: 'savePerson', params: person, deviceSeq: 1 });
  const archived = aStoredCommand({ endpointId: 'setPersonArchived', params: person, deviceSeq: 2 });
  const note = aStoredCommand({ endpointId: 'saveRecord', params: { ...person, recordId: 'record-1' }, deviceSeq: 3 });
  const ofAnother = aStoredCommand({ endpointId: 'saveRecord', params: { personId: 'person-2', recordId: 'r2' }, deviceSeq: 4 });
  expect([dependsOn(archived, made), dependsOn(note, made), dependsOn(ofAnother, made)]).toEqual([true, true, false]);
  // Archiving makes nobody: what comes after it goes on without it.
  expect(dependsOn(note, archived)).toBe(false);
  expect(dependsOn(made, note)).toBe(false);
});
