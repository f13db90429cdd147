<script lang="ts">
  import type { Schemas } from '../../api/client';
  import OnPaper from '../../shell/OnPaper.svelte';
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

<OnPaper {set} address="/desk{toQuery(desk)}" />
