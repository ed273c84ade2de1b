'use client';

import { Flex } from '@chakra-ui/react';
import { memo, useState } from 'react';
import { Pencil } from 'lucide-react';
import { schemeOf, schemesOf } from '@/core/scheme';
import { useBenchState } from '@/store/bench';
import { prefer, usePreferences } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { PillSwitch } from '@/ui/fields/pill-switch';
import { later } from '@/ui/late/later';

const SchemeEditor = later(() => import('./scheme-editor').then((module) => module.SchemeEditor));

/** Every scheme a press away, and the way to one of one’s own. */
export const SchemeSwitch = memo(function SchemeSwitch() {
  const schemes = useBenchState((state) => state.history.bench.schemes);
  const { scheme } = usePreferences();
  const [isEditing, setIsEditing] = useState(false);
  const seen = schemeOf({ schemes }, scheme);
  return (
    // What is in it lies in the row around it, so that little room is left over on a phone.
    <Flex display="contents">
      <PillSwitch
        label="Scheme"
        options={schemesOf({ schemes }).map(({ id, name }) => [id, name])}
        value={seen.id}
        onChange={(picked) => prefer({ scheme: picked })}
      />
      <Button size="sm" variant="bare" aria-haspopup="dialog" onClick={() => setIsEditing(true)}>
        <Pencil size={16} aria-hidden />
        {schemes.has(seen.id) ? `Change ${seen.name}…` : 'My own…'}
      </Button>
      {isEditing && <SchemeEditor seen={seen} onDone={() => setIsEditing(false)} />}
    </Flex>
  );
});
