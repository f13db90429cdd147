<script lang="ts">
  import { api, ask } from '../../api/client';
  import { here } from '../../api/session.svelte';
  import { moment } from '../../joint/figures';
  import Loaded from '../../shell/Loaded.svelte';
  import Calendars from './Calendars.svelte';
  import Crew from './Crew.svelte';
  import Doors from './Doors.svelte';
  import Own from './Own.svelte';
  import Rules from './Rules.svelte';
  import Whole from './Whole.svelte';

  const load = () => ask(api.GET('/api/settings'));
</script>

<svelte:head><title>Settings · Unimetric</title></svelte:head>
<Loaded {load}>
  {#snippet children(page, again)}
    <h1>Settings</h1>
    <nav aria-label="On this page">
      {#if here.isLead}<a href="#people">People</a>{/if}
      <a href="#rules">The workshop’s rules</a>
      <a href="#own">Your sign-in</a>
      <a href="#calendars">Calendars</a>
      <a href="#changes">What was changed</a>
      {#if here.isLead}<a href="#doors">At the doors</a><a href="#whole">The whole workshop</a>{/if}
    </nav>
    {#if here.isLead}<Crew />{/if}
    <Rules {page} taken={again} />
    <Own />
    <Calendars />
    <h2 id="changes">What was changed</h2>
    {#if page.changes.length === 0}
      <p class="soft">
        Nothing yet: all is as a workshop begins with. Each change will stand here with its date and
        who made it, and each plan says by which it was made.
      </p>
    {:else}
      <ol class="lines">
        {#each page.changes as change (change.version)}
          <li>
            <strong>{change.version}</strong>
            <span class="soft">{moment(change.saidAt)}, {change.saidBy}</span>
            {#each change.changed.split('\n') as line (line)}<div>{line}</div>{/each}
          </li>
        {/each}
      </ol>
    {/if}
    {#if here.isLead}<Doors /><Whole />{/if}
  {/snippet}
</Loaded>

<style>
  nav {
    display: flex;
    flex-wrap: wrap;
    gap: 0 1.5rem;
  }
  nav a {
    min-height: 2.5rem;
    line-height: 2.5rem;
  }
</style>
