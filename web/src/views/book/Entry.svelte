<script lang="ts">
  import { WarningAlt } from 'carbon-icons-svelte';
  import { Button, TextInput } from 'carbon-components-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import { moment } from '../../joint/figures';
  import Loaded from '../../shell/Loaded.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';
  import ValueForm from './ValueForm.svelte';

  interface Props {
    id: string;
    sources: Schemas['Named'][];
    conditions: Schemas['Named'][];
    changed: () => void;
  }
  let { id, sources, conditions, changed }: Props = $props();
  let doing = $state<'' | 'change' | 'note' | 'back'>('');
  let words = $state('');
  const sending = new Submission();
  const load = () => ask(api.GET('/api/book/values/{id}', { params: { path: { id } } }));
  const path = $derived({ params: { path: { id } } });

  const confirm = (show: (e: Schemas['BookEntry']) => void) =>
    sending.send(
      [id, 'confirm'],
      (newId) =>
        ask(api.POST('/api/book/values/{id}/confirmations', { ...path, body: { id: newId } })),
      (entry) => {
        show(entry);
        changed();
      },
    );
  async function write(e: SubmitEvent, show: (e: Schemas['BookEntry']) => void) {
    e.preventDefault();
    await sending.send(
      [id, doing, words],
      (newId) =>
        doing === 'note'
          ? ask(api.POST('/api/book/values/{id}/notes', { ...path, body: { id: newId, words } }))
          : ask(
              api.POST('/api/book/values/{id}/withdrawals', {
                ...path,
                body: { id: newId, reason: words },
              }),
            ),
      (entry) => {
        const back = doing === 'back';
        [doing, words] = ['', ''];
        show(entry);
        if (back) changed();
      },
    );
  }
</script>

<Loaded {load}>
  {#snippet children(entry, show)}
    {#each [...entry.doubts.slips, ...entry.doubts.conflicts] as doubt (doubt)}
      <p class="warn doubt"><WarningAlt size={16} /> {doubt}</p>
    {/each}
    {#each entry.notes as note (note.saidAt + note.words)}
      <p>{note.words} <span class="soft">{note.saidBy}, {moment(note.saidAt)}</span></p>
    {/each}
    {#if here.mayWork && !entry.value.goneWhy}
      <div class="acts">
        {#if !entry.value.confirmedBy && entry.value.saidById !== here.person?.id}
          {#if here.isLead || !entry.critical}
            <button class="quiet" type="button" onclick={() => void confirm(show)}>
              I looked, it stands there so
            </button>
          {:else}
            <span class="soft">A critical joint: a lead confirms.</span>
          {/if}
        {/if}
        <button class="quiet" type="button" onclick={() => (doing = 'change')}>
          It says something else now
        </button>
        <button class="quiet" type="button" onclick={() => (doing = 'note')}>
          Note where it does not hold
        </button>
        <button class="quiet" type="button" onclick={() => (doing = 'back')}>Take it back</button>
      </div>
    {/if}
    {#if doing === 'change'}
      <ValueForm
        {sources}
        {conditions}
        value={entry.value}
        taken={() => {
          doing = '';
          changed();
        }}
      />
    {:else if doing === 'note' || doing === 'back'}
      <form onsubmit={(e) => void write(e, show)}>
        <TextInput
          labelText={doing === 'note' ? 'What to know of it' : 'What is wrong with it'}
          bind:value={words}
          maxlength={500}
          autocomplete="off"
        />
        <Button type="submit" size="field" kind="tertiary" disabled={sending.busy || !words.trim()}>
          {doing === 'note' ? 'Note it' : 'Take it back'}
        </Button>
      </form>
    {/if}
    {#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}
    {#if entry.besides.length}
      <p class="of">Stated besides for this joint</p>
      <ul>
        {#each entry.besides as other (other.id)}
          <li>
            <span class="figure">{other.torque}</span>
            {other.document} <span class="soft">{other.saidBy}</span>
          </li>
        {/each}
      </ul>
    {/if}
    <p class="of">What it was before</p>
    <ul>
      {#each entry.before as earlier (earlier.id)}
        <li>
          <span class="figure">{earlier.torque}</span>
          {earlier.document}
          <span class="soft">
            entered by {earlier.saidBy}, {moment(earlier.saidAt)}; {earlier.goneWhy}
            {#if earlier.goneBy}by {earlier.goneBy}, {moment(earlier.goneAt ?? '')}{/if}
          </span>
        </li>
      {:else}
        <li class="soft">
          So since it was entered, {moment(entry.value.saidAt)}{entry.value.jobNumber
            ? `, at job ${entry.value.jobNumber}`
            : ''}.
        </li>
      {/each}
    </ul>
  {/snippet}
</Loaded>

<style>
  .doubt {
    display: flex;
    gap: 0.5rem;
    align-items: center;
  }
  .acts {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.5rem;
    align-items: center;
  }
  form {
    display: grid;
    grid-template-columns: minmax(14rem, 36rem) auto;
    gap: 0.75rem;
    align-items: end;
    justify-content: start;
    padding: 0.5rem 0;
  }
  ul {
    list-style: none;
  }
  .of {
    font-weight: 600;
    margin-top: 0.5rem;
    font-size: 0.75rem;
    color: var(--ink-soft);
  }
</style>
