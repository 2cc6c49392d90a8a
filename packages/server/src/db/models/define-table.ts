import { DataTypes } from 'sequelize';
import type { Model, ModelAttributeColumnOptions, ModelStatic, Sequelize } from 'sequelize';

/** A table waiting for a connection. */
export interface Table<Row extends object> {
  name: string;
  bind(sequelize: Sequelize): ModelStatic<Model<Row>>;
}

/** What a column holds. `json` is text to SQLite, `flag` 0 or 1: its strict tables know neither type. */
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

/** Columns and key of one table; the SQL that makes it stands in the migrations. */
export const defineTable = <Row extends object>(
  name: string,
  key: readonly (keyof Row & string)[],
  columns: Record<keyof Row & string, ColumnKind>,
): Table<Row> => ({
  name,
  bind: (sequelize) => {
    const attributes = Object.fromEntries(
      Object.entries<ColumnKind>(columns).map(([id, kind]) => [
        id,
        { ...column(id, kind), primaryKey: (key as readonly string[]).includes(id) },
      ]),
    );
    return sequelize.define<Model<Row>>(name, attributes as never, { tableName: name, timestamps: false });
  },
});
