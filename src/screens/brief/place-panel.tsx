'use client';

import { Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { create } from 'zustand';
import { briefRanges, countryOf } from '@/core/brief';
import { countries, type Country } from '@/core/catalogue/countries';
import { countryIds, type CountryId } from '@/core/catalogue/country-climates';
import { settings, type Setting } from '@/core/models/words';
import { printNumber } from '@/core/quantity';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { Panel } from '@/ui/fields/panel';
import { later } from '@/ui/late/later';
import type { KitView } from '@/ui/kit/kit-view';
import { CountryAsksList } from './country-asks-list';
import { FigureField } from './figure-field';
import { numberIn } from './number-in';
import { TextField } from './text-field';
import type { BriefProps } from './use-brief';

/** Places of which only the name was said so far, by their kits: where they are is not known, and is never 0, 0. */
const useNameAlone = create<Readonly<Record<string, string>>>(() => ({}));

function setNameAlone(kit: string, name: string): void {
  useNameAlone.setState({ [kit]: name });
}

const CountryKnown = later(
  () => import('./country-known').then((module) => module.CountryKnown),
  <Text marginTop="3">Opening…</Text>,
);
const WorldMap = later(
  () => import('./world-map').then((module) => module.WorldMap),
  <Text marginTop="3">Unfolding the map…</Text>,
);

/** Where: by name and coordinates, how high, how far from the sea, in what kind of country. */
export function PlacePanel({ brief, change, view }: BriefProps & { readonly view: KitView }) {
  const { place, altitudeM, setting, country } = brief;
  const nameAlone = useNameAlone((state) => state[view.own.id] ?? '');
  const [isMapOpen, setIsMapOpen] = useState(false);
  const [isRowOpen, setIsRowOpen] = useState(false);
  return (
    <Panel
      title="Where"
      says="The place gives daylight and climate, the country what can be made there."
    >
      <Flex gap="3" wrap="wrap" align="flex-start">
        <TextField
          label="Name of the place"
          flex="1 1 160px"
          value={place?.name ?? nameAlone}
          onChange={(name) => {
            if (place === null) setNameAlone(view.own.id, name);
            else change({ place: { ...place, name } });
          }}
        />
        <TextField
          label="Latitude, longitude"
          flex="1 1 160px"
          placeholder="61, 27.5 or 61 N, 27.5 E"
          value={place === null ? '' : `${degrees(place.latitude)}, ${degrees(place.longitude)}`}
          whyNot={whyNoPlace}
          onChange={(text) => {
            const read = coordinatesIn(text);
            change({ place: read && { ...read, name: place?.name ?? nameAlone } });
          }}
        />
        <FigureField
          label="Metres above the sea"
          flex="0 1 130px"
          range={briefRanges.altitudeM}
          value={altitudeM}
          onChange={(next) => change({ altitudeM: next })}
        />
        <Choice<Setting | ''>
          label="The sea is"
          value={setting ?? ''}
          options={[
            ['', 'not said'],
            ...settings.map((each) => [each, settingWords[each]] as const),
          ]}
          onChange={(next) => change({ setting: next === '' ? null : next })}
        />
        <Choice<CountryId | ''>
          label="Kind of country"
          value={country ?? ''}
          options={[['', 'not said'], ...countryIds.map((id) => [id, countries[id].name] as const)]}
          onChange={(next) => change({ country: next === '' ? null : next })}
        />
      </Flex>
      {place === null && nameAlone !== '' && (
        <Text role="status" marginTop="2">
          Where is {nameAlone}? Type its latitude and longitude, or point on the map: until then
          light and climate are not known.
        </Text>
      )}
      <Button marginTop="3" aria-expanded={isMapOpen} onClick={() => setIsMapOpen(!isMapOpen)}>
        {isMapOpen ? 'Put the map away' : 'Point on a map'}
      </Button>
      {isMapOpen && (
        <WorldMap
          place={place}
          onPick={(picked) => change({ place: { ...picked, name: place?.name ?? nameAlone } })}
        />
      )}
      {country !== null && (
        <>
          <Text fontSize="sm" color="fg.muted" marginTop="2">
            {countryInWords(countryOf(brief)!)}
          </Text>
          <Button marginTop="2" aria-expanded={isRowOpen} onClick={() => setIsRowOpen(!isRowOpen)}>
            {isRowOpen ? 'That is how it is there' : 'I know that country better'}
          </Button>
          {isRowOpen && <CountryKnown brief={brief} change={change} />}
          <CountryAsksList country={country} brief={brief} view={view} />
        </>
      )}
    </Panel>
  );
}

const settingWords: Readonly<Record<Setting, string>> = {
  coast: 'at hand',
  inland: 'within some hundred km',
  'far inland': 'farther away',
};

function countryInWords({ view, insects, groundBites, firewood, isWet }: Country): string {
  return [
    `View ${view}`,
    `${insects} insects`,
    groundBites ? 'the ground bites' : '',
    { none: 'no firewood', some: 'some firewood', plenty: 'plenty of firewood' }[firewood],
    isWet ? 'wet' : 'dry',
  ]
    .filter((words) => words !== '')
    .join(', ')
    .concat('.');
}

function degrees(value: number): string {
  return printNumber(value, 4).replace(/\s/g, '');
}

function whyNoPlace(text: string): string | null {
  if (text === '') return null;
  const read = coordinatesIn(text);
  if (read === null) return 'are two numbers, like 61, 27.5';
  if (Math.abs(read.latitude) > 90)
    return `of ${degrees(read.latitude)}° are none: a latitude is from -90 to 90`;
  return Math.abs(read.longitude) > 180
    ? `of ${degrees(read.longitude)}° are none: a longitude is from -180 to 180`
    : null;
}

/** `61 N, 27.5 E`, `-33.9 151.2`, `33,9° S; 151,2° E`. */
export function coordinatesIn(text: string): { latitude: number; longitude: number } | null {
  const parts = text
    .replace(/°/g, ' ')
    .split(/[;\n]|,\s+|\s+(?=[-+\d])/)
    .map((part) => part.trim())
    .filter((part) => part !== '');
  if (parts.length !== 2) return null;
  const [latitude, longitude] = parts.map((part) => {
    const side = /[nsew]$/i.exec(part)?.[0].toLowerCase() ?? '';
    const value = numberIn(part.replace(/\s*[nsew]$/i, ''));
    return value === null ? null : side === 's' || side === 'w' ? -value : value;
  });
  return latitude === null ||
    longitude === null ||
    latitude === undefined ||
    longitude === undefined
    ? null
    : { latitude, longitude };
}
