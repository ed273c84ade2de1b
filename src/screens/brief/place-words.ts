import { printNumber } from '@/core/quantity';

/** `61.5° N, 27.2° E`. */
export function placeInWords({
  latitude,
  longitude,
}: {
  readonly latitude: number;
  readonly longitude: number;
}): string {
  return `${degrees(latitude, 'N', 'S')}, ${degrees(longitude, 'E', 'W')}`;
}

function degrees(value: number, above: string, below: string): string {
  return `${printNumber(Math.abs(value), 2)}° ${value < 0 ? below : above}`;
}
