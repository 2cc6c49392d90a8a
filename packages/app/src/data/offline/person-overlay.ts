import type { PersonDetailDto, PersonRecordDto } from '@drubo/contracts';
import { READ_SLACK_MS } from './overlay';
import type { StoredCommand } from './types';

/** Writes about a person that are laid over their page. */
type OfPerson = Extract<StoredCommand, { endpointId: 'saveIntake' | 'saveRecord' | 'setRecordRemoved' }>;

const isOfPerson =
  (personId: string) =>
  (command: StoredCommand): command is OfPerson =>
    (command.endpointId === 'saveIntake' || command.endpointId === 'saveRecord' || command.endpointId === 'setRecordRemoved') &&
    command.params.personId === personId;

const withRecord = (records: readonly PersonRecordDto[], record: PersonRecordDto): PersonRecordDto[] => {
  const known = records.find(({ id }) => id === record.id);
  if (known && known.revision >= record.revision) return [...records];
  return [...records.filter(({ id }) => id !== record.id), ...(record.removed ? [] : [record])];
};

const recordOf = (
  command: Exclude<OfPerson, { endpointId: 'saveIntake' }>,
  records: readonly PersonRecordDto[],
): PersonRecordDto | null => {
  if (command.state === 'done') return command.reply;
  const { recordId: id, personId } = command.params;
  const known = records.find((record) => record.id === id);
  const next = { revision: (known?.revision ?? 0) + 1, savedAt: new Date(command.queuedAt).toISOString() };
  if (command.endpointId === 'setRecordRemoved') return known ? { ...known, ...next, removed: command.body.removed } : null;
  return { id, personId, removed: false, trainerId: known?.trainerId ?? '', ...next, fields: command.body.fields };
};

/**
 * A person's page with what this device saved on it, whether sent yet or sent after the page was read. What their next
 * sheet makes of it is the server's to say. `readAt`: when the server's answer arrived.
 */
export const personWithCommands = (
  detail: PersonDetailDto,
  commands: readonly StoredCommand[],
  readAt: number,
): PersonDetailDto =>
  commands
    .filter(isOfPerson(detail.person.id))
    .filter(({ state, settledAt }) => state === 'waiting' || (state === 'done' && (settledAt ?? 0) > readAt - READ_SLACK_MS))
    .reduce<PersonDetailDto>((shown, command) => {
      if (command.endpointId === 'saveIntake') {
        const given = Object.fromEntries(Object.entries(command.body.fields).filter(([, value]) => value !== undefined));
        return { ...shown, intake: { ...shown.intake, ...given } };
      }
      const record = recordOf(command, shown.records);
      return record ? { ...shown, records: withRecord(shown.records, record) } : shown;
    }, detail);
