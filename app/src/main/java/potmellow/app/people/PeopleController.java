package potmellow.app.people;

import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.caller.Caller;
import potmellow.app.caller.ForAtLeast;
import potmellow.app.caller.Role;
import potmellow.app.garden.GardenService;
import potmellow.app.home.HomeNetwork;
import potmellow.app.once.NoAct;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Missing;
import potmellow.app.qr.QrCode;
import potmellow.core.measure.InvalidInput;
import potmellow.core.naming.PlainName;

/** The people of a garden, what they may, and their devices. */
@RestController
@RequestMapping("/api/people")
@ForAtLeast(Role.OWNER)
class PeopleController {
    private final GardenService gardens;
    private final PeopleService people;
    private final Devices devices;
    private final OneTimeCodes codes;
    private final HomeNetwork network;
    private final Clock clock;

    PeopleController(
            GardenService gardens,
            PeopleService people,
            Devices devices,
            OneTimeCodes codes,
            HomeNetwork network,
            Clock clock) {
        this.gardens = gardens;
        this.people = people;
        this.devices = devices;
        this.codes = codes;
        this.network = network;
        this.clock = clock;
    }

    @GetMapping
    PeopleView people() {
        return new PeopleView(
                people.all(gardens.current()).stream()
                        .map(person -> new PersonView(
                                person.id(),
                                person.name(),
                                person.role(),
                                person.signsIn(),
                                devices.of(person.id()).stream()
                                        .map(device -> new DeviceView(
                                                device.id(), device.name(), device.since(), device.usedAt()))
                                        .toList()))
                        .toList(),
                Stream.of(Role.values())
                        .map(role -> new RoleView(role, role.words()))
                        .toList());
    }

    @PostMapping
    PeopleView add(@RequestBody AddPerson request) {
        PlainName name = FieldProblem.reading("name", () -> new PlainName(request.name()));
        people.add(gardens.current(), name, request.role(), clock.instant());
        return people();
    }

    @PutMapping("/{id}/role")
    PeopleView change(@PathVariable UUID id, @RequestBody ChangeRole request) {
        people.change(gardens.current(), id, request.role());
        return people();
    }

    /** Lets somebody in no longer, with all devices, from now on. */
    @PostMapping("/{id}/removals")
    PeopleView remove(@PathVariable UUID id) {
        people.remove(gardens.current(), id, clock.instant());
        return people();
    }

    /** Sets somebody's passphrase. Whoever asks over the network tells their own once more. All devices of theirs are put out. */
    @PutMapping("/{id}/passphrase")
    @NoAct
    PeopleView setPassphrase(@PathVariable UUID id, @RequestBody SetPassphrase request) {
        Caller caller = Caller.current();
        boolean sure = caller.person().isEmpty()
                || people.signsIn(gardens.current(), caller.name(), request.own())
                        .isPresent();
        if (!sure) {
            throw new FieldProblem(
                    "own",
                    InvalidInput.notAllowed(
                            "Your own passphrase",
                            "not shown",
                            "It is another one.",
                            "Type your own first, or set it at the machine itself."));
        }
        people.setPassphrase(gardens.current(), id, request.passphrase(), clock.instant());
        network.settle();
        return people();
    }

    /** Shows a code that lets one device of somebody in, once, within two minutes. */
    @PostMapping("/{id}/codes")
    @NoAct
    LettingCode code(@PathVariable UUID id) {
        people.get(gardens.current(), id);
        String address = network.state()
                .address()
                .orElseThrow(() -> new Conflict(
                        "home-closed", "Open the garden to the home network first: until then no phone reaches it."));
        OneTimeCodes.Code code = codes.make(id);
        String link = address + "/in/" + code.text();
        return new LettingCode(code.text(), code.until(), link, QrCode.of(link));
    }

    @PostMapping("/{id}/devices/{device}/revocations")
    PeopleView revoke(@PathVariable UUID id, @PathVariable UUID device) {
        people.get(gardens.current(), id);
        if (!devices.revoke(id, device)) {
            throw new Missing("device");
        }
        return people();
    }

    /** Puts all devices of everybody out. */
    @PostMapping("/devices/revocations")
    PeopleView revokeAll() {
        people.all(gardens.current()).forEach(person -> devices.revokeAll(person.id()));
        return people();
    }

    record AddPerson(String name, Role role) {}

    record ChangeRole(Role role) {}

    /** @param own the passphrase of who asks; only over the network */
    record SetPassphrase(
            @Size(max = 200) String passphrase,
            @Size(max = 200) String own) {}

    record PeopleView(List<PersonView> people, List<RoleView> roles) {}

    /** @param signsIn whether they have a passphrase */
    record PersonView(UUID id, String name, Role role, boolean signsIn, List<DeviceView> devices) {}

    /** @param words what it may */
    record RoleView(Role role, String words) {}

    record DeviceView(UUID id, String name, Instant since, Instant usedAt) {}

    /**
     * A code that lets a device in.
     *
     * @param until when it no longer counts
     * @param link where the device goes
     * @param qr the link as a code
     */
    record LettingCode(String code, Instant until, String link, QrCode qr) {}
}
