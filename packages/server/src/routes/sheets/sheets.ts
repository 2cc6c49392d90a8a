import { AppError } from '../../errors';
import type { Handler } from '../../http/handler';
import { checkLoad } from '../../services/check-dose';
import { checkVersion, findItem, findPerson, findSheet } from '../../services/find';
import { localDateOf } from '../../services/local-date';
import { replanSheet } from '../../services/next-sheet';
import { readSheet } from '../../services/read-sheet';
import { refuseAboveClearance } from '../../services/refuse-held';
import { runCommand } from '../../services/run-command';

export const getSheet: Handler<'getSheet'> = async ({ params, caller }, context) => {
  const scope = context.db.read(caller.studioId);
  const today = localDateOf(context.clock.now(), caller.timeZone);
  return readSheet(scope, context, await findSheet(scope, params.sheetId), today);
};

export const editSheetItem: Handler<'editSheetItem'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'editSheetItem', params, body }, async (scope) => {
    const sheet = await findSheet(scope, params.sheetId);
    const item = await findItem(scope, sheet.id, params.itemId);
    checkLoad(body.dose, 'body.dose');
    await refuseAboveClearance(scope, context, caller, sheet.personId, item.variationId, body.dose.load.externalKg);
    if (sheet.state !== 'next') throw new AppError('sheet-started', 'This sheet’s session has begun; change its sets instead.');
    checkVersion(sheet.version, body.version, 'sheet');
    const edited = { ...sheet, version: sheet.version + 1 };
    const method = body.method === undefined ? {} : { method: body.method, methodChosen: true };
    await scope.update('sheetItems', { dose: body.dose, ...method }, { id: item.id });
    await scope.update('sheets', { version: edited.version }, { id: sheet.id });
    return readSheet(scope, context, edited);
  });

export const bringBack: Handler<'bringBack'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'bringBack', params, body }, async (scope) => {
    const sheet = await findSheet(scope, params.sheetId);
    checkVersion(sheet.version, body.version, 'sheet');
    const where = { personId: sheet.personId, slot: params.slot };
    const track = await scope.one('tracks', where);
    if (sheet.state !== 'next' || !track?.leftOut) throw new AppError('not-found', 'Nothing was left out here.');
    await scope.update('tracks', { leftOut: false }, where);
    await replanSheet(scope, context, await findPerson(scope, sheet.personId), caller.timeZone);
    return readSheet(scope, context, await findSheet(scope, sheet.id));
  });
