export { endpoints } from './endpoints';
export type { BodyOf, Endpoint, EndpointId, Endpoints, ParamsOf, QueryOf, ReplyOf, WriteId } from './endpoints';
export { urlFor } from './endpoints/url';
export { COVERED_HEADER, EPOCH_HEADER, ROWS_HEADER, SERVER_TIME_HEADER } from './keeping-headers';
export { shownName } from './dto/text';
export { ERROR_CODES, errorReply } from './dto/errors';
export type { ErrorCode, ErrorReply } from './dto/errors';
export type { GoneDto } from './dto/basics';
export { movementFields } from './dto/movement';
export type { MovementDto } from './dto/movement';
export { EMPTY_INTAKE, HEALTH_BOUNDS, HEALTH_FIELDS, HEALTH_KINDS, intakeFields, LIFT_BOUNDS, recordFields } from './dto/health';
export type { FieldsOf, IntakeDto, PersonRecordDto, RecordFields, RecordKind } from './dto/health';
export { healthInputOf, liftsOnRecord, placeSafetyOf, recordsOf } from './health-input';
export { isPossibleBody, PERSON_BOUNDS, personFields } from './dto/person';
export type { BookingDto, PersonDto } from './dto/person';
export type { KitDto } from './dto/dose';
export { dose as doseSchema, kitFields, kitForm } from './dto/dose';
export { sessionIdFor, sheetContent } from './dto/sheet';
export type {
  CareDto,
  ContentItemDto,
  LastTimeDto,
  SheetBlockDto,
  SheetContentDto,
  SheetDto,
  SheetItemDto,
  SinceDto,
} from './dto/sheet';
export type { PersonPlanDto, PlanAheadDto, PlanLineDto, PlanWishDto } from './dto/plan';
export { templateForm } from './dto/composing';
export type { ComposingDto, TemplateDto } from './dto/composing';
export { REP_SENSOR_PATH, sensorEvent, sensorQuery } from './dto/sensor';
export type { SensorEventDto } from './dto/sensor';
export { sessionRecordFields } from './dto/session-record';
export type { SessionRecordDto, SessionRecordFields, SessionRecordKind } from './dto/session-record';
export { changesOf, checkInOf, currentSessionRecords, fieldsOfKind } from './session-records';
export type { ExercisePointDto, ExerciseTrendDto, SessionHistoryDto, TrendsDto, TrendWeekDto } from './dto/trends';
export { contentOfSheet } from './sheet-content';
export { sheetInputOf } from './sheet-input';
export type { SetRecordDto } from './dto/set';
export type { LadderMoveDto, StandingDto } from './dto/standing';
export type {
  AlternativeDto,
  ChoiceDto,
  DecisionDto,
  ReviewDto,
  ReviewItemDto,
  ReviewOtherDto,
  SessionDetailDto,
  SessionDto,
} from './dto/session';
export { newPassword, studioFormSchema } from './dto/studio';
export type { ActivityLineDto, AuthStateDto, BackupsDto, DeviceDto, OpenInviteDto, StudioDto, TrainerDto } from './dto/studio';
export type { FloorDto, FloorEntryDto, OfflinePackDto, PersonDetailDto, SessionLineDto } from './dto/views';
export { wireMatchesCore } from './dto/same-shape';
