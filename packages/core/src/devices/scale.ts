/** What a scale shows. */
export interface ScaleReading {
  /** Grams after tare; undefined while it shows overload. */
  g: number | undefined;
  /** Whether it has come to rest. */
  stable: boolean;
}

/** A scale, real or simulated: whoever weighs knows nothing more of it. */
export interface Scale {
  /** The most it carries, tare included. */
  readonly capacityG: number;
  /** The smallest step it shows. */
  readonly stepG: number;
  read(): ScaleReading;
  /** Make what stands on it now read nothing. */
  tare(): void;
}
