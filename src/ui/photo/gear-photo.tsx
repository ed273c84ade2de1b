'use client';

import { useEffect, useState } from 'react';
import type { Look } from '@/core/gear';
import { photoOf } from '@/store/photos';
import { GearIcon } from '../gear-drawing/gear-drawing';

interface GearPhotoProps {
  readonly id: string;
  readonly look: Look;
  readonly size: number;
}

/** The person’s own picture of a piece, or its drawing where this browser has no picture of it. */
export function GearPhoto({ id, look, size }: GearPhotoProps) {
  const address = usePhoto(id);
  if (address === null) return <GearIcon look={look} size={size} />;
  return (
    // eslint-disable-next-line @next/next/no-img-element -- it is in this browser, not on a server
    <img
      src={address}
      alt=""
      width={size}
      height={size}
      style={{ width: size, height: size, objectFit: 'cover', borderRadius: 8 }}
    />
  );
}

function usePhoto(id: string): string | null {
  const [address, setAddress] = useState<string | null>(null);
  useEffect(() => {
    let made: string | null = null;
    let isGone = false;
    void photoOf(id).then((picture) => {
      if (isGone || !picture) return;
      made = URL.createObjectURL(picture);
      setAddress(made);
    });
    return () => {
      isGone = true;
      if (made) URL.revokeObjectURL(made);
    };
  }, [id]);
  return address;
}
