package potmellow.app.home;

import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.Settings;
import potmellow.app.caller.Caller;
import potmellow.app.caller.ForAnybody;
import potmellow.app.caller.ForAtLeast;
import potmellow.app.caller.Role;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.Afterwards;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.FieldProblem;
import potmellow.app.problem.Missing;
import potmellow.app.qr.QrCode;

/** The switch to the home network, and what a phone needs before it is let in. */
@RestController
class HomeController {
    private final GardenService gardens;
    private final HomeNetwork network;
    private final Afterwards afterwards;
    private final Settings settings;

    HomeController(GardenService gardens, HomeNetwork network, Afterwards afterwards, Settings settings) {
        this.gardens = gardens;
        this.network = network;
        this.afterwards = afterwards;
        this.settings = settings;
    }

    @GetMapping("/api/home")
    @ForAtLeast(Role.OWNER)
    HomeView home() {
        return view(gardens.current());
    }

    /**
     * Opens the garden to the home network, closes it, or gives it another name there.
     *
     * @throws Conflict in the sample world, which never opens, and where nobody could sign in
     */
    @PutMapping("/api/home")
    @ForAtLeast(Role.OWNER)
    HomeView change(@RequestBody ChangeHome request) {
        Garden garden = gardens.current();
        HomeWish wish = FieldProblem.reading("name", () -> new HomeWish(request.opened(), request.name()));
        if (Caller.current().person().isPresent()) {
            throw new Conflict(
                    "at-the-machine",
                    "Change this at the machine itself: it would cut off the device that asks for it.");
        }
        if (wish.opened() && settings.demo()) {
            throw new Conflict(
                    "demo", "The sample world is never opened to a network. Start your own garden: ./mellow start");
        }
        if (wish.opened() && !network.ownerSignsIn(garden)) {
            throw new Conflict("no-passphrase", HomeState.NO_PASSPHRASE);
        }
        network.keep(garden, wish);
        afterwards.run(network::settle);
        return view(garden);
    }

    private HomeView view(Garden garden) {
        HomeWish wish = network.wish(garden);
        HomeState state = network.state();
        return new HomeView(
                wish.opened(),
                network.byStart(),
                wish.name(),
                state.open(),
                state.address(),
                state.others(),
                state.address().map(QrCode::of),
                state.fingerprint(),
                state.trouble(),
                settings.demo());
    }

    /** What the start prints: where a phone finds the garden, with a QR code, or what is in the way; nothing where nobody wishes it. */
    @GetMapping(path = "/api/home/terminal", produces = MediaType.TEXT_PLAIN_VALUE)
    @ForAtLeast(Role.OWNER)
    ResponseEntity<String> terminal() {
        network.settle();
        HomeState state = network.state();
        String text = state.address()
                .map(address -> "On the home network: " + address + "\n" + QrCode.inTerminal(address)
                        + state.others().stream().reduce("", (all, other) -> all + "or " + other + "\n"))
                .orElse("");
        return ResponseEntity.ok()
                .contentType(new MediaType(MediaType.TEXT_PLAIN, StandardCharsets.UTF_8))
                .body(text + state.trouble().map(words -> words + "\n").orElse(""));
    }

    /** The certificate of the garden's authority, as phones take it. */
    @GetMapping("/api/authority.crt")
    @ForAnybody
    ResponseEntity<byte[]> authority() {
        return ResponseEntity.ok()
                .contentType(new MediaType("application", "x-x509-ca-cert"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"pot-mellow.crt\"")
                .body(network.authority().orElseThrow(() -> new Missing("certificate of a garden's authority")));
    }

    /** @param name what it is called in the network, without ".local" */
    record ChangeHome(boolean opened, String name) {}

    /**
     * How the garden answers on the home network.
     *
     * @param opened whether its owner wishes so
     * @param byStart whether the start asks for it, whatever the owner wishes
     * @param name what it is to be called there, without ".local"
     * @param open whether it does now
     * @param address where; left out while it doesn't
     * @param others where else
     * @param qr the address as a code
     * @param fingerprint what its authority's certificate can be known by; left out for a certificate of one's own
     * @param trouble what is in the way or otherwise than wished; left out where nothing is
     * @param demo whether this is the sample world, which never opens
     */
    record HomeView(
            boolean opened,
            boolean byStart,
            String name,
            boolean open,
            Optional<String> address,
            List<String> others,
            Optional<QrCode> qr,
            Optional<String> fingerprint,
            Optional<String> trouble,
            boolean demo) {}
}
