<script lang="ts">
  import { useBench } from '../../bench/bench.svelte';
  import { Doing } from '../../bench/doing.svelte';
  import type { ScaleName } from '../../bench/type.svelte';
  import { LANGUAGE_CODES, languageName, SCALE_NAMES, scaleName } from '../../words/type';

  const bench = useBench();
  const doing = new Doing((problem) => bench.say(problem));

  const languages = $derived(bench.brand.type.languages);

  function scale(event: Event & { currentTarget: HTMLSelectElement }) {
    const name = event.currentTarget.value as ScaleName;
    event.currentTarget.value = '';
    void doing.do(async () => {
      await bench.type.scale(name);
      bench.say(`Sizes stand on a scale now: ${scaleName(name)}.`, true);
    });
  }

  function toggle(code: string, written: boolean) {
    const others = languages.filter((other) => other !== code);
    const next = written ? [...others, code] : others;
    if (next.length === 0) {
      bench.say('A brand writes in one language at least.');
      return;
    }
    void doing.do(() => bench.type.setLanguages(next));
  }

  function lead(event: Event & { currentTarget: HTMLSelectElement }) {
    const code = event.currentTarget.value;
    void doing.do(() => bench.type.setLanguages([code, ...languages.filter((other) => other !== code)]));
  }
</script>

<label>
  Sizes from a scale
  <select aria-label="Sizes from a scale" onchange={scale}>
    <option value="">choose…</option>
    {#each SCALE_NAMES as name (name)}<option value={name}>{scaleName(name)}</option>{/each}
  </select>
</label>
<label>
  Lines measured in
  <select aria-label="Lines measured in" value={languages[0]} onchange={lead}>
    {#each languages as code (code)}<option value={code}>{languageName(code)}</option>{/each}
  </select>
</label>
<details>
  <summary>Languages: {languages.map(languageName).join(', ')}</summary>
  <ul aria-label="Languages that the brand writes in">
    {#each LANGUAGE_CODES as code (code)}
      <li>
        <label>
          <input
            type="checkbox"
            checked={languages.includes(code)}
            onchange={(event) => toggle(code, event.currentTarget.checked)}
          />
          {languageName(code)}
        </label>
      </li>
    {/each}
  </ul>
</details>

<style>
  label {
    display: flex;
    gap: 6px;
    align-items: center;
    font-size: var(--size-small);
  }

  select {
    min-height: 28px;
    font-size: var(--size-small);
  }

  details {
    font-size: var(--size-small);
  }

  summary {
    min-height: 24px;
    line-height: 24px;
  }

  ul {
    display: grid;
    grid-template-columns: repeat(4, auto);
    gap: 4px 16px;
    padding: 6px 0;
  }
</style>
