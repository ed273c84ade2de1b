import { useState } from 'react';

/** Whether `flag` has been true at any time since this was first shown. */
export function useEver(flag: boolean): boolean {
  const [was, setWas] = useState(flag);
  if (flag && !was) setWas(true);
  return flag || was;
}
