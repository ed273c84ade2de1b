import { Box, Flex, Text } from '@chakra-ui/react';
import { useState } from 'react';
import { longestHow, longestName, longestWhere, type Check, type Gear } from '@/core/gear';
import { checksOf, logOf } from '@/core/upkeep';
import { Button } from '@/ui/fields/button';
import { Folded } from '@/ui/fields/folded';
import { LabelledInput } from '@/ui/fields/labelled-input';

interface PieceLogProps {
  readonly gear: Gear;
  readonly onKeep: (check: Omit<Check, 'on'>) => void;
}

/** All that was tried at a piece: when, where and how it went; and one more, in its owner’s own words. */
export function PieceLog({ gear, onKeep }: PieceLogProps) {
  const log = logOf(gear);
  return (
    <Folded
      isFilledLate
      title={log.length === 0 ? 'Write down a trial' : `Log, ${log.length} written down`}
    >
      {log.length > 0 && (
        <Box as="ol" listStyleType="none" marginBottom="2">
          {log.map((check) => (
            <Box as="li" key={`${check.on} ${check.what}`} paddingY="1" borderTopWidth="1px">
              {check.on}: {check.what}
              {check.where && `, ${check.where}`} –{' '}
              <Text as="span" color={check.passed ? 'leaf.fg' : 'signal.fg'}>
                {check.passed ? '● ' : '▲ '}
                {check.kind === 'ready' ? 'done' : check.passed ? 'held' : 'failed'}
              </Text>
              {check.note && `. ${check.note}`}
            </Box>
          ))}
        </Box>
      )}
      <OneMore gear={gear} onKeep={onKeep} />
    </Folded>
  );
}

function OneMore({ gear, onKeep }: PieceLogProps) {
  const usual = checksOf(gear).trial[0] ?? 'used for a night';
  const [what, setWhat] = useState('');
  const [where, setWhere] = useState('');
  const [note, setNote] = useState('');

  function keep(passed: boolean): void {
    onKeep({
      what: what.trim() || usual,
      kind: 'trial',
      passed,
      ...(where.trim() !== '' && { where: where.trim() }),
      ...(note.trim() !== '' && { note: note.trim() }),
    });
    setWhat('');
    setWhere('');
    setNote('');
  }

  return (
    <Flex direction="column" gap="2">
      <LabelledInput
        label="What was tried"
        value={what}
        placeholder={usual}
        maxLength={longestName}
        onChange={(event) => setWhat(event.target.value)}
      />
      <LabelledInput
        label="Where"
        value={where}
        placeholder="in the garden, in rain"
        maxLength={longestWhere}
        onChange={(event) => setWhere(event.target.value)}
      />
      <LabelledInput
        label="How it went"
        value={note}
        maxLength={longestHow}
        onChange={(event) => setNote(event.target.value)}
      />
      <Flex gap="1" role="group" aria-label="Write it down">
        <Button size="sm" onClick={() => keep(true)}>
          It held
        </Button>
        <Button size="sm" onClick={() => keep(false)}>
          It failed
        </Button>
      </Flex>
    </Flex>
  );
}
