/** When the sentence is there. */
const AFTER_MS = 300;

/**
 * Fetch what may be wanted when the server is away: what floats over the page, and what is said of
 * edits that could not be kept.
 */
export function fetchAhead(): void {
  setTimeout(() => {
    const parts = [
      import('../ui/DialogSheet.vue'),
      import('../ui/PlanList.vue'),
      import('./ConflictBar.vue'),
      import('./RefusedBar.vue'),
      import('./SetAsideBar.vue'),
      import('./SignIn.vue'),
      import('../settings/SettingsSheet.vue'),
    ];
    // What is not to be had now is asked for again when it is wanted.
    void Promise.allSettled(parts);
  }, AFTER_MS);
}
