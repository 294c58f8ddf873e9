-- One life of a fish: what was a wish, a resident and a fish by themselves becomes one row of livestock, with what happened to it.

-- Whoever lives in a plan and has no history yet gets one, as reading the pages used to see to.
do $$
declare
  r record;
  found bigint;
begin
  for r in select * from resident lives where not exists (select 1 from fish f where f.resident_id = lives.id) order by id loop
    select f.id into found from fish f
      where f.tank_id = r.tank_id and f.species = r.species and f.resident_id is null and f.part_of is null
        and (f.place = 'tank' or f.place = 'gone' and f.left_how = ''
          or f.place = 'box' and f.wish_id is not null and not exists (select 1 from wish w where w.id = f.wish_id))
      order by f.id limit 1;
    if found is null then
      insert into fish (tank_id, species, count, came_count, resident_id, came_on, captive_bred)
        values (r.tank_id, r.species, r.count, r.count, r.id, r.since, nullif(r.captive_bred, false));
    else
      update fish set resident_id = r.id, place = 'tank', left_on = null, left_how = '' where id = found;
    end if;
  end loop;
end $$;
update fish f set place = 'gone', resident_id = null, left_on = current_date, left_how = ''
  where f.part_of is null and f.place <> 'gone'
    and (f.resident_id is null and f.place = 'tank'
      or f.resident_id is not null and not exists (select 1 from resident r where r.id = f.resident_id));
update fish m set place = 'gone', left_on = current_date, left_how = ''
  from fish g where g.id = m.part_of and g.place = 'gone' and m.place <> 'gone';
update fish m set place = 'tank', left_on = null
  from fish g where g.id = m.part_of and g.place <> 'gone' and m.place = 'gone' and m.left_how = '';

alter table fish rename to livestock;
alter index fish_by_tank rename to livestock_by_tank;
alter table livestock
  add column stage text not null default 'wished' check (stage in ('wished', 'quarantine', 'box', 'display', 'back-in-box', 'time-out',
    'missing', 'apart', 'dropped', 'gone')),
  add column ordinal integer not null default 0,
  add column again_of bigint references livestock (id) on delete set null,
  add column length_cm double precision check (length_cm < 'Infinity' and length_cm > '-Infinity'),
  add column leaves_on date check (leaves_on between '1990-01-01' and '2135-12-31'),
  add column leaves_why text not null default '' check (length(leaves_why) <= 200),
  add column want integer not null default 3 check (want between 1 and 5),
  add column hand_place integer check (hand_place between 1 and 200),
  add column box boolean not null default false,
  add column comes_on date check (comes_on between '1990-01-01' and '2135-12-31'),
  add column together integer check (together between 1 and 99),
  add column alone boolean not null default false,
  add column risk text not null default 'none' check (risk in ('none', 'box-and-gate', 'ground-anew')),
  add column record_acts integer check (record_acts >= 0),
  add column record_hours double precision check (record_hours >= 0 and record_hours < 'Infinity'),
  add column record_expected double precision check (record_expected >= 0 and record_expected < 'Infinity');

-- Which row is which life from here on: r for residents, w for wishes.
create temporary table moved (kind text, old bigint, life bigint, primary key (kind, old));
insert into moved select 'r', resident_id, id from livestock where resident_id is not null;
insert into moved select distinct on (wish_id) 'w', wish_id, f.id
  from livestock f join wish w on w.id = f.wish_id and w.tank_id = f.tank_id
  where (f.place = 'box' or f.place = 'gone' and f.left_how = 'called off in the box') and f.resident_id is null and f.part_of is null
  order by wish_id, f.place, f.id desc;

update livestock l set
    count = r.count, came_count = greatest(coalesce(l.came_count, l.count), r.count), came_on = coalesce(r.since, l.came_on),
    captive_bred = case when r.captive_bred then true else l.captive_bred end, length_cm = r.length_cm,
    leaves_on = r.leaves_on, leaves_why = r.leaves_why,
    record_acts = r.record_acts, record_hours = r.record_hours, record_expected = r.record_expected,
    ordinal = r.ordinal,
    stage = case l.place when 'box' then 'back-in-box' when 'out' then 'time-out' when 'missing' then 'missing' else 'display' end
  from (select *, row_number() over (partition by tank_id order by id) - 1 as ordinal from resident) r
  where l.resident_id = r.id;

-- Wishes that wait in the box, or were called off in it, have a row already; the others get theirs, in their order.
do $$
declare
  w record;
  life bigint;
begin
  for w in select * from wish where not exists (select 1 from moved m where m.kind = 'w' and m.old = wish.id) order by id loop
    insert into livestock (tank_id, species, wished_on) values (w.tank_id, w.species, w.wished_on) returning id into life;
    insert into moved values ('w', w.id, life);
  end loop;
end $$;
update livestock l set
    count = w.count, captive_bred = case when w.captive_bred then true else l.captive_bred end, length_cm = w.length_cm,
    leaves_on = w.leaves_on, leaves_why = w.leaves_why, wished_on = coalesce(l.wished_on, w.wished_on),
    want = w.want, hand_place = w.place, box = w.box, comes_on = w.comes_on, together = w.together, alone = w.alone,
    price = coalesce(w.price, l.price), risk = w.risk, left_on = null,
    came_count = case when l.wish_id is null then null else l.came_count end, ordinal = 1000 + w.ordinal,
    stage = case when l.place = 'box' then 'box' when exists (select 1 from quarantine_stay s where s.wish_id = w.id and s.ended_on is null)
      then 'quarantine' else 'wished' end
  from (select wish.*, moved.life, row_number() over (partition by tank_id order by id) as ordinal
    from wish join moved on moved.kind = 'w' and moved.old = wish.id) w
  where l.id = w.life;

-- Everybody else: named members, whoever is gone, and whoever is kept apart without a place in the plan.
update livestock l set
    came_count = coalesce(came_count, count),
    stage = case when place = 'gone' then case when left_how = '' then 'dropped' else 'gone' end
      when part_of is null then 'apart'
      when place = 'box' then 'back-in-box' when place = 'out' then 'time-out' when place = 'missing' then 'missing' else 'display' end
  where not exists (select 1 from moved m where m.life = l.id);

-- What happened to each, in its order, as far as it was written down.
create table livestock_event (
  id            bigint generated by default as identity primary key,
  livestock_id  bigint not null references livestock (id) on delete cascade,
  event         text not null,
  on_day        date check (on_day between '1990-01-01' and '2135-12-31'),
  note          text not null default '' check (length(note) <= 200),
  recorded_at   timestamptz not null default now(),
  version       integer not null default 0
);
insert into livestock_event (livestock_id, event, on_day, note)
  select id, event, on_day, note from (
    select id, 1 as step, 'wished' as event, wished_on as on_day, '' as note from livestock
      where wished_on is not null or stage in ('wished', 'quarantine', 'box')
    union all select l.id, 2, 'boxed', cast(max(b.boxed_at) as date), '' from livestock l left join bringing_in b on b.fish_id = l.id
      where l.stage in ('wished', 'quarantine') and l.left_how <> '' group by l.id
    union all select l.id, 3, 'called-off', cast(max(b.ended_at) as date), '' from livestock l left join bringing_in b on b.fish_id = l.id
      where l.stage in ('wished', 'quarantine') and l.left_how <> '' group by l.id
    union all select l.id, 4, 'quarantined', max(s.began_on), '' from livestock l join moved m on m.kind = 'w' and m.life = l.id
      join quarantine_stay s on s.wish_id = m.old and s.ended_on is null where l.stage = 'quarantine' group by l.id
    union all select id, 5, 'kept-apart', null, '' from livestock where stage = 'apart'
    union all select l.id, 6, 'boxed', cast(max(b.boxed_at) as date), '' from livestock l left join bringing_in b on b.fish_id = l.id
      where l.stage = 'box' group by l.id
    union all select id, 7, 'came', came_on, '' from livestock
      where came_on is not null or part_of is not null or stage in ('display', 'back-in-box', 'time-out', 'missing')
    union all select id, 8, 'boxed-again', null, '' from livestock where stage = 'back-in-box'
    union all select id, 8, 'timed-out', null, '' from livestock where stage = 'time-out'
    union all select l.id, 8, 'missed', max(m.since_on), '' from livestock l
      left join missing m on m.fish_id = l.id and m.ended_on is null where l.stage = 'missing' group by l.id
    union all select id, 9, 'taken-off', left_on, '' from livestock where stage = 'dropped'
    union all select l.id, 9, case when l.left_how = 'taken back' then 'never-was' else coalesce(d.how, 'left') end, l.left_on,
        case when l.left_how = 'taken back' or d.how is not null and l.left_how ~ '^(lost|rehomed|given back|traded in) on '
          then '' else l.left_how end
      from livestock l left join lateral (select how from departure d where d.fish_id = l.id and d.replaced_by is null
        and d.taken_back is null order by d.id desc limit 1) d on true
      where l.stage = 'gone') happened
  order by id, step;
create index livestock_event_by_livestock on livestock_event (livestock_id, id);

create table livestock_length (
  livestock_id  bigint not null references livestock (id) on delete cascade,
  measured_on   date not null check (measured_on between '1990-01-01' and '2135-12-31'),
  cm            double precision not null check (cm > 0 and cm <= 300),
  primary key (livestock_id, measured_on)
);
insert into livestock_length select m.life, l.measured_on, l.cm from measured_length l
  join moved m on m.kind = 'r' and m.old = l.resident_id;
drop table measured_length;

alter table quarantine_stay add column livestock_id bigint references livestock (id) on delete set null;
update quarantine_stay s set livestock_id = m.life from moved m where m.kind = 'w' and m.old = s.wish_id;
alter table quarantine_stay drop column wish_id;

-- Plans that are kept as text name their fish by the new numbers. A fish that was taken off since is found again by its species.
insert into moved
  select 'r', stale.old, life.id from (
      select tank_id, species, old, row_number() over (partition by tank_id, species order by old) as n from (
        select distinct s.tank_id, e ->> 'species' as species, (e ->> 'row')::bigint as old
          from plan_step s, jsonb_array_elements(coalesce(s.plan_before::jsonb -> 'residents', '[]')) e where e ->> 'row' is not null) rows
      where not exists (select 1 from moved m where m.kind = 'r' and m.old = rows.old)) stale
    join (select id, tank_id, species, row_number() over (partition by tank_id, species order by id) as n
      from livestock where stage = 'dropped' and part_of is null) life
    on life.tank_id = stale.tank_id and life.species = stale.species and life.n = stale.n
  on conflict do nothing;
create function pg_temp.renumbered(list jsonb, which text) returns jsonb language sql as $$
  select coalesce(jsonb_agg(case when not e ? 'row' then e when m.life is null then e - 'row'
      else jsonb_set(e, '{row}', to_jsonb(m.life)) end order by n), '[]')
    from jsonb_array_elements(coalesce(list, '[]')) with ordinality as x (e, n)
    left join moved m on m.kind = which and m.old = (e ->> 'row')::bigint
$$;
create function pg_temp.renumbered(plan text) returns text language sql as $$
  select (p || jsonb_build_object(
      'residents', pg_temp.renumbered(p -> 'residents', 'r'), 'wishes', pg_temp.renumbered(p -> 'wishes', 'w')))::text
    from (select plan::jsonb as p) read
$$;
update plan_step set plan_before = pg_temp.renumbered(plan_before), plan_after = pg_temp.renumbered(plan_after);
update tank set sandbox_base = pg_temp.renumbered(sandbox_base) where sandbox_base is not null;
update kept_word set plan = pg_temp.renumbered(plan) where plan like '%"row"%';
update departure set was = (was::jsonb - 'row')::text where was is not null;

alter table livestock drop column resident_id, drop column wish_id, drop column place, drop column left_how;
drop table resident, wish;
drop table moved;
