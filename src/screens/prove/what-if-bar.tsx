'use client';

import { Flex, Text } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { useState } from 'react';
import { conditionIds, mostWhatIfs, type Loss, type WhatIf } from '@/core/loadout';
import { lossesInWords, lossId } from '@/core/losses';
import { jobsInWords } from '@/core/gear';
import { whatIfsOf } from '@/core/judge/what-if';
import { listed } from '@/core/quantity';
import { conditionWords } from '@/core/ways';
import { newId } from '@/store/new-id';
import { Button } from '@/ui/fields/button';
import { LabelledInput } from '@/ui/fields/labelled-input';
import { Panel } from '@/ui/fields/panel';
import { Tick } from '@/ui/fields/tick';
import type { KitView } from '@/ui/kit/kit-view';
import { showWhole, supposeLost, toggleLoss } from '@/ui/kit/what-if';
import { perform } from '@/ui/notice/notice';
import { namesInWhole, wholeKit } from '@/ui/kit/whole-kit';

/** What is supposed to be lost and to hold, and the what-ifs that are kept with the kit. */
export function WhatIfBar({ view }: { readonly view: KitView }) {
  const { own, lost } = view;
  const supposed = new Set(lost.map(lossId));
  return (
    <Panel
      title="What if"
      says="Tick what holds, and press what is lost on the board: everything on this screen, the figures above, the mat and Stow show what is left then."
    >
      <Flex wrap="wrap" gap="1.5" role="group" aria-label="What holds">
        {conditionIds.map((condition) => {
          const loss: Loss = { kind: 'condition', condition };
          return (
            <Tick
              key={condition}
              isOn={supposed.has(lossId(loss))}
              onChange={() => toggleLoss(own.id, loss)}
            >
              {conditionWords[condition].name}
            </Tick>
          );
        })}
      </Flex>
      <Flex wrap="wrap" gap="1.5" marginTop="2" align="center">
        {lost
          .filter(({ kind }) => kind !== 'condition')
          .map((loss) => (
            <Button
              key={lossId(loss)}
              size="sm"
              bg="bark"
              color="onbark"
              _hover={{ bg: 'bark' }}
              aria-label={`${wordsOf(view, loss)} is lost: have it back`}
              onClick={() => toggleLoss(own.id, loss)}
            >
              without {wordsOf(view, loss)} <X size={16} aria-hidden />
            </Button>
          ))}
        {lost.length > 0 && (
          <Button size="sm" onClick={showWhole}>
            Show it whole
          </Button>
        )}
      </Flex>
      <Kept view={view} />
    </Panel>
  );
}

function wordsOf(view: KitView, loss: Loss): string {
  return lossesInWords([loss], namesInWhole(view)).join('');
}

/** What-ifs that are kept with the kit: each a press away, and the one that is supposed now, to be kept. */
function Kept({ view }: { readonly view: KitView }) {
  const { own, lost } = view;
  const kept = own.whatIfs ?? [];
  const stands = whatIfsOf(wholeKit(view));
  const now = keyOf(lost);
  const isKept = kept.some(({ losses }) => keyOf(losses) === now);
  const change = (whatIfs: readonly WhatIf[], said: string) =>
    perform({ do: 'change kit', id: own.id, change: { whatIfs } }, said);
  return (
    <>
      {kept.length > 0 && (
        <Flex as="ul" listStyleType="none" wrap="wrap" gap="1.5" marginTop="3" aria-label="Kept">
          {stands.map(({ whatIf: each, undone }) => {
            const isOn = keyOf(each.losses) === now;
            return (
              <Flex as="li" key={each.id}>
                <Button
                  size="sm"
                  borderRightRadius="0"
                  aria-pressed={isOn}
                  bg={isOn ? 'leaf.soft' : 'tag'}
                  onClick={() => (isOn ? showWhole() : supposeLost(own.id, each.losses))}
                >
                  <Text as="span" aria-hidden color={undone.length === 0 ? 'leaf.fg' : 'signal.fg'}>
                    {undone.length === 0 ? '●' : '■'}
                  </Text>{' '}
                  {each.name}
                </Button>
                <Button
                  size="icon"
                  borderLeftRadius="0"
                  aria-label={`Let go of ${each.name}`}
                  onClick={() =>
                    change(
                      kept.filter(({ id }) => id !== each.id),
                      `${each.name} is no longer kept.`,
                    )
                  }
                >
                  <X size={16} aria-hidden />
                </Button>
              </Flex>
            );
          })}
        </Flex>
      )}
      {stands
        .filter(({ undone }) => undone.length > 0)
        .map(({ whatIf: { id, name }, undone }) => (
          <Text key={id} fontSize="sm" marginTop="1.5">
            <b>{name}</b>: it can no longer {listed(undone.map(jobsInWords))}.
          </Text>
        ))}
      {lost.length > 0 && !isKept && kept.length < mostWhatIfs && (
        <KeepIt
          usual={lossesInWords(lost, namesInWhole(view)).join(', ')}
          onKeep={(name) =>
            change(
              [...kept, { id: newId(), name, losses: lost }],
              `${name} is kept: ${own.name} is judged by it from now on.`,
            )
          }
        />
      )}
    </>
  );
}

interface KeepItProps {
  readonly usual: string;
  readonly onKeep: (name: string) => void;
}

function KeepIt({ usual, onKeep }: KeepItProps) {
  const [name, setName] = useState('');
  return (
    <Flex
      as="form"
      gap="2"
      align="flex-end"
      wrap="wrap"
      marginTop="3"
      onSubmit={(event) => {
        event.preventDefault();
        onKeep((name.trim() === '' ? usual : name.trim()).slice(0, 60));
        setName('');
      }}
    >
      <LabelledInput
        label="Keep this what-if as"
        value={name}
        placeholder={usual}
        maxLength={60}
        onChange={(event) => setName(event.target.value)}
      />
      <Button type="submit">Keep it</Button>
      <Text fontSize="sm" color="fg.muted" paddingBottom="3">
        The kit is judged by what is kept at all times.
      </Text>
    </Flex>
  );
}

function keyOf(losses: readonly Loss[]): string {
  return losses.map(lossId).sort().join(' ');
}
