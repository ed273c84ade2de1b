'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { conditionsOf } from '@/core/brief';
import { schoolsTold } from '@/core/brief/schools-told';
import { schoolWords, type SchoolId } from '@/core/brief/schools';
import { Choice } from '@/ui/fields/choice';
import { Panel } from '@/ui/fields/panel';
import { useToday } from '@/store/today';
import { useKitView } from '@/ui/kit/kit-view';
import { NoKit } from '@/ui/kit/no-kit';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { BriefsPanel } from './briefs-panel';
import { DayRing } from './day-ring';
import { LastTripPanel } from './last-trip-panel';
import { OrderPanel } from './order-panel';
import { PeoplePanel } from './people-panel';
import { PlacePanel } from './place-panel';
import { RoutePanel } from './route-panel';
import { RulesPanel } from './rules-panel';
import { TemperaturePanel } from './temperature-panel';
import { briefOf, type BriefProps } from './use-brief';
import { useClimate } from './use-climate';
import { WaterPanel } from './water-panel';
import { WeatherPanel } from './weather-panel';
import { WhenPanel } from './when-panel';

/** What the kit is for: who, where, when, under what, and what it must keep. */
export function BriefScreen() {
  const view = useKitView();
  if (!view) return <NoKit />;
  return <BriefSheet key={view.own.id} {...briefOf(view)} view={view} />;
}

function BriefSheet({
  brief,
  change,
  view,
}: BriefProps & { readonly view: NonNullable<ReturnType<typeof useKitView>> }) {
  const today = useToday();
  const asking = useClimate(brief, (heard) => change({ heard }));
  const conditions = conditionsOf(brief, today);
  const { own } = view;
  return (
    <>
      <ScreenHeading>Brief of {own.name}</ScreenHeading>
      <SubPlaces />
      <Flex gap="5" align="flex-start" flexDirection={{ base: 'column', xl: 'row' }}>
        <Flex direction="column" gap="4" flex="1" minWidth="0" width="100%">
          <BriefsPanel brief={brief} change={change} view={view} today={today} />
          <PlacePanel brief={brief} change={change} view={view} />
          <WhenPanel brief={brief} change={change} today={today} />
          <WeatherPanel brief={brief} change={change} conditions={conditions} asking={asking} />
          <PeoplePanel brief={brief} change={change} />
          <RoutePanel brief={brief} change={change} conditions={conditions} />
          <WaterPanel brief={brief} change={change} conditions={conditions} view={view} />
        </Flex>
        <Flex direction="column" gap="4" width={{ base: '100%', xl: '400px' }} flexShrink="0">
          <DayRing brief={brief} conditions={conditions} />
          <TemperaturePanel brief={brief} conditions={conditions} />
          <LastTripPanel brief={brief} change={change} view={view} />
          <RulesPanel brief={brief} change={change} view={view} />
          <OrderPanel brief={brief} change={change} view={view} today={today} />
          <SchoolsPanel brief={brief} change={change} />
        </Flex>
      </Flex>
    </>
  );
}

/** Where experienced people differ, and which of them this kit follows. */
function SchoolsPanel({ brief, change }: BriefProps) {
  return (
    <Panel
      title="Schools"
      says="Experienced people differ. The first of each is the default, and why stands beneath."
    >
      {(Object.keys(schoolWords) as SchoolId[]).map((id) => (
        <Box key={id} paddingY="1.5">
          <Choice<string>
            label={schoolsTold[id].about}
            value={brief.schools[id] ?? schoolWords[id][0]}
            options={schoolWords[id].map((word) => [word, word] as const)}
            onChange={(word) => change({ schools: { ...brief.schools, [id]: word } })}
          />
          <Text fontSize="xs" color="fg.muted" marginTop="1">
            {schoolsTold[id].because}
          </Text>
        </Box>
      ))}
    </Panel>
  );
}
