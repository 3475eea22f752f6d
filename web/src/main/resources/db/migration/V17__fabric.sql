-- What is told of a cloth or a remnant on the shelf besides what everything there has.
alter table thing add fabric jsonb;
