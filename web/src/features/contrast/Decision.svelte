<script lang="ts">
  import type { Ground, RuleRequest, Standing } from '../../api/types';
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';
  import Complaint from '../../ui/Complaint.svelte';
  import { colorName } from './contrast';

  /** What a person decides about one pair, whatever its ratio says: always with a reason. */
  interface Props {
    ground: Ground;
    standing: Standing;
    onclose: () => void;
  }

  const { ground, standing, onclose }: Props = $props();
  const bench = useBench();
  const doing = new Doing();

  const readable = $derived(standing.verdict === 'text' || standing.verdict === 'large-text');
  const kind: RuleRequest['kind'] = $derived(readable ? 'narrowed' : 'left');
  const name = $derived(`${colorName(standing.color)} on ${colorName(ground.color)}`);

  const DECIDED: Record<RuleRequest['kind'], { is: string; back: string; after: string }> = {
    narrowed: { is: 'Not allowed', back: 'Allow it again', after: 'is allowed again' },
    left: { is: 'Left as it is', back: 'Look at it again', after: 'is looked at again' },
    allowed: { is: 'Allowed', back: 'Decide nothing', after: 'is judged by its contrast alone' },
  };

  let reason = $state('');

  async function attempt(action: () => Promise<void>, words: string) {
    await doing.once(async () => {
      await action();
      bench.say(words, true);
      onclose();
    });
  }

  function decide(event: SubmitEvent) {
    event.preventDefault();
    void attempt(
      () => bench.grounds.rulePair({ kind, text: standing.color.hex, ground: ground.color.hex, reason }),
      readable ? `${name} is not allowed any more.` : `${name} is left as it is.`,
    );
  }

  const free = () =>
    attempt(
      () => bench.grounds.freePair(standing.color.hex, ground.color.hex),
      standing.rule ? `${name} ${DECIDED[standing.rule.kind].after}.` : '',
    );
</script>

{#if standing.rule}
  <p>
    {DECIDED[standing.rule.kind].is}, because: {standing.rule.reason}
    <Button look="quiet" onclick={free}>{DECIDED[standing.rule.kind].back}</Button>
  </p>
{:else}
  <form onsubmit={decide}>
    <label>
      {readable ? 'Not allowed, because' : 'Leave it, because'}
      <input bind:value={reason} required maxlength="200" autocomplete="off" />
    </label>
    <Button type="submit">{readable ? 'Do not allow it' : 'Leave it'}</Button>
  </form>
{/if}
<Complaint text={doing.problem} />

<style>
  form,
  label {
    display: flex;
    flex-wrap: wrap;
    gap: 8px;
    align-items: center;
  }

  label {
    flex: 1;
    font-weight: 600;
  }

  input {
    flex: 1;
    min-width: 200px;
    min-height: 32px;
    padding: 4px 8px;
    border: var(--rule);
    background: var(--board);
  }
</style>
