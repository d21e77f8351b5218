<script lang="ts" generics="T extends string">
  interface Props {
    label: string;
    options: readonly { value: T; name: string }[];
    value: T;
    onchange: (value: T) => void;
  }

  const { label, options, value, onchange }: Props = $props();
</script>

<span role="group" aria-label={label}>
  {#each options as option (option.value)}
    <button type="button" aria-pressed={option.value === value} onclick={() => onchange(option.value)}>
      {option.name}
    </button>
  {/each}
</span>

<style>
  span {
    display: inline-flex;
    border: var(--rule);
  }

  button {
    min-height: 28px;
    padding: 3px 10px;
    font-weight: 600;
  }

  button + button {
    border-left: var(--rule);
  }

  button[aria-pressed='true'] {
    background: var(--ink);
    color: var(--paper);
  }
</style>
