/** The units a person reads; the core itself is always metric. */
export type UnitSystem = 'metric' | 'us';
