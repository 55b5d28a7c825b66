package potmellow.app.people;

import java.time.Instant;
import java.util.UUID;
import javax.sql.DataSource;
import org.springframework.jdbc.datasource.DataSourceTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import potmellow.app.caller.Role;
import potmellow.core.measure.InvalidInput;
import potmellow.core.naming.PlainName;

/** Sets an owner's passphrase at the machine itself, where one was forgotten or none was set yet. */
public final class OwnersPassphrase {
    private OwnersPassphrase() {}

    /**
     * Sets it, adds the owner where nobody is called so, and puts all their devices out.
     *
     * @return what was done, in a sentence
     * @throws InvalidInput for a name or a passphrase that can't be
     */
    public static String set(DataSource database, String typedName, String passphrase, Instant at) {
        PlainName name = new PlainName(typedName);
        Passphrase told = Passphrase.of(passphrase, name.text());
        PersonRepository people = PersonRepository.in(database);
        return new TransactionTemplate(new DataSourceTransactionManager(database)).execute(status -> {
            UUID garden = people.garden()
                    .orElseThrow(() -> InvalidInput.notAllowed(
                            "The garden", "none", "There is none yet.", "Start it once: ./mellow start"));
            Person owner = people.named(garden, name.text()).orElseGet(() -> added(people, garden, name, at));
            if (owner.role() != Role.OWNER) {
                throw InvalidInput.notAllowed(
                        "The name",
                        name.text(),
                        "That is somebody who is no owner.",
                        "Type an owner's name, or a new one.");
            }
            people.keepHash(garden, owner.id(), told.hash(), at);
            people.putOut(owner.id());
            return owner.name() + " signs in with the new passphrase from now on; devices of theirs sign in anew.";
        });
    }

    private static Person added(PersonRepository people, UUID garden, PlainName name, Instant at) {
        Person owner = new Person(UUID.randomUUID(), name.text(), Role.OWNER, at, false);
        people.insert(garden, owner);
        return owner;
    }
}
