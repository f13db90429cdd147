<script lang="ts">
  import { CheckmarkOutline } from 'carbon-icons-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import { moment } from '../../joint/figures';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import { asTyped, type Json } from './shape/fields';
  import type { Shape } from './shape/shape.svelte';

  interface Props {
    sheet: Schemas['JobSheet'];
    shape: Shape;
    may: boolean;
    reload: () => void;
  }
  let { sheet, shape, may, reload }: Props = $props();
  const sending = new Submission();
  let kept = $state.raw<Schemas['Kept'] | null>(null);
  const model = $derived(sheet.ofModel);
  const id = $derived(sheet.jobId);
  const said = (json: string | undefined) =>
    json === undefined ? 'nothing' : asTyped(JSON.parse(json) as Json) || json;
  const keep = () =>
    sending.send(
      ['keep', sheet.version],
      (newId) =>
        ask(
          api.POST('/api/jobs/{id}/model-pack', {
            params: { path: { id } },
            body: { id: newId },
          }),
        ),
      (answer) => (kept = answer),
    );
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
<p class="no-print">
  <button class="quiet" type="button" disabled={sending.busy} onclick={() => void keep()}>
    Save for this model
  </button>
  {#if kept}
    <span role="status">
      <CheckmarkOutline size={16} />
      {kept.titles.join(', ')} opens like this on {kept.model}{kept.forAll
        ? ', for everybody.'
        : ' for you; for the others once a lead has confirmed it.'}
    </span>
  {/if}
</p>
{#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}
