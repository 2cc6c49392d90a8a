import type { PersonId } from '@drubo/core/vocabulary';
import { useState } from 'react';
import type { BodyOf, RecordFields } from '@drubo/contracts';
import { RefusedError } from './api';
import { personAggregate } from './offline/lines';
import { useWriter } from './offline/QueueProvider';
import type { RequestWithoutLine } from './offline/types';
import { refusalText } from './refusal';

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
  const writer = useWriter();
  const [problem, setProblem] = useState<string | null>(null);
  const [open, setOpen] = useState(0);
  const send = async (request: RequestWithoutLine): Promise<boolean> => {
    setProblem(null);
    setOpen((count) => count + 1);
    try {
      await writer.save({ ...request, aggregate: personAggregate(personId) });
      return true;
    } catch (error) {
      if (!(error instanceof RefusedError)) throw error;
      setProblem(refusalText(error.reply));
      return false;
    } finally {
      setOpen((count) => count - 1);
    }
  };
  return {
    isReady: writer.isReady,
    isBusy: open > 0,
    problem,
    clearProblem: () => setProblem(null),
    saveIntake: (fields) => send({ endpointId: 'saveIntake', params: { personId }, body: { fields } }),
    saveRecord: (recordId, fields) => send({ endpointId: 'saveRecord', params: { personId, recordId }, body: { fields } }),
    setRemoved: (recordId, removed) =>
      send({ endpointId: 'setRecordRemoved', params: { personId, recordId }, body: { removed } }),
    withdrawConsent: (then) => send({ endpointId: 'withdrawConsent', params: { personId }, body: { then } }),
  };
};
