-- What was measured of a hand, pair of fingers by pair; empty where nothing was.
alter table student add column hand_reach text not null default '';
