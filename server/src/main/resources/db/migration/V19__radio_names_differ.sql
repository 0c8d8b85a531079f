-- Two requests at the same moment could give two radios one name: the check before the insert saw neither.
with twins as (
  select id, row_number() over (partition by lower(name) order by id) as number from radio_unit
)
update radio_unit unit set name = left(unit.name, 20) || ' ' || left(md5(unit.id), 8)
from twins where twins.id = unit.id and twins.number > 1;

create unique index radio_unit_name on radio_unit (lower(name));
