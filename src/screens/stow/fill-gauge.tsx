import { Box } from '@chakra-ui/react';
import type { FitAnswer } from '@/core/fit';

/** How full a cavity is: solid to where its pieces can be pressed, hatched to how they lie. */
export function FillGauge({ answer }: { readonly answer: FitAnswer }) {
  const { tightMl, looseMl, roomMl, verdict } = answer;
  const colour =
    verdict === 'does not fit'
      ? 'signal.solid'
      : verdict === 'only squeezed'
        ? 'amber.solid'
        : 'leaf.vivid';
  return (
    <Box
      position="relative"
      height="7px"
      borderRadius="full"
      bg="tag.deep"
      overflow="hidden"
      aria-hidden
    >
      <Box
        position="absolute"
        insetY="0"
        left="0"
        style={{ width: percent(looseMl, roomMl) }}
        color={colour}
        backgroundImage="repeating-linear-gradient(115deg, currentColor 0 3px, transparent 3px 6px)"
        transition="width 250ms"
      />
      <Box
        position="absolute"
        insetY="0"
        left="0"
        style={{ width: percent(tightMl, roomMl) }}
        bg={colour}
        transition="width 250ms"
      />
    </Box>
  );
}

function percent(part: number, whole: number): string {
  return `${Math.min(100, (part / whole) * 100)}%`;
}
