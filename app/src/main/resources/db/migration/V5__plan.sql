-- What is wanted by when, what was settled about it, what the gardener last agreed to, and which pots carry it out. The plan itself
-- is worked out each time.

CREATE TABLE plan_goal (
  id UUID NOT NULL PRIMARY KEY,
  garden_id UUID NOT NULL,
  product_id VARCHAR(60) NOT NULL,
  amount_millilitres DOUBLE NOT NULL,
  told VARCHAR(120) NOT NULL,
  first_day DATE NOT NULL,
  last_day DATE NULL,
  every_days INT NULL,
  made_at DATETIME(6) NOT NULL,
  ended_at DATETIME(6) NULL,
  CONSTRAINT plan_goal_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT plan_goal_amount CHECK (amount_millilitres > 0),
  CONSTRAINT plan_goal_season CHECK ((last_day IS NULL) = (every_days IS NULL)),
  CONSTRAINT plan_goal_days CHECK (last_day IS NULL OR last_day >= first_day),
  CONSTRAINT plan_goal_every CHECK (every_days IS NULL OR every_days BETWEEN 1 AND 120),
  INDEX plan_goal_garden_id_ended_at (garden_id, ended_at)
) DEFAULT CHARSET = utf8mb4;

CREATE TABLE plan_choice (
  garden_id UUID NOT NULL,
  product_id VARCHAR(60) NOT NULL,
  method_id VARCHAR(60) NULL,
  place_id UUID NULL,
  bought BOOLEAN NOT NULL DEFAULT FALSE,
  fill_days INT NULL,
  PRIMARY KEY (garden_id, product_id),
  CONSTRAINT plan_choice_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT plan_choice_place FOREIGN KEY (place_id) REFERENCES place (id),
  CONSTRAINT plan_choice_fill CHECK (fill_days IS NULL OR fill_days BETWEEN 1 AND 60)
) DEFAULT CHARSET = utf8mb4;

CREATE TABLE plan_kept (
  garden_id UUID NOT NULL,
  step_id CHAR(36) NOT NULL,
  title VARCHAR(120) NOT NULL,
  start_on DATE NOT NULL,
  vessel_id UUID NOT NULL,
  place_id UUID NOT NULL,
  until_on DATE NOT NULL,
  PRIMARY KEY (garden_id, step_id),
  CONSTRAINT plan_kept_garden FOREIGN KEY (garden_id) REFERENCES garden (id)
) DEFAULT CHARSET = utf8mb4;

CREATE TABLE plan_pot (
  garden_id UUID NOT NULL,
  step_id CHAR(36) NOT NULL,
  batch_id UUID NOT NULL,
  linked_at DATETIME(6) NOT NULL,
  PRIMARY KEY (garden_id, step_id),
  CONSTRAINT plan_pot_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT plan_pot_batch FOREIGN KEY (batch_id) REFERENCES batch (id)
) DEFAULT CHARSET = utf8mb4;
