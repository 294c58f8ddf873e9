-- Keys of what was sent, each in the transaction of its write, with the answer that it was given.
create table sent_write (
  sent_key  text not null check (length(sent_key) between 1 and 60),
  print     text not null,
  answer    text not null default '' check (length(answer) <= 4000),
  sent_at   timestamptz not null,
  primary key (sent_key, print)
);
create index sent_write_by_age on sent_write (sent_at);

-- One sandbox a tank. Where two were made at once, the newest stays; the others become tanks, so that nothing that was tried is lost.
update tank t set sandbox_of = null, sandbox_base = null
  where sandbox_of is not null and exists (select 1 from tank newer where newer.sandbox_of = t.sandbox_of and newer.id > t.id);
create unique index tank_sandbox on tank (sandbox_of) where sandbox_of is not null;

-- A place has both its shares or none.
update log_entry set x = null, y = null where (x is null) <> (y is null);
alter table log_entry add constraint log_entry_place check ((x is null) = (y is null));

-- What an incident's days were, where they are no days of a tank, stays readable in its own words.
update incident set what = left(concat_ws(' ', nullif(what, ''), '(Written down with the day ' || on_day || '.)'), 2000)
  where on_day < date '1990-01-01' or on_day > date '2100-12-31';

-- Days and moments lie between 1990 and 2135, figures are finite. What breaks that today, and a page with it, is brought to the nearest
-- day that can be, or to 'not said'.
do $$
declare
  t record;
  c record;
  mends text;
begin
  for t in select table_name from information_schema.tables
           where table_schema = current_schema() and table_type = 'BASE TABLE' and table_name not like 'flyway%' loop
    select string_agg(format('%1$I = case when %1$I is null then null else least(greatest(%1$I, %2$L), %3$L) end', column_name,
      '1990-01-01', '2135-12-30'), ', ') into mends
      from information_schema.columns
      where table_schema = current_schema() and table_name = t.table_name and data_type in ('date', 'timestamp with time zone');
    if mends is not null then
      execute format('update %I set %s', t.table_name, mends);
    end if;
    for c in select column_name, data_type from information_schema.columns
             where table_schema = current_schema() and table_name = t.table_name
               and data_type in ('date', 'timestamp with time zone', 'double precision') loop
      if c.data_type = 'double precision' then
        execute format('update %1$I set %2$I = null where %2$I >= ''Infinity'' or %2$I <= ''-Infinity''', t.table_name, c.column_name);
        execute format('alter table %1$I add constraint %3$I check (%2$I < ''Infinity'' and %2$I > ''-Infinity'')',
          t.table_name, c.column_name, t.table_name || '_' || c.column_name || '_finite');
      else
        execute format('alter table %1$I add constraint %3$I check (%2$I between ''1990-01-01'' and ''2135-12-31'')',
          t.table_name, c.column_name, t.table_name || '_' || c.column_name || '_day');
      end if;
    end loop;
  end loop;
end $$;
