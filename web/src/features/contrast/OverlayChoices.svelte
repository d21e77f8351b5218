<script lang="ts">
  import type { PictureSource, Stop } from '../../api/types';
  import Button from '../../ui/Button.svelte';
  import Segments from '../../ui/Segments.svelte';
  import ColorChoice from './ColorChoice.svelte';
  import type { OverlayState } from './overlay.svelte';
  import { angleOf } from './overlays';
  import { opacityWords } from '../../words/opacity';

  /** What the ground is made of, what is laid over it, and the text. */
  interface Props {
    laid: OverlayState;
    /** What a gradient can be made of. */
    stops: readonly Stop[];
    pictures: readonly PictureSource[];
    /** Beneath, instead of a gradient. */
    picture: PictureSource | undefined;
  }

  const { laid, stops, pictures, picture }: Props = $props();

  const SHAPES = [
    { value: 'linear', name: 'linear' },
    { value: 'radial', name: 'radial' },
  ] as const;

  function setStop(index: number, hex: string | undefined) {
    if (hex) {
      laid.stops = laid.stops.map((stop, place) => (place === index ? hex : stop));
    }
  }
</script>

<div class="choices">
  <label>
    Ground
    <select
      aria-label="Ground"
      value={laid.picture ?? ''}
      onchange={(event) => (laid.picture = event.currentTarget.value || undefined)}
    >
      <option value="">a gradient</option>
      {#each pictures as { id, name } (id)}<option value={id}>{name}</option>{/each}
    </select>
  </label>
  {#if !picture}
    {#each laid.stops as stop, index (index)}
      <ColorChoice
        label="Stop {index + 1}"
        value={stop}
        steps={stops}
        onchange={(hex) => setStop(index, hex)}
      />
    {/each}
    {#if laid.stops.length < 3}
      <Button look="quiet" onclick={() => (laid.stops = [...laid.stops, laid.stops[1] ?? '#FFFFFF'])}>
        A third stop
      </Button>
    {:else}
      <Button look="quiet" onclick={() => (laid.stops = laid.stops.slice(0, 2))}>Only two stops</Button>
    {/if}
    <Segments label="Shape" options={SHAPES} value={laid.shape} onchange={(shape) => (laid.shape = shape)} />
    {#if laid.shape === 'linear'}
      <label>
        Angle, degrees
        <input
          type="number"
          min="0"
          max="359"
          step="15"
          value={laid.angle}
          onchange={(event) => (laid.angle = angleOf(event.currentTarget.valueAsNumber))}
        />
      </label>
    {/if}
  {/if}
  <ColorChoice
    label="Laid over it"
    value={laid.overlay}
    none="nothing"
    onchange={(hex) => (laid.overlay = hex)}
  />
  <ColorChoice label="Text" value={laid.text} onchange={(hex) => (laid.text = hex ?? laid.text)} />
</div>
{#if laid.overlay}
  <label class="opacity">
    <input
      type="range"
      min="0"
      max="100"
      step="5"
      bind:value={laid.opacity}
      aria-label="Opacity of what is laid over it"
      aria-valuetext={opacityWords(laid.opacity)}
    />
    {opacityWords(laid.opacity)}
  </label>
{/if}

<style>
  .choices {
    display: flex;
    flex-wrap: wrap;
    gap: 8px 12px;
    align-items: end;
    margin-bottom: 12px;
  }

  .choices label {
    display: grid;
    gap: 2px;
    color: var(--ink-2);
    font-size: var(--size-small);
  }

  input[type='number'] {
    width: 76px;
    min-height: 32px;
    padding: 2px 6px;
    border: var(--rule);
    background: var(--paper);
  }

  .opacity {
    display: flex;
    gap: 12px;
    align-items: center;
  }

  .opacity input {
    width: 280px;
  }
</style>
