'use client';

import { Flex, Text } from '@chakra-ui/react';
import { useRouter } from 'next/navigation';
import { Button } from '@/ui/fields/button';

interface NextStepProps {
  /** Why there is nothing here yet. */
  readonly says: string;
  /** What the button says, and where it leads. */
  readonly does?: string;
  readonly path?: string;
}

/** What a screen shows that has nothing to show yet: why, and the next step a press away. */
export function NextStep({ says, does = 'Begin on the mat', path = '/layout' }: NextStepProps) {
  const router = useRouter();
  return (
    <Flex direction="column" align="flex-start" gap="3" paddingY="4" className="no-print">
      <Text>{says}</Text>
      <Button variant="main" onClick={() => router.push(path)}>
        {does}
      </Button>
    </Flex>
  );
}
