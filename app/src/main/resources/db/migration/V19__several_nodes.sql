-- How often a tank was written to: what a node keeps at hand of it holds as long as this number stands, whichever node has written.
create table tank_change (
  tank_id bigint primary key references tank (id) on delete cascade,
  version bigint not null default 1
);
alter table tank_change enable row level security;
create policy seen on tank_change for select using ((select asks_for_all()) or tank_id in (select tanks_seen()));
-- Whoever may write anything of a tank has changed it, and can do no more here than say so.
create function tank_changed(whose bigint) returns void
language plpgsql security definer set search_path = pg_catalog, public as $$
begin
  insert into public.tank_change (tank_id) select id from public.tank where id = whose
  on conflict (tank_id) do update set version = public.tank_change.version + 1;
end $$;

-- Work that one node does for all: its name, and until when the others leave it alone.
create table shedlock (
  name       varchar(64) primary key,
  lock_until timestamp not null,
  locked_at  timestamp not null,
  locked_by  varchar(255) not null
);
