/**
 * Sucrose that water holds at most, g in 100 g of solution, by temperature in °C: Charles, Int. Sugar J.
 * 62 (1960) 126 (from memory). From 0 to about 90 °C.
 */
export function sucroseSolubilityBrix(celsius: number): number {
  return 64.397 + 0.07251 * celsius + 0.0020569 * celsius ** 2 - 9.035e-6 * celsius ** 3;
}

/** How far a syrup is from its limit: above 1 the sugar comes out again in time. */
export function saturation(brix: number, celsius: number): number {
  const most = sucroseSolubilityBrix(celsius);
  return brix / (100 - brix) / (most / (100 - most));
}
