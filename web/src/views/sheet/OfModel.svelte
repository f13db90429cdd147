<script lang="ts">
  import { CheckmarkOutline } from 'carbon-icons-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import { moment } from '../../joint/figures';
  import Field from '../../shell/Field.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import { asTyped, type Json } from './shape/fields';
  import type { Shape } from './shape/shape.svelte';
  import { onSheet } from './turns';

  interface Props {
    sheet: Schemas['JobSheet'];
    shape: Shape;
    may: boolean;
    reload: () => void;
  }
  let { sheet, shape, may, reload }: Props = $props();
  const sending = new Submission(onSheet);
  const besides = $derived(sending.besides(/^year/));
  let kept = $state.raw<Schemas['Kept'] | null>(null);
  const model = $derived(sheet.ofModel);
  const id = $derived(sheet.jobId);
  const said = (json: string | undefined) =>
    json === undefined ? 'nothing' : asTyped(JSON.parse(json) as Json) || json;
  // svelte-ignore state_referenced_locally
  let from = $state(String(sheet.machine.modelYear));
  // svelte-ignore state_referenced_locally
  let to = $state(String(sheet.machine.modelYear));
  const keep = (e: SubmitEvent) => {
    e.preventDefault();
    return sending.send(
      ['keep', sheet.version, from, to],
      (newId) =>
        ask(
          api.POST('/api/jobs/{id}/model-pack', {
            params: { path: { id } },
            body: { id: newId, yearFrom: Number(from), yearTo: Number(to) },
          }),
        ),
      (answer) => (kept = answer),
    );
  };
  const confirm = (of: string) =>
    sending.send(
      ['confirm', of],
      async () => {
        await api.POST('/api/model-packs/{id}/confirmation', { params: { path: { id: of } } });
      },
      reload,
    );
  const theirs = (d: Schemas['ShapeDifference']) =>
    sending.send(['theirs', d], (newId) =>
      shape.change(
        [
          {
            kind: 'PUT',
            at: d.at,
            ...(d.shop === undefined ? {} : { was: JSON.parse(d.shop) as Json }),
            ...(d.catalogue === undefined ? {} : { now: JSON.parse(d.catalogue) as Json }),
          },
        ],
        newId,
      ),
    );
</script>

{#if model}
  <section aria-label="As last done on this model">
    <p>
      As <strong>{model.savedBy}</strong> did it on this model, {moment(model.savedAt)};
      {model.confirmedBy
        ? `confirmed by ${model.confirmedBy}`
        : 'not confirmed for the others yet'}.
      {#if !model.confirmedBy && here.isLead}
        <button class="quiet" type="button" onclick={() => void confirm(model.id)}>
          Confirm it for all
        </button>
      {/if}
    </p>
    {#if model.taken.length}
      <p class="soft">
        The catalogue changed since; taken over: {model.taken
          .map((d) => d.at.join(' · '))
          .join(', ')}.
      </p>
    {/if}
    {#each model.both as d (d.at.join('/'))}
      <p class="warn">
        {d.at.join(' · ')}: here {said(d.shop)}, in the catalogue now {said(d.catalogue)}.
        {#if may}
          <button class="quiet" type="button" onclick={() => void theirs(d)}>
            Take the catalogue’s
          </button>
        {/if}
      </p>
    {/each}
  </section>
{/if}
{#if shape.differs.length}
  <p class="soft">
    {shape.differs.length}
    {shape.differs.length === 1 ? 'place differs' : 'places differ'} from the catalogue.
  </p>
{/if}
<form class="keep no-print" onsubmit={(e) => void keep(e)}>
  <Field
    label="Years from"
    bind:value={from}
    inputmode="numeric"
    message={sending.at(/yearFrom/)}
  />
  <Field label="to" bind:value={to} inputmode="numeric" message={sending.at(/yearTo/)} />
  <button class="quiet" type="submit" disabled={sending.busy}>Save for this model</button>
</form>
<p class="no-print">
  {#if kept}
    <span role="status">
      <CheckmarkOutline size={16} />
      {kept.titles.join(', ')} opens like this on {kept.model}{kept.forAll
        ? ', for everybody.'
        : ' for you; for the others once a lead has confirmed it.'}
    </span>
    {#if kept.notKept.length}
      <span class="warn">
        Not kept, as it belongs to none of the jobs of this visit: {kept.notKept.join(', ')}.
      </span>
    {/if}
  {/if}
</p>
{#if besides}<TroubleNote trouble={besides} />{/if}

<style>
  .keep {
    display: grid;
    grid-template-columns: 6rem 6rem auto;
    gap: 0.75rem;
    align-items: end;
    justify-content: start;
  }
</style>
