'use client';

import { Box } from '@chakra-ui/react';
import { useState } from 'react';
import { PillSwitch } from '@/ui/fields/pill-switch';
import { useKitView } from '@/ui/kit/kit-view';
import { PackOffer } from '@/ui/kit/pack-offer';
import { ScreenHeading } from '@/ui/shell/screen-heading';
import { SubPlaces } from '@/ui/shell/sub-places';
import { PasteLines } from './paste-lines';
import { TableIn } from './table-in';

type From = 'lines' | 'table';

/** Many pieces at once: lines pasted as they are, or a table whose columns are matched. */
export function BringInScreen() {
  const view = useKitView();
  const [from, setFrom] = useState<From>('lines');
  return (
    <Box maxWidth="1080px">
      <ScreenHeading>Bring in lines</ScreenHeading>
      <SubPlaces />
      <Box marginBottom="3">
        <PillSwitch<From>
          label="From what"
          options={[
            ['lines', 'Lines as they are'],
            ['table', 'A table (CSV)'],
          ]}
          value={from}
          onChange={setFrom}
        />
      </Box>
      {view && <PackOffer view={view} />}
      {from === 'lines' ? <PasteLines /> : <TableIn />}
    </Box>
  );
}
