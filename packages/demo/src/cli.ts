import { writeFileSync } from 'node:fs';
import { bundle } from '@drubo/contracts/bundle';
import { makeDemoBundle } from './make-bundle';

/** Writes the demo studio of today to the file named as the only argument. */
const [file] = process.argv.slice(2);
if (!file) throw new Error('usage: make-demo FILE');
const today = new Intl.DateTimeFormat('en-CA', { timeZone: 'Atlantic/Faroe' }).format(new Date());
writeFileSync(file, JSON.stringify(bundle.parse(makeDemoBundle(today))));
