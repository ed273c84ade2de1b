'use client';

import { Box } from '@chakra-ui/react';
import { useKitView } from '@/ui/kit/kit-view';

interface LayInProps {
  readonly isOn: boolean;
  readonly onChange: (isOn: boolean) => void;
}

/** Whether what comes in is laid out in the kit on the table too. */
export function LayIn({ isOn, onChange }: LayInProps) {
  const view = useKitView();
  if (!view) return null;
  return (
    <Box
      as="label"
      display="inline-flex"
      alignItems="center"
      gap="2"
      minHeight="11"
      cursor="pointer"
    >
      <input
        type="checkbox"
        checked={isOn}
        onChange={(event) => onChange(event.target.checked)}
        style={{ width: 20, height: 20 }}
      />
      Lay them out in {view.loadout.name} too
    </Box>
  );
}
