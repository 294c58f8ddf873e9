-- Who may see what is asked in every statement. A function in SQL is planned anew each time it is called, one in PL/pgSQL once for each
-- connection; what they answer is as it was.
create or replace function tanks_seen() returns setof bigint
language plpgsql stable security definer set search_path = pg_catalog, public as $$
declare
  who bigint := public.asking();
begin
  return query
    select id from public.tank where keeper_id = who
    union all select tank_id from public.tank_member where keeper_id = who
    union all select t.id from public.tank t join public.tank_member m on m.tank_id = t.sandbox_of where m.keeper_id = who;
end $$;
create or replace function tanks_written() returns setof bigint
language plpgsql stable security definer set search_path = pg_catalog, public as $$
declare
  who bigint := public.asking();
begin
  return query
    select id from public.tank where keeper_id = who
    union all select tank_id from public.tank_member where keeper_id = who and role <> 'viewer'
    union all select t.id from public.tank t join public.tank_member m on m.tank_id = t.sandbox_of
      where m.keeper_id = who and m.role = 'adviser';
end $$;
create or replace function tanks_planned() returns setof bigint
language plpgsql stable security definer set search_path = pg_catalog, public as $$
declare
  who bigint := public.asking();
begin
  return query
    select id from public.tank where keeper_id = who
    union all select tank_id from public.tank_member where keeper_id = who and role = 'adviser'
    union all select t.id from public.tank t join public.tank_member m on m.tank_id = t.sandbox_of
      where m.keeper_id = who and m.role = 'adviser';
end $$;
create or replace function keepers_seen() returns setof bigint
language plpgsql stable security definer set search_path = pg_catalog, public as $$
begin
  return query select keeper_id from public.tank where id in (select public.tanks_seen());
end $$;
