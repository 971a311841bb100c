import { onBeforeUnmount, ref, shallowRef } from 'vue';
import { FINE_SCALE, KITCHEN_SCALE, SimulatedScale, type ScaleReading } from '@uisce/core/devices';

const TICK_MS = 100;

/** The simulated scale that ships with the app, running while it is on screen. */
export function useSimulatedScale() {
  const fine = ref(false);
  const reading = shallowRef<ScaleReading>({ g: 0, stable: true });
  const random = () => Math.random();
  let scale = new SimulatedScale(KITCHEN_SCALE, random);

  const timer = setInterval(() => {
    scale.pass(TICK_MS);
    reading.value = scale.read();
  }, TICK_MS);
  onBeforeUnmount(() => clearInterval(timer));

  /** Take the other scale from the drawer: what stood on this one stands on that one. */
  function setFine(on: boolean): void {
    if (on === fine.value) return;
    const load = scale.load;
    fine.value = on;
    scale = new SimulatedScale(on ? FINE_SCALE : KITCHEN_SCALE, random);
    scale.put(load);
  }

  return {
    fine,
    setFine,
    reading,
    stepG: () => scale.stepG,
    capacityG: () => scale.capacityG,
    put: (g: number) => scale.put(g),
    tare: () => scale.tare(),
  };
}
