<script lang="ts">
  import { here } from '../../../api/session.svelte';
  import WriteDown from '../WriteDown.svelte';
  import AddQuestion from './AddQuestion.svelte';
  import Elements from './Elements.svelte';
  import { JOB, type Json } from './fields';
  import type { Shape } from './shape.svelte';
  import ShapeFields from './ShapeFields.svelte';

  interface Props {
    shape: Shape;
    /** The way to the document of the job; empty for the one on the sheet. */
    within: string[];
    reload: () => void;
  }
  let { shape, within, reload }: Props = $props();

  const into = (list: string, item: (said: string, id: string) => Json) => ({
    send: async (said: string, id: string) => {
      await shape.change(
        [{ kind: 'INSERT', at: [...within, list], now: item(said.trim(), id) }],
        id,
      );
    },
  });
  const own = (id: string) => `own-${id.slice(0, 8)}`;
</script>

<ShapeFields
  document={shape.document}
  at={within}
  fields={JOB}
  differs={shape.differs}
  isLead={here.isLead}
  change={(edits, id, reason) => shape.change(edits, id, reason)}
  {reload}
/>

<h3>Questions of the job</h3>
<Elements {shape} {within} list="options" {reload} />
<AddQuestion {shape} {within} />
<Elements {shape} {within} list="around" {reload} />

<h3>Parts</h3>
<Elements {shape} {within} list="oneTimeParts" {reload} />
<Elements {shape} {within} list="parts" {reload} />
<WriteDown
  label="Another part"
  button="Add part"
  wide
  {...into('parts', (name) => ({ name, count: 1, role: 'NEW' }))}
/>
<WriteDown
  label="Another part used once"
  button="Add it"
  wide
  {...into('oneTimeParts', (name) => ({ name, count: 1 }))}
/>

<h3>Must fit</h3>
<Elements {shape} {within} list="fitChecks" {reload} />
<WriteDown
  label="Another question of fit"
  button="Add it"
  wide
  {...into('fitChecks', (question) => ({ question }))}
/>
<WriteDown
  label="Something to measure as found"
  button="Add it"
  wide
  {...into('asFound', (what) => ({ what }))}
/>
<WriteDown
  label="Something to inspect once it is clean"
  button="Add it"
  wide
  {...into('inspections', (what) => ({ what }))}
/>

<h3>Put together as one</h3>
<Elements {shape} {within} list="assemblies" {reload} />
<WriteDown
  label="Joints put together as one: its name"
  button="Add it"
  wide
  {...into('assemblies', (title, id) => ({ id: own(id), title, joints: shape.lastJoint(within) }))}
/>

<h3>Proved and looked at again</h3>
<Elements {shape} {within} list="rechecks" {reload} />
<WriteDown
  label="Why to look again after the first ride"
  button="Add it"
  wide
  {...into('rechecks', (why) => ({ why, afterFirstRide: true }))}
/>
<WriteDown
  label="Something to prove at the end"
  button="Add it"
  wide
  {...into('checks', (title, id) => ({ id: own(id), title, text: title }))}
/>
