<script lang="ts">
  import { Button, Select, SelectItem, TextInput } from 'carbon-components-svelte';
  import { api, ask, asTrouble, type Schemas, type Trouble } from '../../api/client';
  import { keep, kept } from '../../api/drafts';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  interface Props {
    joint: Schemas['SheetJoint'];
    jobId: string;
    version: number;
    taken: (sheet: Schemas['JobSheet']) => void;
    reload: () => void;
  }
  let { joint, jobId, version, taken, reload }: Props = $props();
  const SOURCES = {
    MANUAL: 'vehicle maker’s manual',
    KIT_SHEET: 'part maker’s sheet',
    PART_MARKING: 'marking on the part',
    SISTER_SHEET: 'sheet of a sister model',
    ESTIMATE: 'estimate from thread and class',
    RECOLLECTION: 'memory',
  } as const;
  const CONDITIONS = {
    UNKNOWN: 'not stated',
    DRY: 'dry',
    OILED: 'oiled',
    GREASED: 'greased',
    THREADLOCKER_WET: 'threadlocker, wet',
    ANTI_SEIZE: 'anti-seize',
  } as const;
  // svelte-ignore state_referenced_locally
  const draft = `value.${jobId}.${joint.id}`;
  let typed = $state(kept(draft));
  let document = $state(kept(`${draft}.document`));
  let source = $state<keyof typeof SOURCES>('MANUAL');
  let condition = $state<keyof typeof CONDITIONS>('UNKNOWN');
  let busy = $state(false);
  let trouble = $state<Trouble | null>(null);
  let id = crypto.randomUUID();
  $effect(() => keep(draft, typed));
  $effect(() => keep(`${draft}.document`, document));
  const at = (pattern: RegExp) => trouble?.errors.find((e) => pattern.test(e.field))?.message ?? '';
  const typedMessage = $derived(at(/^(text|typed)$/));
  const documentMessage = $derived(at(/document/));

  async function send(e: SubmitEvent) {
    e.preventDefault();
    busy = true;
    trouble = null;
    try {
      const sheet = await ask(
        api.POST('/api/jobs/{id}/values', {
          params: { path: { id: jobId } },
          body: { id, jointId: joint.id, typed, source, document, condition, version },
        }),
      );
      id = crypto.randomUUID();
      typed = '';
      document = '';
      taken(sheet);
    } catch (caught) {
      trouble = asTrouble(caught);
    }
    busy = false;
  }
</script>

<details class="fold" open={joint.values.length === 0}>
  <summary>{joint.values.length ? 'Add another value' : 'Fill in the value'}</summary>
  {#each joint.slots as slot (slot)}<p class="soft">Look in: {slot}</p>{/each}
  <form onsubmit={send}>
    <TextInput
      labelText="Value as it stands there"
      placeholder="22 Nm · 16-18 ftlb · max 5 Nm"
      bind:value={typed}
      maxlength={200}
      autocomplete="off"
      invalid={typedMessage !== ''}
      invalidText={typedMessage}
    />
    <Select labelText="Found in" bind:selected={source}>
      {#each Object.entries(SOURCES) as [code, words] (code)}
        <SelectItem value={code} text={words} />
      {/each}
    </Select>
    <TextInput
      labelText="Title and page"
      bind:value={document}
      maxlength={200}
      autocomplete="off"
      invalid={documentMessage !== ''}
      invalidText={documentMessage}
    />
    <Select labelText="Threads there" bind:selected={condition}>
      {#each Object.entries(CONDITIONS) as [code, words] (code)}
        <SelectItem value={code} text={words} />
      {/each}
    </Select>
    <Button
      type="submit"
      size="field"
      kind="tertiary"
      disabled={busy || !typed.trim() || !document.trim()}
    >
      {busy ? 'Writing …' : 'Write down'}
    </Button>
  </form>
  {#if trouble && !typedMessage && !documentMessage}
    <TroubleNote
      {trouble}
      retry={trouble.status === 409 ? reload : undefined}
      label="Show what is new"
    />
  {/if}
</details>
