-- wishes
select concat_ws('|', tank_id, species, count, length_cm, coalesce(captive_bred, false), leaves_on, leaves_why, want, box, comes_on,
    together, alone, price, risk, wished_on, coalesce(hand_place, 0))
  from livestock where stage in ('wished', 'quarantine', 'box') order by tank_id, ordinal;
-- residents
select concat_ws('|', tank_id, species, count, length_cm, coalesce(captive_bred, false), leaves_on, leaves_why, record_acts, record_hours,
    record_expected, coalesce(came_on::text, '?'))
  from livestock where part_of is null and stage in ('display', 'back-in-box', 'time-out', 'missing') order by tank_id, ordinal;
-- lengths
select concat_ws('|', species, measured_on, cm) from livestock_length join livestock l on l.id = livestock_id order by 1;
-- fish: who had a history before
select concat_ws('|', id, tank_id, species, name, role, part_of, acquired_on, shop, school, record_aside, picture_id, came_on, left_on,
    case stage when 'display' then 'tank' when 'back-in-box' then 'box' else stage end)
  from livestock where id <= (select fish from before_livestock)
    and (stage <> 'wished' or came_count is null) order by id;
-- stays
select concat_ws('|', s.species, began_on, l.species) from quarantine_stay s left join livestock l on l.id = livestock_id order by s.id;
-- steps: of each fish of each kept plan its species, and that of the row that it names
select species || ':' || coalesce((select l.species from livestock l where l.id = row and l.tank_id = tank
    and stage not in ('dropped', 'gone') and (list = 'residents') = (stage in ('display', 'back-in-box', 'time-out', 'missing'))), '')
  from (select s.id, s.tank_id as tank, what, list, n, e ->> 'species' as species, (e ->> 'row')::bigint as row
    from plan_step s,
      lateral (values ('after', plan_after::jsonb), ('before', plan_before::jsonb)) p (what, plan),
      lateral (values ('residents'), ('wishes')) l (list),
      lateral jsonb_array_elements(plan -> list) with ordinality x (e, n)) named
  order by id, what, list, n;
