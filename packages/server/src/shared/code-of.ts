/** The code of an error of the system's or the database's ('ENOSPC', 'SQLITE_FULL'); empty where it has none. */
export const codeOf = (error: unknown): string =>
  typeof error === 'object' && error !== null && 'code' in error && typeof error.code === 'string' ? error.code : '';
