<script lang="ts">
  import { Button, RadioButton, RadioButtonGroup, TextInput } from 'carbon-components-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { keep, kept } from '../../api/drafts';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import { sign } from '../../joint/figures';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import { onSheet } from './turns';

  interface Props {
    joint: Schemas['SheetJoint'];
    jobId: string;
    version: number;
    decided: (sheet: Schemas['JobSheet']) => void;
    reload: () => void;
  }
  let { joint, jobId, version, decided, reload }: Props = $props();

  interface Option {
    key: string;
    valueId: string;
    readAs?: Schemas['UnitSlip']['statedUnit'];
    words: string;
  }
  const options = $derived<Option[]>(
    joint.values.flatMap((v, index) => [
      { key: v.id, valueId: v.id, words: `${v.stated} (${v.source})` },
      ...(joint.unitSlips.find((s) => s.index === index)?.likelyUnits ?? []).map((unit) => ({
        key: `${v.id} ${unit}`,
        valueId: v.id,
        readAs: unit,
        words: `${v.stated.replace(/\s\S+$/, '')} read as ${sign(here.units, unit)} (${v.source})`,
      })),
    ]),
  );
  const draft = $derived(`decide.${jobId}.${joint.id}`);
  // svelte-ignore state_referenced_locally
  let reason = $state(kept(`decide.${jobId}.${joint.id}`));
  let chosen = $state('');
  const sending = new Submission(onSheet);
  $effect(() => keep(draft, reason));
  const reasonMessage = $derived(sending.at(/^reason$/));
  const trouble = $derived(sending.besides(/^reason$/));

  async function send(e: SubmitEvent) {
    e.preventDefault();
    const option = options.find((o) => o.key === chosen);
    if (!option) return;
    const jointId = joint.id;
    const why = reason;
    await sending.send(
      [option, why],
      (id) =>
        ask(
          api.POST('/api/jobs/{id}/decisions', {
            params: { path: { id: jobId } },
            body: {
              id,
              jointId,
              valueId: option.valueId,
              ...(option.readAs ? { readAs: option.readAs } : {}),
              reason: why,
              version,
            },
          }),
        ),
      (sheet) => {
        reason = '';
        chosen = '';
        keep(draft, '');
        decided(sheet);
      },
    );
  }
</script>

<details class="fold" open={!joint.ready}>
  <summary>{joint.decision ? 'Decide anew' : 'Decide which value holds'}</summary>
  <form onsubmit={send}>
    <RadioButtonGroup
      legendText="Which value holds for {joint.title}"
      orientation="vertical"
      bind:selected={chosen}
    >
      {#each options as option (option.key)}
        <RadioButton labelText={option.words} value={option.key} />
      {/each}
    </RadioButtonGroup>
    <TextInput
      labelText="Why"
      bind:value={reason}
      maxlength={1000}
      invalid={reasonMessage !== ''}
      invalidText={reasonMessage}
    />
    <Button type="submit" size="field" disabled={sending.busy || !chosen || !reason.trim()}>
      {sending.busy ? 'Writing …' : 'This value holds'}
    </Button>
    {#if trouble}
      <TroubleNote {trouble} retry={sending.outrun ? reload : undefined} label="Show what is new" />
    {/if}
  </form>
</details>

<style>
  form > :global(.bx--text-input-wrapper),
  form > :global(.bx--form-item) {
    width: 100%;
  }
</style>
