-- wishes
select concat_ws('|', tank_id, species, count, length_cm, captive_bred, leaves_on, leaves_why, want, box, comes_on, together, alone, price,
    risk, wished_on, coalesce(place, 0))
  from wish order by tank_id, id;
-- residents
select concat_ws('|', tank_id, species, count, length_cm, captive_bred, leaves_on, leaves_why, record_acts, record_hours, record_expected,
    coalesce(since::text, '?'))
  from resident order by tank_id, id;
-- lengths
select concat_ws('|', species, measured_on, cm) from measured_length join resident r on r.id = resident_id order by 1;
-- fish: who was called off in the box is a wish as before, and told there
select concat_ws('|', id, tank_id, species, name, role, part_of, acquired_on, shop, school, record_aside, picture_id, came_on,
    case when place = 'gone' then left_on end,
    case place when 'out' then case when resident_id is null then 'apart' else 'time-out' end
      when 'gone' then case when left_how = '' then 'dropped' else 'gone' end else place end)
  from fish where left_how <> 'called off in the box' order by id;
-- stays
select concat_ws('|', s.species, began_on, w.species) from quarantine_stay s left join wish w on w.id = wish_id order by s.id;
-- steps: of each fish of each kept plan its species, and that of the row that it names
select species || ':' || coalesce(case list when 'residents' then (select r.species from resident r where r.id = row and r.tank_id = tank)
    else (select w.species from wish w where w.id = row and w.tank_id = tank) end, '')
  from (select s.id, s.tank_id as tank, what, list, n, e ->> 'species' as species, (e ->> 'row')::bigint as row
    from plan_step s,
      lateral (values ('after', plan_after::jsonb), ('before', plan_before::jsonb)) p (what, plan),
      lateral (values ('residents'), ('wishes')) l (list),
      lateral jsonb_array_elements(plan -> list) with ordinality x (e, n)) named
  order by id, what, list, n;
