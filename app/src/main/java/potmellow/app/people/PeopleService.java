package potmellow.app.people;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import potmellow.app.caller.Role;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Missing;
import potmellow.core.naming.PlainName;

/** Who may come in. There is always an owner once there is anybody. */
@Service
public class PeopleService {
    private final PersonRepository people;
    private final GardenService gardens;
    private final Devices devices;
    private final OneTimeCodes codes;

    PeopleService(PersonRepository people, GardenService gardens, Devices devices, OneTimeCodes codes) {
        this.people = people;
        this.gardens = gardens;
        this.devices = devices;
        this.codes = codes;
    }

    @Transactional(readOnly = true)
    public List<Person> all(Garden garden) {
        return people.all(garden.id());
    }

    /** Somebody who may still come in; empty for nobody. */
    @Transactional(readOnly = true)
    public Optional<Person> find(Garden garden, UUID id) {
        return people.find(garden.id(), id);
    }

    /**
     * Adds somebody; the first must be an owner.
     *
     * @throws Conflict where somebody is called so already
     */
    @Transactional
    Person add(Garden garden, PlainName name, Role role, Instant at) {
        gardens.holdCodes(garden);
        if (people.named(garden.id(), name.text()).isPresent()) {
            throw new Conflict("named-already", "There is a " + name.text() + " already. Choose another name.");
        }
        if (role != Role.OWNER && noOwnerBut(garden, Optional.empty())) {
            throw new Conflict("no-owner", "Add an owner first, that is you: else nobody could let others in.");
        }
        Person added = new Person(UUID.randomUUID(), name.text(), role, at, false);
        people.insert(garden.id(), added);
        return added;
    }

    /** @throws Conflict where no owner would be left */
    @Transactional
    void change(Garden garden, UUID id, Role role) {
        gardens.holdCodes(garden);
        Person person = get(garden, id);
        if (role != Role.OWNER) {
            requireOwnerBut(garden, person);
        }
        people.change(garden.id(), id, role);
    }

    /**
     * Lets somebody in no longer, from now on; what they did stays on the record.
     *
     * @throws Conflict where no owner would be left
     */
    @Transactional
    void remove(Garden garden, UUID id, Instant at) {
        gardens.holdCodes(garden);
        requireOwnerBut(garden, get(garden, id));
        people.remove(garden.id(), id, at);
        codes.forget(id);
        devices.revokeAll(id);
    }

    private void requireOwnerBut(Garden garden, Person person) {
        if (noOwnerBut(garden, Optional.of(person.id()))) {
            throw new Conflict("last-owner", person.name() + " is the only owner. Make somebody else an owner first.");
        }
    }

    private boolean noOwnerBut(Garden garden, Optional<UUID> but) {
        return people.all(garden.id()).stream()
                .filter(person -> !but.equals(Optional.of(person.id())))
                .noneMatch(person -> person.role() == Role.OWNER);
    }

    /**
     * Sets somebody's passphrase; their devices have to sign in again.
     *
     * @throws FieldProblem where it is too easily found
     */
    @Transactional
    void setPassphrase(Garden garden, UUID id, String typed, Instant at) {
        Person person = get(garden, id);
        Passphrase passphrase = FieldProblem.reading("passphrase", () -> Passphrase.of(typed, person.name()));
        people.keepHash(garden.id(), id, passphrase.hash(), at);
        devices.revokeAll(id);
    }

    /** Who has this name and this passphrase; empty for nobody. */
    @Transactional(readOnly = true)
    Optional<Person> signsIn(Garden garden, String name, String passphrase) {
        Optional<Person> person = people.named(garden.id(), name.strip());
        String hash = person.flatMap(known -> people.hash(known.id())).orElseGet(Passphrase::nobodys);
        return Passphrase.matches(passphrase, hash) ? person : Optional.empty();
    }

    /** @throws Missing where there is no such person */
    @Transactional(readOnly = true)
    Person get(Garden garden, UUID id) {
        return people.find(garden.id(), id).orElseThrow(() -> new Missing("person"));
    }
}
