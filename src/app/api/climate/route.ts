import * as v from 'valibot';
import { climateQuestion } from '@/devices/climate/climate-question';
import { simulatedClimate } from '@/devices/climate/simulated-climate';

/** What the simulated climate service says of a place, and of the days that are asked for. */
export function GET(request: Request): Response {
  const asked = Object.fromEntries(new URL(request.url).searchParams);
  const question = v.safeParse(climateQuestion, asked);
  if (!question.success) {
    return new Response('Ask for latitude, longitude, altitudeM, setting and country.', {
      status: 400,
    });
  }
  const { from, to, ...place } = question.output;
  const today = new Date().toISOString().slice(0, 10);
  return Response.json(simulatedClimate(place, from ?? null, to ?? null, today), {
    headers: { 'cache-control': 'no-store' },
  });
}
