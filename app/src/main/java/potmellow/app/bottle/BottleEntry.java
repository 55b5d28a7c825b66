package potmellow.app.bottle;

import java.time.Instant;
import java.util.UUID;

/**
 * One line of a bottle's ledger.
 *
 * @param bottleId the bottle
 * @param at when
 * @param changeMillilitres what came in, or went out where it is below zero
 */
record BottleEntry(UUID bottleId, Instant at, double changeMillilitres) {}
