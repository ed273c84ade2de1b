'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { create } from 'zustand';
import type { Command } from '@/core/loadout';
import { run, undo, useBenchState } from '@/store/bench';
import { Button } from '@/ui/fields/button';

interface Note {
  readonly text: string;
  readonly tone: 'said' | 'refused';
  /** Offers to take back what was just done. */
  readonly canUndo: boolean;
}

const useNote = create<{ readonly note: Note | null }>(() => ({ note: null }));

export function say(text: string, canUndo = false): void {
  useNote.setState({ note: { text, tone: 'said', canUndo } });
}

export function sayRefused(text: string): void {
  useNote.setState({ note: { text, tone: 'refused', canUndo: false } });
}

/** Lets go of what was said, as the next thing is begun: it would stand on it. A refusal stays to be read. */
export function letSaidGo(): void {
  if (useNote.getState().note?.tone === 'said') useNote.setState({ note: null });
}

/** Does a command; says why where it is refused, and `done`, with a way back, where it is done. */
export function perform(command: Command, done?: string): boolean {
  const outcome = run(command);
  if (!outcome.ok) sayRefused(outcome.problem.message);
  else if (done !== undefined) say(done, true);
  else useNote.setState({ note: null });
  return outcome.ok;
}

/** How long a note stays, in seconds: long enough to be read twice. */
const staysS = 9;

/** The one line above the foot of the window, clear of the line to type on, that tells what just happened. */
export function NoticeLine() {
  const note = useNote((state) => state.note);
  const otherWindow = useBenchState((state) => state.notice);
  /** The pointer is on it, or the focus in it: it is being read, or its button pressed. */
  const isKept = useRef(false);
  useEffect(() => {
    if (otherWindow) sayRefused(otherWindow);
  }, [otherWindow]);
  useEffect(() => {
    if (!note || note.tone === 'refused') return undefined;
    let left = staysS;
    isKept.current = false;
    // Second by second: one in which the page stood still, as after ten thousand lines, is one in which nobody could read it.
    const ticking = setInterval(() => {
      if (isKept.current) return;
      left -= 1;
      if (left === 0) useNote.setState({ note: null });
    }, 1000);
    return () => clearInterval(ticking);
  }, [note]);
  const keep = () => {
    isKept.current = true;
  };
  const letGo = () => {
    isKept.current = false;
  };
  return (
    <Box
      aria-live="polite"
      role="status"
      className="no-print"
      position="fixed"
      insetX="0"
      bottom={{ base: '196px', md: '140px' }}
      zIndex="toast"
      pointerEvents="none"
    >
      {note && (
        <Flex
          marginX="auto"
          width="fit-content"
          maxWidth="min(640px, 94vw)"
          align="center"
          gap="2"
          paddingLeft="4"
          paddingRight="1"
          paddingY="1"
          borderRadius="12px"
          bg="bark"
          color="onbark"
          borderWidth="1px"
          borderColor={note.tone === 'refused' ? 'signal.solid' : 'transparent'}
          shadow="lg"
          pointerEvents="auto"
          onPointerEnter={keep}
          onPointerLeave={letGo}
          onFocus={keep}
          onBlur={letGo}
        >
          <Text flex="1" paddingY="2">
            {note.tone === 'refused' && '▲ '}
            {note.text}
          </Text>
          {note.canUndo && (
            <Button
              size="sm"
              variant="bare"
              color="onbark"
              textDecoration="underline"
              _hover={{ bg: 'rgba(255,255,255,0.12)' }}
              onClick={() => {
                undo();
                useNote.setState({ note: null });
              }}
            >
              Undo
            </Button>
          )}
          <Button
            size="icon"
            variant="bare"
            color="onbark"
            _hover={{ bg: 'rgba(255,255,255,0.12)' }}
            aria-label="Close this note"
            onClick={() => useNote.setState({ note: null })}
          >
            <X size={18} aria-hidden />
          </Button>
        </Flex>
      )}
    </Box>
  );
}
