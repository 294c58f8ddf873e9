-- A wish that its keeper takes though Pelluna refuses it, and how.
alter table wish add column risk text not null default 'none' check (risk in ('none', 'box-and-gate', 'ground-anew'));
