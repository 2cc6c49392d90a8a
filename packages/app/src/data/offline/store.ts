import { openDB } from 'idb';
import type { DBSchema, IDBPDatabase } from 'idb';
import { shortSetIdFor } from '@drubo/core';
import { LONGEST_ID } from '@drubo/core/vocabulary';
import { newId } from '../ids';
import { isWrite, STORED_VERSION } from './types';
import type { Settled, StoredCommand, WriteRequest } from './types';

interface Schema extends DBSchema {
  commands: { key: string; value: StoredCommand; indexes: { owner: string } };
  device: { key: 'this'; value: { id: string; seq: number } };
}

/** The commands of this device. Apart from the query cache, which is for reading only. */
export interface CommandStore {
  /** Resolves when the browser says the write is on disk: from then on it is acknowledged. */
  add(owner: string, request: WriteRequest, now: number): Promise<StoredCommand>;
  all(owner: string): Promise<StoredCommand[]>;
  update(id: string, change: Settled): Promise<void>;
  remove(ids: readonly string[]): Promise<void>;
  close(): void;
}

/** A newer tab's writes are its own to send: this one would not know what is in them. */
const isUnderstood = ({ version = 1 }: StoredCommand): boolean => version <= STORED_VERSION;

/** A set that the release before named with more letters than an id may have: it was refused, and can be sent again. */
const withFittingId = (command: StoredCommand): StoredCommand => {
  if (!isWrite('logSet')(command) || command.params.setId.length <= LONGEST_ID) return command;
  const { params, body } = command;
  const { kind, setIndex, side, itemId } = body;
  if (kind === 'skill') return command;
  const setId = shortSetIdFor(params.sessionId, itemId, { kind, setIndex, side });
  return { ...command, params: { ...params, setId } };
};

const open = (name: string): Promise<IDBPDatabase<Schema>> =>
  openDB<Schema>(name, 1, {
    upgrade(db) {
      db.createObjectStore('commands', { keyPath: 'id' }).createIndex('owner', 'owner');
      db.createObjectStore('device');
    },
  });

/** Opens the store. Each write is one transaction with strict durability. */
export const openCommandStore = async (name = 'drubo-commands'): Promise<CommandStore> => {
  const db = await open(name);
  const strict = { durability: 'strict' } as const;
  return {
    add: async (owner, request, now) => {
      const tx = db.transaction(['commands', 'device'], 'readwrite', strict);
      const device = (await tx.objectStore('device').get('this')) ?? { id: newId(), seq: 0 };
      const seq = device.seq + 1;
      const command: StoredCommand = {
        ...request,
        id: newId(),
        version: STORED_VERSION,
        owner,
        deviceId: device.id,
        deviceSeq: seq,
        state: 'waiting',
        reply: null,
        error: null,
        queuedAt: now,
        settledAt: null,
      };
      await tx.objectStore('device').put({ ...device, seq }, 'this');
      await tx.objectStore('commands').add(command);
      await tx.done;
      return command;
    },
    all: async (owner) =>
      (await db.getAllFromIndex('commands', 'owner', owner))
        .filter(isUnderstood)
        .map(withFittingId)
        .sort((a, b) => a.deviceSeq - b.deviceSeq),
    update: async (id, change) => {
      const tx = db.transaction('commands', 'readwrite', strict);
      const command = await tx.store.get(id);
      if (command) await tx.store.put({ ...command, ...change } as StoredCommand);
      await tx.done;
    },
    remove: async (ids) => {
      const tx = db.transaction('commands', 'readwrite', strict);
      await Promise.all(ids.map((id) => tx.store.delete(id)));
      await tx.done;
    },
    close: () => db.close(),
  };
};
