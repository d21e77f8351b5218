<script lang="ts">
  import { useBench } from '../../bench/bench.svelte';
  import FileButton from '../../ui/FileButton.svelte';

  interface Props {
    look?: 'main' | 'plain';
    words?: string;
  }

  const { look = 'plain', words = 'Choose files' }: Props = $props();
  const bench = useBench();
</script>

<FileButton
  {look}
  {words}
  label="Files to take in"
  accept="image/png,image/jpeg,image/svg+xml,image/webp,image/gif,image/bmp,application/pdf,.pptx,.potx,.docx,.dotx,.xlsx,.xltx,.odp,.odt,.ods,.odg,.css,.html,.htm,.json,.txt,.md,.csv"
  ontake={(files) => void bench.intake.take(files)}
/>
