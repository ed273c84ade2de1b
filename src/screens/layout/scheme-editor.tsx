'use client';

import { Box, Dialog, Flex, Heading, Portal, Text } from '@chakra-ui/react';
import { dialogSlotRecipe } from '@chakra-ui/react/theme';
import { Input } from '@/ui/fields/input';
import { ArrowDown, ArrowUp, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { jobIds, jobs, type JobId } from '@/core/gear';
import type { OwnScheme } from '@/core/loadout';
import { ownFrom, type Scheme } from '@/core/scheme';
import { useBench } from '@/store/bench';
import { newId } from '@/store/new-id';
import { prefer } from '@/store/preferences';
import { Button } from '@/ui/fields/button';
import { LabelledInput } from '@/ui/fields/labelled-input';
import { Choice } from '@/ui/fields/choice';
import { perform } from '@/ui/notice/notice';

interface SchemeEditorProps {
  /** The scheme that is seen now: changed where it is the person’s own, or else what a new one starts from. */
  readonly seen: Scheme;
  readonly onDone: () => void;
}

/** Writes a scheme of one’s own: categories, their order, and which job goes where. */
export function SchemeEditor({ seen, onDone }: SchemeEditorProps) {
  const bench = useBench();
  const own = bench.schemes.get(seen.id);
  const [scheme, setScheme] = useState<OwnScheme>(
    () => own ?? ownFrom(seen, newId(), `My ${seen.name}`.slice(0, 60)),
  );
  function save(): void {
    const kept = {
      ...scheme,
      name: scheme.name.trim(),
      categories: scheme.categories.filter(({ jobs: gathered }) => gathered.length > 0),
    };
    if (!perform({ do: 'keep scheme', scheme: kept }, `The scheme ${kept.name} is kept.`)) return;
    prefer({ scheme: kept.id });
    onDone();
  }
  return (
    <Dialog.Root
      recipe={dialogSlotRecipe}
      open
      onOpenChange={({ open }) => !open && onDone()}
      scrollBehavior="inside"
    >
      <Portal>
        <Dialog.Backdrop bg="scrim" />
        <Dialog.Positioner>
          <Dialog.Content width="min(820px, 96vw)" maxWidth="none" borderRadius="18px" margin="2">
            <form
              style={{ display: 'contents' }}
              onSubmit={(event) => {
                event.preventDefault();
                save();
              }}
            >
              <Dialog.Header>
                <Dialog.Title fontFamily="heading">
                  {own ? `Change ${own.name}` : 'A scheme of your own'}
                </Dialog.Title>
              </Dialog.Header>
              <Dialog.Body tabIndex={0}>
                <Flex direction="column" gap="5">
                  <LabelledInput
                    label="Name of the scheme"
                    value={scheme.name}
                    onChange={(event) => setScheme({ ...scheme, name: event.target.value })}
                  />
                  <Categories scheme={scheme} onChange={setScheme} />
                  <JobsOf scheme={scheme} onChange={setScheme} />
                </Flex>
              </Dialog.Body>
              <Dialog.Footer>
                {own && (
                  <Button
                    variant="bare"
                    onClick={() => {
                      const said = `The scheme ${own.name} is removed.`;
                      if (perform({ do: 'remove scheme', id: own.id }, said)) onDone();
                    }}
                  >
                    Remove it
                  </Button>
                )}
                <Box flex="1" />
                <Button variant="bare" onClick={onDone}>
                  Leave it
                </Button>
                <Button type="submit" variant="main">
                  Keep it
                </Button>
              </Dialog.Footer>
            </form>
          </Dialog.Content>
        </Dialog.Positioner>
      </Portal>
    </Dialog.Root>
  );
}

interface PartProps {
  readonly scheme: OwnScheme;
  readonly onChange: (scheme: OwnScheme) => void;
}

function Categories({ scheme, onChange }: PartProps) {
  const { categories } = scheme;
  function move(at: number, by: 1 | -1): void {
    const moved = [...categories];
    const [taken] = moved.splice(at, 1);
    moved.splice(at + by, 0, taken!);
    onChange({ ...scheme, categories: moved });
  }
  return (
    <Box>
      <Heading as="h3" fontSize="md">
        Categories, in their order
      </Heading>
      <Text fontSize="sm" color="fg.muted" marginBottom="2">
        One that gathers no job is left out. Jobs in none are gathered beyond.
      </Text>
      <Flex as="ol" direction="column" gap="1.5" listStyleType="none">
        {categories.map((category, at) => (
          <Flex as="li" key={category.id} gap="1" align="center">
            <Input
              height="11"
              aria-label={`Name of category ${at + 1}`}
              value={category.name}
              onChange={(event) =>
                onChange({
                  ...scheme,
                  categories: categories.map((other) =>
                    other === category ? { ...other, name: event.target.value } : other,
                  ),
                })
              }
            />
            <Text fontSize="sm" color="fg.muted" whiteSpace="nowrap" width="64px">
              {category.jobs.length} {category.jobs.length === 1 ? 'job' : 'jobs'}
            </Text>
            <Button
              size="icon"
              variant="bare"
              aria-label={`Move ${category.name} up`}
              disabled={at === 0}
              onClick={() => move(at, -1)}
            >
              <ArrowUp size={18} aria-hidden />
            </Button>
            <Button
              size="icon"
              variant="bare"
              aria-label={`Move ${category.name} down`}
              disabled={at === categories.length - 1}
              onClick={() => move(at, 1)}
            >
              <ArrowDown size={18} aria-hidden />
            </Button>
            <Button
              size="icon"
              variant="bare"
              aria-label={`Remove ${category.name}`}
              onClick={() =>
                onChange({
                  ...scheme,
                  categories: categories.filter((other) => other !== category),
                })
              }
            >
              <Trash2 size={18} aria-hidden />
            </Button>
          </Flex>
        ))}
      </Flex>
      <Button
        size="sm"
        marginTop="2"
        onClick={() =>
          onChange({
            ...scheme,
            categories: [...categories, { id: newId(), name: 'New category', jobs: [] }],
          })
        }
      >
        <Plus size={16} aria-hidden /> Add a category
      </Button>
    </Box>
  );
}

const groups = [...new Set(jobIds.map((job) => jobs[job].group))];
const beyond = '';

function JobsOf({ scheme, onChange }: PartProps) {
  const { categories } = scheme;
  const options = [
    ...categories.map(({ id, name }) => [id, name] as const),
    [beyond, 'beyond'] as const,
  ];
  function put(job: JobId, category: string): void {
    onChange({
      ...scheme,
      categories: categories.map((other) => {
        const without = other.jobs.filter((gathered) => gathered !== job);
        return { ...other, jobs: other.id === category ? [...without, job] : without };
      }),
    });
  }
  return (
    <Box>
      <Heading as="h3" fontSize="md" marginBottom="2">
        Which job goes where
      </Heading>
      <Flex direction="column" gap="3">
        {groups.map((group) => (
          <Box key={group} as="fieldset">
            <Text as="legend" fontSize="xs" fontWeight="700" color="fg.muted">
              {group}
            </Text>
            <Flex wrap="wrap" gap="2">
              {jobIds
                .filter((job) => jobs[job].group === group)
                .map((job) => (
                  <Choice
                    key={job}
                    label={jobs[job].name}
                    value={categories.find((each) => each.jobs.includes(job))?.id ?? beyond}
                    options={options}
                    onChange={(category) => put(job, category)}
                  />
                ))}
            </Flex>
          </Box>
        ))}
      </Flex>
    </Box>
  );
}
