<script lang="ts">
  import { messageOf } from '../../api/problem';
  import { useBench } from '../../app/bench.svelte';
  import Button from '../../ui/Button.svelte';

  /** Source: WICG EyeDropper API; not every browser has it. */
  interface ScreenPicker {
    open(): Promise<{ sRGBHex: string }>;
  }

  const bench = useBench();

  const Picker = (window as { EyeDropper?: new () => ScreenPicker }).EyeDropper;

  async function pick(EyeDropper: new () => ScreenPicker) {
    let hex: string;
    try {
      hex = (await new EyeDropper().open()).sRGBHex;
    } catch {
      // Whoever presses Esc wants nothing.
      return;
    }
    try {
      await bench.addSwatches([{ hex, origin: { source: 'the screen' } }]);
      bench.say('1 colour taken from the screen. Name and order it in Palette.', true);
    } catch (error) {
      bench.say(messageOf(error));
    }
  }
</script>

{#if Picker}
  <Button onclick={() => pick(Picker)}>Pick from the screen</Button>
{/if}
