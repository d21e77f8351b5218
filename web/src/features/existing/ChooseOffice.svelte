<script lang="ts">
  import { useBench } from '../../bench/bench.svelte';
  import FileButton from '../../ui/FileButton.svelte';

  interface Props {
    look?: 'main' | 'plain' | 'quiet';
    words: string;
  }

  const { look = 'plain', words }: Props = $props();
  const bench = useBench();
</script>

<FileButton
  {look}
  {words}
  label="Files to dress or check"
  accept=".pptx,.potx,.docx,.dotx,.xlsx,.xltx,.odp,.odt,.ods"
  ontake={(files) => void bench.existing.take(files)}
/>
