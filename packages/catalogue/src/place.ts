import { createRequire } from 'node:module';
import { dirname, join } from 'node:path';

/** The folder of this package, also for code that was bundled somewhere else. */
const PLACE = dirname(createRequire(import.meta.url).resolve('@uisce/catalogue/package.json'));

/** The data that comes with the program. */
export const DATA = join(PLACE, 'data');

/** What the build leaves beside its code, so that a server need not read and check the data at every start. */
export const BUILT = join(PLACE, 'dist/shipped.json');
