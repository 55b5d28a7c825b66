-- What a garden's own measures hold: a capful, a scoop. Asked once.
CREATE TABLE home_size (
  garden_id UUID NOT NULL,
  measure VARCHAR(10) NOT NULL,
  millilitres DOUBLE NOT NULL,
  PRIMARY KEY (garden_id, measure),
  CONSTRAINT home_size_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT home_size_measure CHECK (measure IN ('PINCH', 'SPLASH', 'SPOON', 'CAPFUL', 'GLUG', 'SCOOP', 'MUG', 'JUG', 'CAN', 'BUCKET')),
  CONSTRAINT home_size_millilitres CHECK (millilitres > 0 AND millilitres <= 100000)
) DEFAULT CHARSET = utf8mb4;
