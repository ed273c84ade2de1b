'use client';

import { Box, Text } from '@chakra-ui/react';
import { capital, jobsInWords } from '@/core/gear';
import type { UnderBrief } from '@/core/kit/under-brief';
import { momentsOf, type MomentDealt, type MomentPart } from '@/core/needs/moments';
import { treeOf } from '@/core/loadout';
import { listed } from '@/core/quantity';
import { Panel } from '@/ui/fields/panel';
import type { KitView } from '@/ui/kit/kit-view';
import { useAfterPaint } from '@/ui/kit/use-after-paint';
import { useUnderBrief } from '@/ui/kit/under-brief';

/** Moments that ask several things at once, and who does what in each: one piece does one job at a time. */
export function MomentsPanel({ view }: { readonly view: KitView }) {
  const under = useUnderBrief(view);
  return under === null ? null : <Moments under={under} />;
}

function Moments({ under }: { readonly under: UnderBrief }) {
  const moments = useAfterPaint(under, momentsUnder);
  if (!moments || moments.length === 0) return null;
  return (
    <Panel
      title="One piece, one job at a time"
      says="What is asked at one and the same time, and who does it. An estimate: what is asked is a planning value."
    >
      {moments.map((moment) => (
        <Box key={moment.id} paddingY="2" borderTopWidth="1px">
          <Text fontWeight="700">{moment.name}</Text>
          <Box as="ul" listStyleType="none" fontSize="sm">
            {moment.parts.map((part) => (
              <Part key={part.job} under={under} part={part} />
            ))}
          </Box>
          {!moment.isExact && (
            <Text fontSize="sm" color="fg.muted">
              So many pieces do several of these that not every dealing was looked at.
            </Text>
          )}
        </Box>
      ))}
    </Panel>
  );
}

function momentsUnder({ kit }: UnderBrief): readonly MomentDealt[] {
  return momentsOf(kit);
}

function Part({ under, part }: { readonly under: UnderBrief; readonly part: MomentPart }) {
  const { job, asked, by, lacks, lacksAnyway } = part;
  const { byId } = treeOf(under.kit.loadout);
  const many = new Map<string, number>();
  for (const id of by) many.set(id, (many.get(id) ?? 0) + 1);
  const names = [...many].map(([id, count]) => {
    // Of the kit as it was dealt out: a piece may have gone since.
    const { name } = under.kit.gear(byId.get(id)!);
    return count > 1 ? `${count} × ${name}` : name;
  });
  return (
    <li>
      <Text
        as="span"
        color={lacks > 0 ? 'signal.fg' : 'leaf.fg'}
        role="img"
        aria-label={lacks > 0 ? 'lacking' : 'there'}
      >
        {lacks > 0 ? '■' : '●'}
      </Text>{' '}
      <b>{capital(jobsInWords([job]))}:</b> {names.length > 0 ? listed(names) : 'nothing'}
      {lacks > 0 &&
        `; ${lacks} of ${asked} lacking${lacksAnyway < lacks ? ', as what could do it does something else then' : ''}`}
    </li>
  );
}
