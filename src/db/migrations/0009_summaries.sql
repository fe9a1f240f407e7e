-- What the list of stands is read from, with the version of what wrote it and how far the journal had come. An older build beside this one
-- writes only `body`; a row whose `version` is lower, or whose `seq` is not the journal's, is made anew when it is read.
alter table summaries
  add column version integer not null default 0,
  add column seq integer not null default 0,
  add column facts json,
  add column stage text not null default '',
  add column at_door boolean not null default false,
  add column live boolean not null default false,
  add column parked boolean not null default false,
  add column disputed integer not null default 0,
  add column loose_fixings integer not null default 0,
  add column loose_parts integer not null default 0,
  add column words tsvector not null default '';
