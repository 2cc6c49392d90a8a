declare const of: unique symbol;

/**
 * An id that says what it is of. A plain string may become one, at the edge where it is made or read; the id of one thing is
 * never taken for that of another.
 */
type Id<Of extends string> = string & { readonly [of]?: Of };

export type PersonId = Id<'person'>;
export type SheetId = Id<'sheet'>;
export type SessionId = Id<'session'>;
/** Of an exercise on a sheet. */
export type ItemId = Id<'item'>;
export type SetId = Id<'set'>;
export type KitId = Id<'kit'>;
export type BookingId = Id<'booking'>;
export type TemplateId = Id<'template'>;
/** Of something kept about a person or a session. */
export type RecordId = Id<'record'>;
export type TrainerId = Id<'trainer'>;
