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
  label={bench.existing.task === 'recolour' ? 'Graphics to recolour' : 'Files to dress or check'}
  accept={bench.existing.task === 'recolour'
    ? '.svg,.png,.jpg,.jpeg,.gif,.bmp,.webp'
    : '.pptx,.potx,.docx,.dotx,.xlsx,.xltx,.odp,.odt,.ods'}
  ontake={(files) => void bench.existing.take(files)}
/>
