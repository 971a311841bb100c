export type { ScaleReading } from './scale.js';
export { KITCHEN_SCALE, FINE_SCALE, SimulatedScale } from './simulated-scale.js';
export { SimulatedRefractometer } from './refractometer.js';
export { SimulatedLabelPrinter } from './label-printer.js';
