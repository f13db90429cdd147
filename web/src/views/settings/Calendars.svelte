<script lang="ts">
  import { Button, TextInput } from 'carbon-components-svelte';
  import { api, ask, type Schemas } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { Submission } from '../../api/submission.svelte';
  import { moment } from '../../joint/figures';
  import Loaded from '../../shell/Loaded.svelte';
  import TroubleNote from '../../shell/TroubleNote.svelte';

  type Feed = Schemas['Feed'];
  const load = () => ask(api.GET('/api/calendar/feeds'));
  let name = $state('');
  let made = $state.raw<Schemas['NewAddress'] | null>(null);
  const sending = new Submission();
  const make = (again: (feeds: Feed[]) => void) =>
    sending.send(
      name,
      (id) => ask(api.POST('/api/calendar/feeds', { body: { id, name } })),
      async (fresh) => {
        made = fresh;
        name = '';
        again(await load());
      },
    );
  const revoke = (feed: Feed, again: (feeds: Feed[]) => void) =>
    sending.send(
      feed.id,
      () => ask(api.DELETE('/api/calendar/feeds/{id}', { params: { path: { id: feed.id } } })),
      (left) => {
        if (made?.feed.id === feed.id) made = null;
        again(left);
      },
    );
</script>

<h2 id="calendars">Look again, in your calendar</h2>
<p class="soft">
  <a href="/api/calendar/rechecks.ics" download>One file, as it is now</a>, or an address your
  calendar reads by itself. Whoever has the address reads it, without signing in, until it is
  revoked. What falls due by distance alone has no day and stands on Today only.
</p>
<Loaded {load}>
  {#snippet children(feeds, again)}
    {#if feeds.length}
      <ul class="lines">
        {#each feeds as feed (feed.id)}
          <li>
            <strong>{feed.name}</strong>
            <span class="soft">
              made by {feed.madeBy}, {moment(feed.madeAt)}; {feed.lastReadAt
                ? `last read ${moment(feed.lastReadAt)}`
                : 'not read yet'}
            </span>
            {#if here.isLead || feed.madeById === here.person?.id}
              <button class="quiet" type="button" onclick={() => void revoke(feed, again)}>
                Revoke
              </button>
            {/if}
          </li>
        {/each}
      </ul>
    {/if}
    {#if made}
      <p class="made" role="status">
        The address of “{made.feed.name}”, told this once:
        <code>{made.address}</code>
      </p>
    {/if}
    {#if here.mayWork}
      <form
        onsubmit={(e) => {
          e.preventDefault();
          void make(again);
        }}
      >
        <TextInput labelText="Whose calendar" bind:value={name} maxlength={100} />
        <Button type="submit" kind="tertiary" size="field" disabled={!name.trim() || sending.busy}>
          Make an address
        </Button>
      </form>
    {/if}
    {#if sending.trouble}<TroubleNote trouble={sending.trouble} />{/if}
  {/snippet}
</Loaded>

<style>
  .made {
    border-left: 3px solid var(--copper);
    padding: 0.5rem 0.75rem;
  }
  code {
    display: block;
    overflow-wrap: anywhere;
    user-select: all;
  }
  form {
    display: flex;
    flex-wrap: wrap;
    gap: 0.75rem;
    align-items: end;
    max-width: 30rem;
  }
</style>
