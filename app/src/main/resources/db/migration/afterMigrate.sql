-- The role in which the program asks: it owns nothing, so that the policies of the tables hold for it. Roles belong to a cluster and
-- not to a database, and are not in a backup; so this is seen to at every start.
do $$
begin
  if not exists (select 1 from pg_roles where rolname = 'pelluna_asks') then
    create role pelluna_asks nologin;
  end if;
exception when duplicate_object or unique_violation then
  null; -- another database of this cluster was quicker
end $$;
do $$
begin
  if not pg_has_role(current_user, 'pelluna_asks', 'member') then
    execute format('grant pelluna_asks to %I', current_user);
  end if;
end $$;
grant usage on schema public to pelluna_asks;
grant select, insert, update, delete on all tables in schema public to pelluna_asks;
grant usage, select on all sequences in schema public to pelluna_asks;
-- a tank stays in the hands that it was made in
do $$
begin
  if exists (select 1 from information_schema.tables where table_schema = 'public' and table_name = 'tank_member') then
    revoke update on tank from pelluna_asks;
    execute (select format('grant update (%s) on tank to pelluna_asks', string_agg(quote_ident(column_name), ', '))
      from information_schema.columns
      where table_schema = 'public' and table_name = 'tank' and column_name not in ('id', 'keeper_id'));
  end if;
end $$;
revoke all on flyway_schema_history from pelluna_asks;
