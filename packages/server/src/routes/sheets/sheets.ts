import { roleOf } from '@drubo/core/loop';
import { AppError } from '../../shared/errors';
import type { Handler } from '../../http/handler';
import { checkDose } from '../../sheet/check-dose';
import { composingOf, forPhone } from '../../person/composing-of';
import { checkVersion, findPerson, findSheet, refuseErased } from '../../shared/find';
import { localDateOf } from '../../shared/local-date';
import { replanSheet } from '../../sheet/next-sheet';
import { readSheet } from '../../sheet/read-sheet';
import { runCommand } from '../../shared/run-command';
import { saveContent } from '../../sheet/save-content';
import { itemsOf } from '../../sheet/sheet-items';

export const getSheet: Handler<'getSheet'> = async ({ params, caller }, context) => {
  const scope = context.db.read(caller.studioId);
  const today = localDateOf(context.clock.now(), caller.timeZone);
  return readSheet(scope, context, await findSheet(scope, params.sheetId), today);
};

export const saveSheet: Handler<'saveSheet'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'saveSheet', params, body }, async (scope) => {
    const sheet = await findSheet(scope, params.sheetId);
    body.content.items.forEach(({ dose }, at) => checkDose(dose, `body.content.items.${at}.dose`));
    if (sheet.state !== 'next' && sheet.state !== 'later') {
      throw new AppError('sheet-started', 'This sheet’s session has begun; change its sets instead.');
    }
    checkVersion(sheet.version, body.version, 'sheet');
    return readSheet(scope, context, await saveContent(scope, context, sheet, body.content, caller.timeZone));
  });

export const getComposing: Handler<'getComposing'> = async ({ params, caller }, context) => {
  const scope = context.db.read(caller.studioId);
  const sheet = await findSheet(scope, params.sheetId);
  const today = localDateOf(context.clock.now(), caller.timeZone);
  const { composing } = await composingOf(scope, context, await findPerson(scope, sheet.personId), today);
  const items = await itemsOf(scope, sheet.id);
  return forPhone(
    composing,
    items.map(({ variationId }) => variationId),
  );
};

export const copySheet: Handler<'copySheet'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'copySheet', params, body }, async (scope) => {
    await refuseErased(scope, 'sheets', params.copyId);
    const sheet = await findSheet(scope, params.sheetId);
    const items = await itemsOf(scope, sheet.id);
    const { studioId: _, ...own } = sheet;
    const now = context.clock.now().toISOString();
    const copy = { ...own, id: params.copyId, version: 1, attempt: 0, createdAt: now, isShaped: true };
    await scope.insert('sheets', { ...copy, state: 'later', forDate: body.on });
    await scope.insertAll(
      'sheetItems',
      items.map((item) => ({ ...item, id: context.newId(), sheetId: copy.id, isOwn: true })),
    );
    return readSheet(scope, context, await findSheet(scope, copy.id));
  });

export const removeCopy: Handler<'removeCopy'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'removeCopy', params, body }, async (scope) => {
    const sheet = await findSheet(scope, params.sheetId);
    if (sheet.state !== 'later') throw new AppError('sheet-started', 'Only a copy that waits for its day can be taken away.');
    await scope.remove('sheets', { id: sheet.id });
    return { removed: true as const };
  });

export const bringBack: Handler<'bringBack'> = ({ params, body, caller }, context) =>
  runCommand(context, caller, { endpointId: 'bringBack', params, body }, async (scope) => {
    const sheet = await findSheet(scope, params.sheetId);
    checkVersion(sheet.version, body.version, 'sheet');
    const dayRole = sheet.dayRole ?? roleOf(sheet.splitDay);
    const where = { personId: sheet.personId, dayRole, slot: params.slot };
    const track = await scope.one('tracks', where);
    if (sheet.state !== 'next' || !track?.leftOut) throw new AppError('not-found', 'Nothing was left out here.');
    await scope.update('tracks', { leftOut: false }, where);
    await replanSheet(scope, context, await findPerson(scope, sheet.personId), caller.timeZone, true);
    return readSheet(scope, context, await findSheet(scope, sheet.id));
  });
