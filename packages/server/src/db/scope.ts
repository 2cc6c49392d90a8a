import type { Model, ModelStatic, Order, Transaction, WhereOptions } from 'sequelize';
import type { Models } from './models';

type RowOf<M> = M extends ModelStatic<Model<infer Row>> ? Row : never;
type ScopedName = Exclude<keyof Models, 'studios'>;
type ScopedRow<Name extends ScopedName> = RowOf<Models[Name]>;
/** A condition without the studio: the scope adds that itself. */
type Where<Name extends ScopedName> = Omit<Extract<WhereOptions<ScopedRow<Name>>, object>, 'studioId'>;

/** Rows of one studio and no other. The only way the rest of the server reaches a table. */
export interface Scope {
  readonly studioId: string;
  one<Name extends ScopedName>(table: Name, where: Where<Name>): Promise<ScopedRow<Name> | null>;
  all<Name extends ScopedName>(
    table: Name,
    where: Where<Name>,
    options?: { order?: Order; limit?: number },
  ): Promise<ScopedRow<Name>[]>;
  insert<Name extends ScopedName>(table: Name, row: Omit<ScopedRow<Name>, 'studioId'>): Promise<void>;
  insertAll<Name extends ScopedName>(table: Name, rows: readonly Omit<ScopedRow<Name>, 'studioId'>[]): Promise<void>;
  upsert<Name extends ScopedName>(table: Name, row: Omit<ScopedRow<Name>, 'studioId'>): Promise<void>;
  update<Name extends ScopedName>(table: Name, values: Partial<ScopedRow<Name>>, where: Where<Name>): Promise<number>;
  remove<Name extends ScopedName>(table: Name, where: Where<Name>): Promise<void>;
}

/** A scope over the models, inside a transaction where one is given. */
export const makeScope = (models: Models, studioId: string, transaction?: Transaction): Scope => {
  // Inside this one function rows are untyped; the interface above types every use.
  const model = (table: ScopedName) => models[table] as unknown as ModelStatic<Model>;
  const within = (where: object) => ({ where: { ...where, studioId }, transaction });
  const withStudio = (row: object) => ({ ...row, studioId });
  return {
    studioId,
    one: async (table, where) => ((await model(table).findOne(within(where)))?.get() ?? null) as never,
    all: async (table, where, options = {}) =>
      (await model(table).findAll({ ...within(where), ...options })).map((row) => row.get()) as never,
    insert: async (table, row) => void (await model(table).create(withStudio(row), { transaction, returning: false })),
    insertAll: async (table, rows) => void (await model(table).bulkCreate(rows.map(withStudio), { transaction })),
    upsert: async (table, row) => void (await model(table).upsert(withStudio(row), { transaction, returning: false })),
    update: async (table, values, where) => (await model(table).update(values as object, within(where)))[0],
    remove: async (table, where) => void (await model(table).destroy(within(where))),
  };
};
