import type {
  BookingDto,
  KitDto,
  MovementDto,
  PersonDto,
  PersonRecordDto,
  SessionDto,
  SessionRecordDto,
  SetRecordDto,
  StudioDto,
  TrainerDto,
} from '@drubo/contracts';
import { shownName } from '@drubo/contracts';
import type { Track } from '@drubo/core/composing';
import type { KeptStanding } from '@drubo/core/judging';
import type {
  BookingRow,
  KitRow,
  MovementRow,
  PersonRecordRow,
  PersonRow,
  SessionRecordRow,
  SessionRow,
  SetRevisionRow,
  StandingRow,
  StudioRow,
  TrackRow,
  TrainerRow,
} from '../models';

/** A row without the studio it belongs to: what a caller of that studio may see. */
const withoutStudio = <Row extends { studioId: string }>({ studioId: _, ...rest }: Row): Omit<Row, 'studioId'> => rest;

export const toPerson = (row: PersonRow): PersonDto => ({ ...withoutStudio(row), name: shownName(row.name) });
export const toKit = (row: KitRow): KitDto => withoutStudio(row);
export const toRecord = ({ studioId: _, kind: __, ...row }: PersonRecordRow): PersonRecordDto => row;
export const toBooking = (row: BookingRow): BookingDto => withoutStudio(row);
export const toSession = (row: SessionRow): SessionDto => withoutStudio(row);
export const toSetRecord = (row: SetRevisionRow): SetRecordDto => withoutStudio(row);

export const toSessionRecord = ({ studioId: _, kind: __, ...row }: SessionRecordRow): SessionRecordDto => row;

export const toMovement = ({ id, revision, retired, fields, savedAt }: MovementRow): MovementDto => ({
  id,
  revision,
  retired,
  ...fields,
  savedAt,
});

export const toStanding = ({ studioId: _, personId: __, ...row }: StandingRow): KeptStanding => row;
export const toTrack = ({ studioId: _, personId: __, estimatorState: ___, ...row }: TrackRow): Track => row;

export const toStudio = ({ id, version, name, unit, timeZone }: StudioRow): StudioDto => ({ id, version, name, unit, timeZone });
export const toTrainer = ({ id, name, loginName, role }: TrainerRow): TrainerDto => ({
  id,
  name: shownName(name),
  loginName,
  role,
});
