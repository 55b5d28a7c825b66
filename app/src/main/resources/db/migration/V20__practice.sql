-- How somebody ended a practice lesson last. It is nobody's pot, and in no document of the garden.
CREATE TABLE IF NOT EXISTS practice_ending (
  garden_id UUID NOT NULL,
  who VARCHAR(60) NOT NULL,
  lesson_id VARCHAR(40) NOT NULL,
  ending VARCHAR(30) NOT NULL,
  ended_at DATETIME(6) NOT NULL,
  PRIMARY KEY (garden_id, who, lesson_id),
  CONSTRAINT practice_ending_garden FOREIGN KEY (garden_id) REFERENCES garden (id)
) DEFAULT CHARSET = utf8mb4;
