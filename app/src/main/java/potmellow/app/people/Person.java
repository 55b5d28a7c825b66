package potmellow.app.people;

import java.time.Instant;
import java.util.UUID;
import potmellow.app.caller.Role;

/**
 * Somebody who may come in from the home network.
 *
 * @param id who
 * @param name what they are called; unlike any other's
 * @param role what they may
 * @param addedAt since when
 * @param signsIn whether they have a passphrase, and don't depend on one-time codes
 */
public record Person(UUID id, String name, Role role, Instant addedAt, boolean signsIn) {}
