-- Who may come in from the home network, with what, and who did what.

CREATE TABLE IF NOT EXISTS person (
  id UUID NOT NULL,
  garden_id UUID NOT NULL,
  name VARCHAR(60) NOT NULL,
  role VARCHAR(10) NOT NULL,
  added_at DATETIME(6) NOT NULL,
  removed_at DATETIME(6) NULL,
  PRIMARY KEY (id),
  KEY person_garden_id_name (garden_id, name),
  CONSTRAINT person_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT person_role CHECK (role IN ('LOOKER', 'GARDENER', 'OWNER'))
) DEFAULT CHARSET = utf8mb4;

-- What a person signs in with: only its hash, apart from the person, and never in a document of the garden.
CREATE TABLE IF NOT EXISTS passphrase (
  person_id UUID NOT NULL,
  garden_id UUID NOT NULL,
  hash VARCHAR(200) NOT NULL,
  set_at DATETIME(6) NOT NULL,
  PRIMARY KEY (person_id),
  CONSTRAINT passphrase_garden FOREIGN KEY (garden_id) REFERENCES garden (id),
  CONSTRAINT passphrase_person FOREIGN KEY (person_id) REFERENCES person (id) ON DELETE CASCADE
) DEFAULT CHARSET = utf8mb4;

-- Whether this machine answers on the home network, and under what name. It is the machine's, not the garden's.
CREATE TABLE IF NOT EXISTS home_network (
  garden_id UUID NOT NULL,
  opened BOOLEAN NOT NULL,
  name VARCHAR(60) NOT NULL,
  PRIMARY KEY (garden_id),
  CONSTRAINT home_network_garden FOREIGN KEY (garden_id) REFERENCES garden (id)
) DEFAULT CHARSET = utf8mb4;

-- A token opens one thing, and may end by itself.
ALTER TABLE outside_token ADD COLUMN IF NOT EXISTS scope VARCHAR(10) NOT NULL DEFAULT 'READINGS';
ALTER TABLE outside_token ADD COLUMN IF NOT EXISTS expires_at DATETIME(6) NULL;

-- Who logged and who poured, as they were called then; nothing for somebody at the machine itself.
ALTER TABLE batch_check ADD COLUMN IF NOT EXISTS by_whom VARCHAR(60) NULL;
ALTER TABLE feed ADD COLUMN IF NOT EXISTS by_whom VARCHAR(60) NULL;

-- The devices that were let in, as Spring Session keeps them (its own names and its own schema).
CREATE TABLE IF NOT EXISTS SPRING_SESSION (
  PRIMARY_ID CHAR(36) NOT NULL,
  SESSION_ID CHAR(36) NOT NULL,
  CREATION_TIME BIGINT NOT NULL,
  LAST_ACCESS_TIME BIGINT NOT NULL,
  MAX_INACTIVE_INTERVAL INT NOT NULL,
  EXPIRY_TIME BIGINT NOT NULL,
  PRINCIPAL_NAME VARCHAR(100),
  PRIMARY KEY (PRIMARY_ID)
) DEFAULT CHARSET = utf8mb4;

CREATE UNIQUE INDEX IF NOT EXISTS SPRING_SESSION_IX1 ON SPRING_SESSION (SESSION_ID);
CREATE INDEX IF NOT EXISTS SPRING_SESSION_IX2 ON SPRING_SESSION (EXPIRY_TIME);
CREATE INDEX IF NOT EXISTS SPRING_SESSION_IX3 ON SPRING_SESSION (PRINCIPAL_NAME);

CREATE TABLE IF NOT EXISTS SPRING_SESSION_ATTRIBUTES (
  SESSION_PRIMARY_ID CHAR(36) NOT NULL,
  ATTRIBUTE_NAME VARCHAR(200) NOT NULL,
  ATTRIBUTE_BYTES BLOB NOT NULL,
  PRIMARY KEY (SESSION_PRIMARY_ID, ATTRIBUTE_NAME),
  CONSTRAINT SPRING_SESSION_ATTRIBUTES_FK FOREIGN KEY (SESSION_PRIMARY_ID) REFERENCES SPRING_SESSION (PRIMARY_ID) ON DELETE CASCADE
) DEFAULT CHARSET = utf8mb4;
