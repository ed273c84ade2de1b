import type { ClimateAnswer, ClimateService } from './climate-service';

/** Longer than this nobody waits for the weather. */
const patienceMs = 5000;

/** The service behind this application’s own address. */
export const climateOverNetwork: ClimateService = {
  async ask(place, from, to) {
    const asked = new URLSearchParams({
      latitude: String(place.latitude),
      longitude: String(place.longitude),
      altitudeM: String(place.altitudeM),
      setting: place.setting,
      country: place.country,
      ...(from !== null && to !== null && { from, to }),
    });
    const answer = await fetch(`/api/climate?${asked.toString()}`, {
      signal: AbortSignal.timeout(patienceMs),
    });
    if (!answer.ok) throw new Error(`the climate service answers ${answer.status}`);
    return (await answer.json()) as ClimateAnswer;
  },
};
