import { findPersonFile } from '../person/person-file';
import { AppError } from '../shared/errors';
import { checkVersion, findSheet } from '../shared/find';
import type { Operation } from '../shared/work';
import { checkDose } from './check-dose';
import { readSheet } from './read-sheet';
import { saveContent } from './save-content';

export const saveSheet: Operation<'saveSheet'> = async ({ scope, context, caller }, { params, body }) => {
  const sheet = await findSheet(scope, params.sheetId);
  body.content.items.forEach(({ dose }, at) => checkDose(dose, `body.content.items.${at}.dose`));
  if (sheet.state !== 'next' && sheet.state !== 'later') {
    throw new AppError('sheet-started', 'This sheet’s session has begun; change its sets instead.');
  }
  checkVersion(sheet.version, body.version, 'sheet');
  const file = await findPersonFile(scope, context, sheet.personId);
  return readSheet(scope, context, file, await saveContent(scope, context, file, sheet, body.content, caller.timeZone));
};
