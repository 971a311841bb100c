export { emptyKit, type OwnedGlass, type Kit } from './kit.js';
export { techniquesOf } from './techniques-of.js';
export { needIndex, needsOf, coveredBy } from './needs.js';
export type { KitOffer } from './kit-offers.js';
export { coverKit, type KitCover } from './cover.js';
export { compareStarterSets, type SetReport } from './starter-sets.js';
export { takesHerbs, orderAdvice, wearReminders } from './care.js';
export { cupboardOf, glassSources } from './glass-sources.js';
export { kitReport, starterList } from './kit-report.js';
