<script lang="ts">
  import { Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { api, ask, asTrouble, type Schemas, type Trouble } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import type { Saying } from '../../run/outbox';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  interface Props {
    witness: Saying['witness'];
    label: string;
    optional?: boolean;
  }
  let { witness = $bindable(), label, optional = false }: Props = $props();
  let people = $state.raw<Schemas['Someone'][]>([]);
  let lost = $state<Trouble | null>(null);
  let name = $state('');
  let pin = $state('');

  async function look() {
    try {
      people = (await ask(api.GET('/api/people'))).filter((p) => p.name !== here.person?.name);
      lost = null;
    } catch (e) {
      lost = asTrouble(e);
    }
  }
  $effect(() => void look());
  $effect(() => {
    witness = name && pin ? { name, pin } : undefined;
  });
</script>

{#if lost}
  <TroubleNote trouble={lost} retry={() => void look()} />
{/if}
<div class="person">
  <Select labelText={label} bind:selected={name} size="xl">
    <SelectItem value="" text={optional ? 'not needed' : 'choose'} />
    {#each people as p (p.id)}<SelectItem value={p.name} text={p.name} />{/each}
  </Select>
  <TextInput
    type="password"
    labelText="PIN"
    bind:value={pin}
    autocomplete="off"
    size="xl"
    maxlength={72}
  />
</div>

<style>
  .person {
    display: grid;
    grid-template-columns: 12rem 10rem;
    gap: 0.75rem;
    align-items: end;
  }
</style>
