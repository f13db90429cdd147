<script lang="ts" module>
  import type { EntrySent, Signature } from '../../run/waiting';

  /** Another person: what the server is told, and who that is as far as is known here. */
  export interface Witness {
    said: NonNullable<EntrySent['witness']>;
    person: Signature;
  }
</script>

<script lang="ts">
  import { Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { asTrouble, type Schemas, type Trouble } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { whoIsHere } from '../../run/people';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  interface Props {
    witness: Witness | undefined;
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
      const all = await whoIsHere();
      people = all.filter((p) => p.name !== here.acting?.name);
      lost = null;
    } catch (e) {
      lost = asTrouble(e);
    }
  }
  $effect(() => void look());
  $effect(() => {
    const person = people.find((p) => p.name === name);
    witness =
      person && pin
        ? {
            said: { name, pin },
            person: { id: person.id, name, lead: person.role === 'LEAD' },
          }
        : undefined;
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
