import type { PersonId } from '@drubo/core/vocabulary';
import type { BodyOf, RecordFields } from '@drubo/contracts';
import { personAggregate } from './offline/lines';
import { useSend } from './use-send';

/** Writes what is asked of a person and kept about them. Each gives false where it was refused, with why in `problem`. */
export interface PersonWriter {
  isReady: boolean;
  isBusy: boolean;
  problem: string | null;
  clearProblem(): void;
  saveIntake(fields: BodyOf<'saveIntake'>['fields']): Promise<boolean>;
  saveRecord(recordId: string, fields: RecordFields): Promise<boolean>;
  setRemoved(recordId: string, removed: boolean): Promise<boolean>;
  withdrawConsent(then: BodyOf<'withdrawConsent'>['then']): Promise<boolean>;
}

export const usePersonWriter = (personId: PersonId): PersonWriter => {
  const { send, ...sender } = useSend(personAggregate(personId));
  return {
    ...sender,
    saveIntake: (fields) => send({ endpointId: 'saveIntake', params: { personId }, body: { fields } }),
    saveRecord: (recordId, fields) => send({ endpointId: 'saveRecord', params: { personId, recordId }, body: { fields } }),
    setRemoved: (recordId, removed) =>
      send({ endpointId: 'setRecordRemoved', params: { personId, recordId }, body: { removed } }),
    withdrawConsent: (then) => send({ endpointId: 'withdrawConsent', params: { personId }, body: { then } }),
  };
};
