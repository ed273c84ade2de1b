import { Box, Flex, Text } from '@chakra-ui/react';
import type { BriefRule } from '@/core/brief';
import { mostRules } from '@/core/brief/bounds';
import { pastTripsOf } from '@/core/upkeep';
import { Button } from '@/ui/fields/button';
import { Panel } from '@/ui/fields/panel';
import { TextLink } from '@/ui/fields/text-link';
import type { KitView } from '@/ui/kit/kit-view';
import type { BriefProps } from './use-brief';

/** What the last trip of the kit showed, for the brief of the next: what was missed becomes a rule with one press. */
export function LastTripPanel({
  brief,
  change,
  view: { bench, own },
}: BriefProps & { readonly view: KitView }) {
  const [last] = pastTripsOf(own.id, bench);
  if (!last) return null;
  const idle = last.pieces.filter(({ wasUsed }) => !wasUsed).length;
  return (
    <Panel title={`The last trip, to ${last.to}`}>
      {last.missed.length === 0 ? (
        <Text fontSize="sm">Nothing was missed.</Text>
      ) : (
        <>
          <Text fontSize="sm" fontWeight="600">
            Missed
          </Text>
          <Box as="ul" listStyleType="none">
            {last.missed.map((what) => {
              const rule: BriefRule = { rule: 'must have', what };
              const isAsked = brief.rules.some(
                (each) => each.rule === 'must have' && each.what === what,
              );
              return (
                <Flex
                  as="li"
                  key={what}
                  justify="space-between"
                  align="center"
                  gap="2"
                  paddingY="1"
                >
                  {what}
                  {isAsked ? (
                    <Text as="span" fontSize="sm" color="leaf.fg">
                      ● asked for
                    </Text>
                  ) : (
                    <Button
                      size="sm"
                      aria-label={`Ask for ${what} from now on`}
                      disabled={brief.rules.length >= mostRules}
                      onClick={() => change({ rules: [...brief.rules, rule] })}
                    >
                      Ask for it
                    </Button>
                  )}
                </Flex>
              );
            })}
          </Box>
        </>
      )}
      {idle > 0 && (
        <Text fontSize="sm" color="fg.muted" marginTop="2">
          {idle} of {last.pieces.length} pieces were not touched:{' '}
          <TextLink href="/keep/trip">see which</TextLink>
        </Text>
      )}
    </Panel>
  );
}
