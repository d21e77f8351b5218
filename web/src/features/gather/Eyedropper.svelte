<script lang="ts">
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import Button from '../../ui/Button.svelte';

  /** Source: WICG EyeDropper API; not every browser has it. */
  interface ScreenPicker {
    open(): Promise<{ sRGBHex: string }>;
  }

  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  const Picker = (window as { EyeDropper?: new () => ScreenPicker }).EyeDropper;

  async function pick(EyeDropper: new () => ScreenPicker) {
    let hex: string;
    try {
      hex = (await new EyeDropper().open()).sRGBHex;
    } catch {
      // Whoever presses Esc wants nothing.
      return;
    }
    await doing.once(async () => {
      await bench.palette.addSwatches([{ hex, origin: { source: 'the screen' } }]);
      bench.say('1 colour taken from the screen. Name and order it in Palette.', true);
    });
  }
</script>

{#if Picker}
  <Button onclick={() => pick(Picker)}>Pick from the screen</Button>
{/if}
