'use client';

import { Button } from '../fields/button';

export function Reload() {
  return (
    <Button variant="main" onClick={() => location.reload()}>
      Load the page again
    </Button>
  );
}
