<script lang="ts">
  import { TextInput } from 'carbon-components-svelte';
  import type { Schemas } from '../../api/client';

  interface Props {
    measure: Schemas['Measure'];
    limit: string;
  }
  let { measure, limit = $bindable() }: Props = $props();
</script>

<div class="limit">
  <TextInput
    labelText="{measure.onPart === 'LEAST'
      ? 'Least'
      : 'Most'} allowed, {measure.unit}, as it stands: {measure.limit ?? 'on the part'}"
    bind:value={limit}
    maxlength={20}
    size="xl"
    autocomplete="off"
    inputmode="decimal"
  />
</div>

<style>
  .limit {
    flex: 1 1 14rem;
  }
</style>
