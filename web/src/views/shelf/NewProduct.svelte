<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { untrack } from 'svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { keep, kept } from '../../api/drafts';
  import { Submission } from '../../api/submission.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  interface Props {
    kinds: Schemas['CompoundKind'][];
    wanted: Schemas['CompoundKind']['code'] | undefined;
    taken: (shelf: Schemas['ShelfPage']) => void;
  }
  let { kinds, wanted, taken }: Props = $props();
  const DRAFT = 'shelf.product';
  let name = $state(kept(DRAFT));
  let code = $state<Schemas['CompoundKind']['code']>(untrack(() => wanted ?? 'MEDIUM'));
  let fixture = $state('');
  let fullCure = $state('');
  let sheet = $state('');
  let lot = $state('');
  let expires = $state('');
  $effect(() => keep(DRAFT, name));
  const cures = $derived(kinds.find((k) => k.code === code)?.cures ?? false);
  const sending = new Submission();
  const trouble = $derived(sending.besides(/./));
  const at = (field: RegExp) => sending.at(field);

  async function send(e: SubmitEvent) {
    e.preventDefault();
    await sending.send(
      [name, code, fixture, fullCure, sheet, lot, expires],
      (id) =>
        ask(
          api.POST('/api/shelf/products', {
            body: {
              id,
              name,
              compound: code,
              fixture: cures ? fixture : '',
              fullCure: cures ? fullCure : '',
              lot,
              sheet,
              ...(expires ? { expiresOn: expires } : {}),
            },
          }),
        ),
      (shelf) => {
        [name, fixture, fullCure, sheet, lot, expires] = ['', '', '', '', '', ''];
        taken(shelf);
      },
    );
  }
</script>

<details class="fold" open={wanted !== undefined}>
  <summary>Put a product on the shelf</summary>
  <form onsubmit={send}>
    <TextInput
      labelText="Name on the bottle"
      bind:value={name}
      maxlength={200}
      autocomplete="off"
      invalid={at(/name/) !== ''}
      invalidText={at(/name/)}
    />
    <Select labelText="Kind" bind:selected={code}>
      {#each kinds as kind (kind.code)}<SelectItem value={kind.code} text={kind.words} />{/each}
    </Select>
    {#if cures}
      <TextInput
        labelText="Sets in (fixture time)"
        placeholder="20 min"
        bind:value={fixture}
        maxlength={20}
        autocomplete="off"
        invalid={at(/fixture/) !== ''}
        invalidText={at(/fixture/)}
      />
      <TextInput
        labelText="Full cure"
        placeholder="24 h"
        bind:value={fullCure}
        maxlength={20}
        autocomplete="off"
        invalid={at(/fullCure/) !== ''}
        invalidText={at(/fullCure/)}
      />
    {/if}
    <TextInput
      labelText="Data sheet, page"
      bind:value={sheet}
      maxlength={200}
      autocomplete="off"
      invalid={at(/sheet/) !== ''}
      invalidText={at(/sheet/)}
    />
    <TextInput labelText="Lot" bind:value={lot} maxlength={200} autocomplete="off" />
    <TextInput
      labelText="Use before"
      type="date"
      bind:value={expires}
      invalid={at(/expires/) !== ''}
      invalidText={at(/expires/)}
    />
    <Button type="submit" size="field" kind="tertiary" disabled={sending.busy || !name.trim()}>
      {sending.busy ? 'Writing …' : 'Put on the shelf'}
    </Button>
  </form>
  {#if trouble}<TroubleNote {trouble} />{/if}
</details>
