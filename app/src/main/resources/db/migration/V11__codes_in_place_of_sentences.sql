-- What Pelluna itself notes is kept as codes with their arguments, in JSON, and no longer as sentences. What earlier releases
-- wrote in words stays, and is shown as it was written.
alter table log_entry add column own text;
alter table probe drop constraint probe_trouble_check;

-- A way in that ended: how, and what the keeper said of it.
alter table bringing_in add column ended_as text not null default '';
update bringing_in set ended_as = case when ended_how = 'no longer here' then 'left' else 'called-off' end where ended_at is not null;
update bringing_in set ended_how = '' where ended_how in ('no longer here', 'called off');

update quarantine_stay set ended_how = case
    when ended_how like 'into the tank''s see-through box on %' then 'into-box'
    when ended_how like 'into the tank on %' then 'into-tank'
    when ended_how like 'died in quarantine on %' then 'died'
    when ended_how like 'left quarantine otherwise on %' then 'otherwise'
    else ended_how end
  where ended_on is not null;
