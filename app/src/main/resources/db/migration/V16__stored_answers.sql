-- What was answered to an act, so that the same asked again gets the same answer. Only for some days: nobody repeats for longer.
CREATE TABLE answer (
  garden_id UUID NOT NULL,
  id UUID NOT NULL,
  fingerprint VARCHAR(64) NOT NULL,
  status INT NOT NULL,
  body MEDIUMBLOB NOT NULL,
  answered_at DATETIME(6) NOT NULL,
  PRIMARY KEY (garden_id, id),
  CONSTRAINT answer_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  INDEX answer_garden_id_answered_at (garden_id, answered_at)
) DEFAULT CHARSET = utf8mb4;
