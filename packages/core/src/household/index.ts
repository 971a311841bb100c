export { defaultSettings, LOCALES, type Settings } from './settings.js';
export { personSchema, type Person } from './person.js';
export { sunsetMinutes } from './sunset.js';
export { backupsToDrop, isAhead, BACKUP_WHY, type BackupWhy, backupSchema, type Backup } from './backup.js';
export { whoSchema, type Who, homeStateSchema, accessSchema, type AccessState } from './access.js';
export { libraryOf, pricesOf, type OwnLibrary } from './library.js';
export { kindsWith, batchesAsStock, atHome, type AtHome } from './at-home.js';
