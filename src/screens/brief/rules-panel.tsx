'use client';

import { Box, Flex, Text } from '@chakra-ui/react';
import { X } from 'lucide-react';
import { useState } from 'react';
import { mostRules, type BriefRule } from '@/core/brief';
import { rulesKept, ruleInWords } from '@/core/judge/brief-rules';
import type { Currency } from '@/core/quantity';
import { jobs, whyNotName } from '@/core/gear';
import type { KitView } from '@/ui/kit/kit-view';
import { Button } from '@/ui/fields/button';
import { Choice } from '@/ui/fields/choice';
import { Input } from '@/ui/fields/input';
import { Panel } from '@/ui/fields/panel';
import { TextLink } from '@/ui/fields/text-link';
import { TextField } from './text-field';
import { jobsAskedBy, newRules, ruleFrom, typedFor, type JobAsked, type NewRule } from './new-rule';
import type { BriefProps } from './use-brief';

/** What the kit must keep at all times, each with how it stands. */
export function RulesPanel({ brief, change, view }: BriefProps & { readonly view: KitView }) {
  const edge = { units: view.units, currency: view.bench.currency };
  const kept = rulesKept(view.kit, brief.rules);
  return (
    <Panel
      title="Rules"
      says="They hold at all times: a rule that an edit breaks shows at once among the findings."
    >
      <Box as="ul" listStyleType="none" aria-label="Rules">
        {kept.map(({ rule, kept: isKept }, at) => (
          <Flex as="li" key={at} gap="2" align="center" minHeight="11">
            <Text
              as="span"
              role="img"
              aria-label={words(isKept)}
              color={isKept === false ? 'signal.fg' : 'leaf.fg'}
            >
              {isKept === null ? '?' : isKept ? '●' : '■'}
            </Text>
            <Text flex="1">
              {ruleInWords(rule, edge)}
              {isKept !== true && `: ${words(isKept)}`}
            </Text>
            <Button
              size="icon"
              variant="bare"
              aria-label={`Drop the rule: ${ruleInWords(rule, edge)}`}
              onClick={() => change({ rules: brief.rules.filter((_, which) => which !== at) })}
            >
              <X size={18} aria-hidden />
            </Button>
          </Flex>
        ))}
      </Box>
      {brief.rules.length > 0 && (
        <Flex gap="3" wrap="wrap" align="flex-end" marginTop="2">
          <TextField
            label="This set is called"
            flex="1 1 160px"
            placeholder="as One wet night"
            value={brief.challenge}
            onChange={(challenge) => change({ challenge })}
          />
          <TextLink href="/kits/challenge">Hold other kits against it, or hand it on</TextLink>
        </Flex>
      )}
      {brief.rules.length < mostRules && (
        <AddRule
          currency={view.bench.currency}
          onAdd={(rule) => change({ rules: [...brief.rules, rule] })}
        />
      )}
    </Panel>
  );
}

function words(isKept: boolean | null): string {
  return isKept === null ? 'not known' : isKept ? 'kept' : 'broken';
}

interface AddRuleProps {
  readonly currency: Currency;
  readonly onAdd: (rule: BriefRule) => void;
}

function AddRule({ currency, onAdd }: AddRuleProps) {
  const [which, setWhich] = useState<NewRule>('lids close');
  const [typed, setTyped] = useState('');
  const [problem, setProblem] = useState<string | null>(null);
  const [job, setJob] = useState<JobAsked>('ignite');
  const asks = newRules[which].asks;
  const of = jobsAskedBy(which);
  // What was picked for one rule may be none of the next.
  const about = of.includes(job) ? job : (of[0] ?? 'ignite');
  const says = typedFor(which, about);
  function add(): void {
    const why = asks === 'words' ? whyNotName(typed) : null;
    const rule = why === null ? ruleFrom(which, typed, currency, about) : null;
    setProblem(rule === null ? `Say ${says}${why === null ? '' : `: it ${why}`}.` : null);
    if (rule === null) return;
    setTyped('');
    onAdd(rule);
  }
  return (
    <Flex gap="2" wrap="wrap" align="flex-end" marginTop="2">
      <Choice<NewRule>
        label="One more rule"
        value={which}
        options={(Object.keys(newRules) as NewRule[]).map(
          (each) => [each, newRules[each].name] as const,
        )}
        onChange={setWhich}
      />
      {of.length > 0 && (
        <Choice<JobAsked>
          label="of which job"
          value={about}
          options={of.map(
            (each) => [each, each === 'ignite' ? 'ignite' : jobs[each].name] as const,
          )}
          onChange={setJob}
        />
      )}
      {asks !== 'nothing' && (
        <Input
          height="11"
          width="170px"
          aria-label={says}
          aria-invalid={problem !== null}
          placeholder={says}
          value={typed}
          onChange={(event) => setTyped(event.target.value)}
          onKeyDown={(event) => event.key === 'Enter' && add()}
        />
      )}
      <Button onClick={add}>Add</Button>
      {problem !== null && (
        <Text role="alert" fontSize="sm" color="fg.error" width="100%">
          {problem}
        </Text>
      )}
    </Flex>
  );
}
