'use client';

import { Tick } from '@/ui/fields/tick';
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
    <Tick isOn={isOn} onChange={onChange}>
      Lay them out in {view.loadout.name} too
    </Tick>
  );
}
