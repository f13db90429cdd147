<script lang="ts">
  import type { Schemas } from '../../api/client';
  import { counts, FIELDS, KEYS, wordsOf, type DeskState } from './fields';
  import { toQuery } from './state';

  let { desk, choices }: { desk: DeskState; choices: Schemas['ChoicesResponse'] } = $props();
  const set = $derived(
    KEYS.filter((key) => counts(desk, key)).map((key) => ({
      key,
      name: FIELDS[key].onPaper ?? FIELDS[key].label,
      value: wordsOf(key, desk[key], choices),
    })),
  );
</script>

<dl>
  {#each set as one (one.key)}<div>
      <dt>{one.name}</dt>
      <dd>{one.value}</dd>
    </div>{/each}
</dl>
<p class="soft">Opens again at {window.location.origin}/desk{toQuery(desk)}</p>

<style>
  dl,
  p {
    display: none;
  }
  dt {
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
  @media print {
    dl {
      display: grid;
      grid-template-columns: repeat(4, 1fr);
      gap: 0.25rem 1rem;
      margin: 0.5rem 0;
    }
    p {
      display: block;
      overflow-wrap: anywhere;
      font-size: 0.75rem;
    }
  }
</style>
