export { newGuest, type Guest, type Seat } from './guest.js';
export type { MenuCriterion } from './menu.js';
export { refuse, demand, free, sooner } from './wishes.js';
export { findMenu } from './find-menu.js';
export { usualThirst, thirstOf } from './thirst.js';
export {
  type ScheduleTask,
  scheduleProblemSchema,
  type ScheduleProblem,
  type ScheduledTask,
  type NotInTime,
} from './schedule.js';
export { placeSchedule } from './place-schedule.js';
export { scheduleFaults } from './check-schedule.js';
export { peopleOf, MAX_EVENING_NAME, eveningSchema, newEvening, type Evening } from './evening.js';
export { menuQuestion, type MenuQuestion } from './candidates.js';
export type { MissingItem } from './ware.js';
export type { Swap } from './good-menu.js';
export { slackOf } from './slack.js';
export type { WantedKind } from './wanted.js';
export { planEvening, type OnTheMenu, type EveningPlan } from './plan-evening.js';
export { lineOfMissing, isForEvening } from './missing-line.js';
export { contradictionsOf, type Lack } from './lacks.js';
export { menuHere } from './menu-here.js';
export { settledMenu, drinksTonight, lastPoursAt, type SettledDrink, type DrinkTonight } from './night.js';
export {
  poursOfEvening,
  costOfEvening,
  leftovers,
  shelved,
  toUseSoon,
  learntThirst,
  again,
} from './after.js';
export { askMenu, menuAskedSchema, type MenuAsked, type MenuTold } from './ask-menu.js';
export { type GuestPage, MAX_ASKS, askedSchema, type GuestAsked, type GuestAsk } from './guest-page.js';
export {
  menuIsOpen,
  guestDrinks,
  cannotServe,
  ingredientsOf,
  type GuestDrink,
  guestViewSchema,
  type GuestView,
} from './guest-view.js';
export { allToBuy } from './dressing.js';
