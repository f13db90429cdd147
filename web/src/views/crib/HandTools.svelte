<script lang="ts">
  import { Button } from 'carbon-components-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import Field from '../../shell/Field.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  interface Props {
    said: Schemas['HandTool'][];
    again: () => Promise<void>;
  }
  let { said, again }: Props = $props();
  let name = $state('');
  const sending = new Submission();
  const there = $derived(said.filter((t) => t.here));

  const say = (tool: string, isHere: boolean) =>
    sending.send(
      [tool, isHere, said.length],
      (id) => ask(api.POST('/api/crib/hand-tools', { body: { id, name: tool, here: isHere } })),
      again,
    );
  /** Several at once, apart by commas. */
  async function add(e: SubmitEvent) {
    e.preventDefault();
    for (const one of name.split(/[,;\n]/).map((n) => n.trim())) {
      if (one && !(await say(one, true))) return;
    }
    name = '';
  }
</script>

{#if there.length === 0}
  <p class="soft">
    Nobody has listed any, so a plan cannot say what is missing. Once a first one is listed, each
    job says which of its sockets, keys and pullers are not here.
  </p>
{:else}
  <ul>
    {#each there as tool (tool.id)}
      <li>
        {tool.name}
        {#if here.mayWork}
          <button
            class="quiet"
            type="button"
            aria-label="{tool.name}: no longer here"
            onclick={() => void say(tool.name, false)}>Gone</button
          >
        {/if}
      </li>
    {/each}
  </ul>
{/if}
{#if here.mayWork}
  <form onsubmit={add} aria-label="Keys, sockets and special tools">
    <Field
      label="Another, or several apart by commas"
      hint="8 mm hex, 27 mm socket, bearing puller"
      bind:value={name}
      message={sending.at(/^name$/) || undefined}
    />
    <Button type="submit" size="field" kind="tertiary" disabled={sending.busy || !name.trim()}>
      {sending.busy ? 'Writing …' : 'It is here'}
    </Button>
  </form>
{/if}
{#if sending.besides(/^name$/) && sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}

<style>
  ul {
    list-style: none;
    columns: 16rem;
    column-gap: 2rem;
  }
  li {
    display: flex;
    justify-content: space-between;
    align-items: center;
    gap: 0.5rem;
    border-bottom: 1px solid var(--hairline-soft);
    break-inside: avoid;
  }
  form {
    display: grid;
    grid-template-columns: minmax(16rem, 32rem) auto;
    gap: 0.75rem;
    align-items: end;
    justify-content: start;
    padding-top: 0.75rem;
  }
</style>
