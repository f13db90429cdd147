<script lang="ts">
  import { onMount } from 'svelte';
  import { Button, TextInput } from 'carbon-components-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { Submission } from '../../api/submission.svelte';
  import Field from '../../shell/Field.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  interface Props {
    recheck: Schemas['Recheck'];
    settled: (one: Schemas['Recheck']) => void;
  }
  let { recheck, settled }: Props = $props();
  let note = $state('');
  let jointId = $state('');
  let cause = $state('');
  let angleDeg = $state('');
  let gripMm = $state('');
  let causes = $state.raw<Schemas['MovedCauseChoice'][]>([]);
  const sending = new Submission();
  const several = $derived(recheck.targets.length > 1);

  onMount(() => {
    void ask(api.GET('/api/rechecks/causes')).then((all) => (causes = all));
  });

  const settle = (outcome: 'HELD' | 'MOVED') =>
    sending.send(
      [recheck.id, outcome, note, jointId, cause, angleDeg, gripMm],
      (id) =>
        ask(
          api.POST('/api/rechecks/{id}/result', {
            params: { path: { id: recheck.id } },
            body: {
              id,
              outcome,
              note,
              ...(outcome === 'MOVED'
                ? {
                    ...(jointId ? { jointId } : {}),
                    ...(cause ? { cause: cause as Schemas['MovedCauseChoice']['code'] } : {}),
                    angleDeg,
                    gripMm,
                  }
                : {}),
            },
          }),
        ),
      settled,
    );
</script>

<div class="settle">
  {#if recheck.targets.length}
    <table class="ledger">
      <thead><tr><th>Joint</th><th>Target</th><th>Set</th></tr></thead>
      <tbody>
        {#each recheck.targets as t (t.jointId)}
          <tr>
            <td
              >{t.title}{#if t.cured}<span class="soft"> compound cured</span>{/if}</td
            >
            <td class="figure">{t.target || 'no torque'}</td>
            <td class="figure">{t.setting || '–'}</td>
          </tr>
        {/each}
      </tbody>
    </table>
  {/if}
  <p>
    Set the target and pull slowly. It clicks without moving: it held. It moves before the click:
    say by how much and find out why. A joint with cured threadlocker is taken apart and redone.
  </p>
  <div class="note">
    <TextInput labelText="What was found" bind:value={note} maxlength={1000} />
  </div>
  <Button size="field" disabled={sending.busy} on:click={() => void settle('HELD')}>It held</Button>
  <details>
    <summary>It moved</summary>
    <div class="grid">
      {#if several}
        <Field
          label="Which joint"
          bind:value={jointId}
          message={sending.at(/^jointId$/)}
          options={joints}
        />
      {/if}
      <Field label="Why" bind:value={cause} message={sending.at(/^cause$/)} options={why} />
      <Field label="How far, degrees" bind:value={angleDeg} message={sending.at(/^angleDeg$/)} />
      <Field
        label="Thickness clamped, mm"
        bind:value={gripMm}
        message={sending.at(/^gripMm$/)}
        hint="tells the load"
      />
    </div>
    <Button
      size="field"
      kind="tertiary"
      disabled={sending.busy}
      on:click={() => void settle('MOVED')}>It moved</Button
    >
  </details>
  {#snippet joints()}
    <option value="">choose</option>
    {#each recheck.targets as t (t.jointId)}<option value={t.jointId}>{t.title}</option>{/each}
  {/snippet}
  {#snippet why()}
    <option value="">choose</option>
    {#each causes as c (c.code)}<option value={c.code}>{c.words}</option>{/each}
  {/snippet}
  {#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}
</div>

<style>
  .settle {
    display: grid;
    gap: 0.625rem;
    padding: 0.5rem 0 1rem;
    justify-items: start;
  }
  .settle > :global(*) {
    max-width: 44rem;
  }
  .note {
    width: 100%;
  }
  .grid {
    display: grid;
    grid-template-columns: repeat(auto-fit, minmax(12rem, 1fr));
    gap: 0.625rem;
    margin: 0.5rem 0;
    align-items: start;
  }
  summary {
    cursor: pointer;
    min-height: 2.5rem;
    line-height: 2.5rem;
    color: var(--copper);
  }
</style>
