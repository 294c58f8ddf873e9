-- A fish that was seen in a shop and is slept on: it stands in no list of the plan.
alter table livestock drop constraint livestock_stage_check;
alter table livestock add constraint livestock_stage_check check (stage in ('slept-on', 'wished', 'quarantine', 'box', 'display',
  'back-in-box', 'time-out', 'missing', 'apart', 'dropped', 'gone'));
