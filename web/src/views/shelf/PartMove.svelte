<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import { untrack } from 'svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { Submission } from '../../api/submission.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  interface Props {
    parts: Schemas['PartRow'][];
    wanted: string;
    taken: (shelf: Schemas['ShelfPage']) => void;
  }
  let { parts, wanted, taken }: Props = $props();
  let name = $state(untrack(() => wanted));
  let pieces = $state('');
  let price = $state('');
  let why = $state('');
  let size = $state('');
  let strength = $state('');
  let orderNumber = $state('');
  let wrong = $state('');
  const list = $props.id();
  const sending = new Submission();
  const trouble = $derived(sending.besides(/./));
  const at = (field: RegExp) => sending.at(field);

  async function send(e: SubmitEvent) {
    e.preventDefault();
    wrong = '';
    const typed = pieces.trim().replace('−', '-');
    if (!/^[+-]?\d{1,5}$/.test(typed || '0')) {
      wrong = 'Type a whole number such as 5, or −2 to take some off.';
      return;
    }
    await sending.send(
      [name, pieces, price, size, strength, orderNumber, why],
      (id) =>
        ask(
          api.POST('/api/shelf/parts', {
            body: {
              id,
              name,
              pieces: Number(typed || '0'),
              price,
              size,
              strength,
              orderNumber,
              why,
            },
          }),
        ),
      (shelf) => {
        [name, pieces, price, why] = ['', '', '', ''];
        [size, strength, orderNumber] = ['', '', ''];
        taken(shelf);
      },
    );
  }
</script>

<details class="fold" open={wanted !== ''}>
  <summary>Put parts on or take some off</summary>
  <form onsubmit={send}>
    <TextInput
      labelText="Part"
      bind:value={name}
      maxlength={200}
      list="{list}-parts"
      autocomplete="off"
      invalid={at(/name/) !== ''}
      invalidText={at(/name/)}
    />
    <datalist id="{list}-parts">
      {#each parts as part (part.name)}<option value={part.name}></option>{/each}
    </datalist>
    <TextInput
      labelText="Pieces"
      placeholder="5, or −2 to take off"
      bind:value={pieces}
      maxlength={6}
      autocomplete="off"
      invalid={wrong !== '' || at(/pieces/) !== ''}
      invalidText={wrong || at(/pieces/)}
    />
    <TextInput
      labelText="Price of one"
      placeholder="as before when empty"
      bind:value={price}
      maxlength={12}
      inputmode="decimal"
      autocomplete="off"
      invalid={at(/price/) !== ''}
      invalidText={at(/price/)}
    />
    <TextInput
      labelText="Size"
      placeholder="M8 × 25, as before when empty"
      bind:value={size}
      maxlength={60}
      autocomplete="off"
    />
    <TextInput
      labelText="Strength"
      placeholder="10.9, as before when empty"
      bind:value={strength}
      maxlength={60}
      autocomplete="off"
    />
    <TextInput
      labelText="Order number"
      placeholder="as before when empty"
      bind:value={orderNumber}
      maxlength={60}
      autocomplete="off"
    />
    <TextInput labelText="Why" bind:value={why} maxlength={200} autocomplete="off" />
    <Button type="submit" size="field" kind="tertiary" disabled={sending.busy || !name.trim()}>
      {sending.busy ? 'Writing …' : 'Write down'}
    </Button>
  </form>
  {#if trouble}<TroubleNote {trouble} />{/if}
</details>
