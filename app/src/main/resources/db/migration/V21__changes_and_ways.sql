-- Whatever writes a row of a tank has changed it: a page, a job, or who looks after the database by hand.
-- Once in a transaction is enough, for nobody sees the number before all of it is there.
create or replace function tank_changed(whose bigint) returns void
language plpgsql security definer set search_path = pg_catalog, public as $$
declare
  said text := coalesce(current_setting('pelluna.changed', true), '');
begin
  if position(',' || whose || ',' in said) = 0 then
    insert into public.tank_change (tank_id) select id from public.tank where id = whose
    on conflict (tank_id) do update set version = public.tank_change.version + 1;
    perform set_config('pelluna.changed', said || ',' || whose || ',', true);
  end if;
end $$;

create function rows_changed() returns trigger
language plpgsql security definer set search_path = pg_catalog, public as $$
begin
  perform public.tank_changed(tank_id) from (select distinct tank_id from written where tank_id is not null) t;
  return null;
end $$;

create function tanks_changed() returns trigger
language plpgsql security definer set search_path = pg_catalog, public as $$
begin
  perform public.tank_changed(id) from written;
  return null;
end $$;

do $$
declare
  t text;
begin
  for t in select table_name from information_schema.columns join information_schema.tables using (table_schema, table_name)
    where table_schema = 'public' and column_name = 'tank_id' and table_type = 'BASE TABLE' and table_name <> 'tank_change'
  loop
    execute format('create trigger changed_by_insert after insert on %I referencing new table as written
      for each statement execute function rows_changed()', t);
    execute format('create trigger changed_by_update after update on %I referencing new table as written
      for each statement execute function rows_changed()', t);
    execute format('create trigger changed_by_delete after delete on %I referencing old table as written
      for each statement execute function rows_changed()', t);
  end loop;
end $$;
create trigger changed_by_update after update on tank referencing new table as written
  for each statement execute function tanks_changed();

-- The newest lines about one fish, in a log of years.
create index log_entry_of_fish on log_entry (fish_id, at desc, id desc);
create index log_entry_against on log_entry (other_id, at desc, id desc) where other_id is not null;
drop index log_entry_by_other;

-- How far sheets are that are looked through or taken in just now, by the name that their page gave them, for whichever node is asked.
create table sheet_way (
  name    varchar(64) primary key,
  done    bigint not null default 0,
  of_rows bigint not null default 0,
  stopped boolean not null default false,
  seen_at timestamptz not null default now()
);
