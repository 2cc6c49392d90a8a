import { DataTypes } from 'sequelize';
import type { Model, ModelAttributeColumnOptions, ModelStatic, Sequelize } from 'sequelize';

/** A table waiting for a connection. */
export interface Table<Row extends object> {
  key: readonly (keyof Row & string)[];
  columns: Record<keyof Row & string, Column>;
  bind(sequelize: Sequelize): ModelStatic<Model<Row>>;
}

/** What a column holds, and what the database calls it where that is not its name here. */
export type Column = ColumnKind | { as: ColumnKind; column: string };

const kindOf = (column: Column): ColumnKind => (typeof column === 'string' ? column : column.as);
const nameOf = (name: string, column: Column): string => (typeof column === 'string' ? name : column.column);

/** `json` is text to SQLite, `flag` 0 or 1: its strict tables know neither type. */
export type ColumnKind = 'text' | 'integer' | 'real' | 'flag' | 'json';

const column = (name: string, kind: ColumnKind): ModelAttributeColumnOptions => {
  switch (kind) {
    case 'text':
      return { type: DataTypes.TEXT };
    case 'integer':
      return { type: DataTypes.INTEGER };
    case 'real':
      return { type: DataTypes.REAL };
    case 'flag':
      return {
        type: DataTypes.BOOLEAN,
        get(this: Model) {
          return Boolean(this.getDataValue(name));
        },
      };
    case 'json':
      return {
        type: DataTypes.TEXT,
        get(this: Model) {
          const text: unknown = this.getDataValue(name);
          return typeof text === 'string' ? (JSON.parse(text) as unknown) : null;
        },
        set(this: Model, value: unknown) {
          this.setDataValue(name, value === null ? null : JSON.stringify(value));
        },
      };
  }
};

/** Each bound table's columns. */
const columnsOf = new WeakMap<object, Record<string, Column>>();

const read = (kind: ColumnKind, value: unknown): unknown => {
  if (kind === 'flag') return Boolean(value);
  return kind === 'json' && typeof value === 'string' ? (JSON.parse(value) as unknown) : value;
};

/** Columns that have to be read at all, by table. */
const encodedOf = new WeakMap<object, readonly [string, ColumnKind][]>();

/**
 * A row as SQLite gave it, read by its columns' kinds, in place: building a model or another object for every row costs
 * more than the query.
 */
export const readRow = (model: object, raw: Record<string, unknown>): Record<string, unknown> => {
  const encoded = encodedOf.get(model);
  if (!encoded) throw new Error('readRow: this table was not made by defineTable');
  for (const [name, kind] of encoded) if (name in raw) raw[name] = read(kind, raw[name]);
  return raw;
};

const write = (kind: ColumnKind, value: unknown): unknown => {
  if (kind === 'flag') return value ? 1 : 0;
  return kind === 'json' && value !== null && value !== undefined ? JSON.stringify(value) : (value ?? null);
};

/** A row as SQLite takes it, in the order of the table's columns. A missing column is null. */
export const writtenRow = (model: object, row: Record<string, unknown>): { names: string[]; values: unknown[] } => {
  const columns = Object.entries(columnsOf.get(model) ?? {});
  return {
    names: columns.map(([name, column]) => nameOf(name, column)),
    values: columns.map(([name, column]) => write(kindOf(column), row[name])),
  };
};

/** A table's columns under another name, and more: a view of some of its rows, only ever read. */
export const defineView = <Row extends object, More extends object = object>(
  name: string,
  { key, columns }: Table<Row>,
  more = {} as Record<keyof More & string, Column>,
): Table<Row & More> => defineTable<Row & More>(name, key, { ...columns, ...more });

/** Columns and key of one table; the SQL that makes it stands in the migrations. */
export const defineTable = <Row extends object>(
  name: string,
  key: readonly (keyof Row & string)[],
  columns: Record<keyof Row & string, Column>,
): Table<Row> => ({
  key,
  columns,
  bind: (sequelize) => {
    const attributes = Object.fromEntries(
      Object.entries<Column>(columns).map(([id, of]) => [
        id,
        { ...column(id, kindOf(of)), field: nameOf(id, of), primaryKey: (key as readonly string[]).includes(id) },
      ]),
    );
    const model = sequelize.define<Model<Row>>(name, attributes as never, { tableName: name, timestamps: false });
    columnsOf.set(model, columns);
    encodedOf.set(
      model,
      Object.entries<Column>(columns)
        .map(([name, of]): [string, ColumnKind] => [name, kindOf(of)])
        .filter(([, kind]) => kind === 'flag' || kind === 'json'),
    );
    return model;
  },
});
