package potmellow.app.batch;

import java.util.List;

/**
 * Everything on record about a pot.
 *
 * @param batch the pot
 * @param checks its visits, oldest first, with those before it was split off another
 * @param readings its readings, likewise
 */
record PotFacts(Batch batch, List<Check> checks, List<MeterEntry> readings) {}
