<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { choices } from '../../api/choices';
  import { api, ask, asTrouble, type Schemas } from '../../api/client';
  import { keep, kept } from '../../api/drafts';
  import { Submission } from '../../api/submission.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import { onSheet } from './turns';

  type Stated = Schemas['NewValue'];
  interface Props {
    joint: Schemas['SheetJoint'];
    jobId: string;
    version: number;
    /** A value is written down; what is done once it was taken. */
    taken: () => (sheet: Schemas['JobSheet']) => void;
    reload: () => void;
  }
  let { joint, jobId, version, taken, reload }: Props = $props();
  // svelte-ignore state_referenced_locally
  const draft = `value.${jobId}.${joint.id}`;
  let typed = $state(kept(draft));
  let document = $state(kept(`${draft}.document`));
  let from = $state.raw<Schemas['ChoicesResponse'] | null>(null);
  let source = $state<Stated['source']>('MANUAL');
  let condition = $state<NonNullable<Stated['condition']>>('UNKNOWN');
  choices().then(
    (fresh) => (from = fresh),
    (caught: unknown) => (sending.trouble = asTrouble(caught)),
  );
  $effect(() => keep(draft, typed));
  $effect(() => keep(`${draft}.document`, document));
  let sisters = $state.raw<Schemas['SisterValue'][]>([]);
  let open = $derived(joint.values.length === 0);
  /** What another model states is offered, and said to be so; it is never taken by itself. */
  $effect(() => {
    const jointId = joint.id;
    if (!open) return;
    ask(
      api.GET('/api/jobs/{id}/joints/{jointId}/sister-values', {
        params: { path: { id: jobId, jointId } },
      }),
    ).then(
      (found) => (sisters = found),
      () => (sisters = []),
    );
  });
  function take(sister: Schemas['SisterValue']) {
    typed = sister.torque;
    document = `${sister.document} (of ${sister.of})`.slice(0, 200);
    source = 'SISTER_SHEET';
    condition = sister.condition;
  }
  const sending = new Submission(onSheet);
  const TYPED = /^(text|typed)$/;
  const DOCUMENT = /document/;
  const trouble = $derived(sending.besides(TYPED, DOCUMENT));

  async function send(e: SubmitEvent) {
    e.preventDefault();
    const said = { jointId: joint.id, typed, source, document, condition };
    const then = taken();
    await sending.send(
      said,
      (id) =>
        ask(
          api.POST('/api/jobs/{id}/values', {
            params: { path: { id: jobId } },
            body: { id, ...said, version },
          }),
        ),
      (sheet) => {
        typed = '';
        document = '';
        then(sheet);
      },
    );
  }
</script>

<details class="fold" bind:open>
  <summary>{joint.values.length ? 'Add another value' : 'Fill in the value'}</summary>
  {#each joint.slots as slot, i (i)}<p class="soft">Look in: {slot}</p>{/each}
  {#if sisters.length}
    <p class="soft">Stated for a sister model; look first for this one’s own:</p>
    <ul>
      {#each sisters as sister (sister.id)}
        <li>
          <span class="figure">{sister.torque}</span>
          {sister.of}
          <span class="soft">{[sister.thread, sister.document].filter(Boolean).join(', ')}</span>
          <button class="quiet" type="button" onclick={() => take(sister)}>Fill in as such</button>
        </li>
      {/each}
    </ul>
  {/if}
  <form onsubmit={send}>
    <TextInput
      labelText="Value as it stands there"
      placeholder="22 Nm · 16-18 ftlb · max 5 Nm"
      bind:value={typed}
      maxlength={200}
      autocomplete="off"
      invalid={sending.at(TYPED) !== ''}
      invalidText={sending.at(TYPED)}
    />
    <Select labelText="Found in" bind:selected={source}>
      {#each from?.sources as c (c.code)}<SelectItem value={c.code} text={c.words} />{/each}
    </Select>
    <TextInput
      labelText="Title and page"
      bind:value={document}
      maxlength={200}
      autocomplete="off"
      invalid={sending.at(DOCUMENT) !== ''}
      invalidText={sending.at(DOCUMENT)}
    />
    <Select labelText="Threads there" bind:selected={condition}>
      {#each from?.conditions as c (c.code)}<SelectItem value={c.code} text={c.words} />{/each}
    </Select>
    <Button
      type="submit"
      size="field"
      kind="tertiary"
      disabled={sending.busy || !typed.trim() || !document.trim()}
    >
      {sending.busy ? 'Writing …' : 'Write down'}
    </Button>
  </form>
  {#if trouble}
    <TroubleNote {trouble} retry={sending.outrun ? reload : undefined} label="Show what is new" />
  {/if}
</details>

<style>
  ul {
    list-style: none;
    padding-bottom: 0.5rem;
  }
  li {
    display: flex;
    flex-wrap: wrap;
    gap: 0 0.75rem;
    align-items: center;
  }
</style>
