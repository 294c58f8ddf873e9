-- The language that a keeper has chosen, as its ISO 639 code; null for the one that the browser asks for.
alter table keeper add column language text check (language ~ '^[a-z]{2,3}$');
