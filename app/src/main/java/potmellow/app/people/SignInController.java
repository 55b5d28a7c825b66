package potmellow.app.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import potmellow.app.caller.Caller;
import potmellow.app.caller.ForAnybody;
import potmellow.app.caller.Role;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.NoAct;
import potmellow.app.problem.Unadmitted;
import potmellow.core.naming.PlainName;

/** Lets devices in and out. */
@RestController
@ForAnybody
class SignInController {
    private final GardenService gardens;
    private final PeopleService people;
    private final OneTimeCodes codes;
    private final Tries tries;
    private final SecurityContextRepository contexts = new HttpSessionSecurityContextRepository();

    SignInController(GardenService gardens, PeopleService people, OneTimeCodes codes, Tries tries) {
        this.gardens = gardens;
        this.people = people;
        this.codes = codes;
        this.tries = tries;
    }

    /** Who asks: whether they were let in, and what they may. */
    @GetMapping("/api/me")
    Me me(HttpServletRequest asked) {
        return Caller.admitted()
                .map(caller -> Me.of(caller, caller.person().isEmpty() || isTrusted(asked)))
                .orElse(Me.STRANGER);
    }

    private static boolean isTrusted(HttpServletRequest asked) {
        return Optional.ofNullable(asked.getSession(false))
                .filter(session -> session.getMaxInactiveInterval() == Devices.TRUSTED.toSeconds())
                .isPresent();
    }

    /** Lets a device in by a name and a passphrase. */
    @PostMapping("/api/sign-in")
    @NoAct
    Me signIn(@RequestBody SignIn request, HttpServletRequest asked, HttpServletResponse response) {
        Garden garden = gardens.current();
        Person person = letIn(
                request.name().strip().toLowerCase(Locale.ROOT),
                asked,
                () -> people.signsIn(garden, request.name(), request.passphrase()),
                Unadmitted.with(
                        "wrong",
                        "Name and passphrase don't belong together. A forgotten passphrase is set anew at the machine"
                                + " itself: ./mellow passphrase"));
        return enter(person, request.trusted(), asked, response);
    }

    /** Lets a device in by a one-time code, which is used up with this. */
    @PostMapping("/api/sign-in/code")
    @NoAct
    Me signInByCode(@RequestBody SignInByCode request, HttpServletRequest asked, HttpServletResponse response) {
        Garden garden = gardens.current();
        Person person = letIn(
                "code from " + asked.getRemoteAddr(),
                asked,
                () -> codes.use(request.code()).flatMap(id -> people.find(garden, id)),
                Unadmitted.with(
                        "code-over",
                        "This code no longer counts: each lets one device in, within two minutes. Have a new one shown."));
        return enter(person, true, asked, response);
    }

    /** Puts this device out. */
    @PostMapping("/api/sign-out")
    @NoAct
    Me signOut(HttpServletRequest asked) {
        Optional.ofNullable(asked.getSession(false)).ifPresent(HttpSession::invalidate);
        return Me.STRANGER;
    }

    private Person letIn(
            String account, HttpServletRequest asked, Supplier<Optional<Person>> who, Unadmitted otherwise) {
        Duration wait = tries.wait(account, asked.getRemoteAddr());
        if (!wait.isZero()) {
            throw Unadmitted.tooOften(wait);
        }
        Person person = who.get().orElseThrow(() -> otherwise);
        tries.succeeded(account, asked.getRemoteAddr());
        return person;
    }

    /** A session of its own, whatever was there before: nobody can have known its id. */
    private Me enter(Person person, boolean trusted, HttpServletRequest asked, HttpServletResponse response) {
        Optional.ofNullable(asked.getSession(false)).ifPresent(HttpSession::invalidate);
        if (trusted) {
            asked.setAttribute(SessionRules.TRUSTED, true);
        }
        HttpSession session = asked.getSession(true);
        session.setMaxInactiveInterval((int) (trusted ? Devices.TRUSTED : Devices.BORROWED).toSeconds());
        session.setAttribute(Devices.ID, UUID.randomUUID());
        session.setAttribute(
                Devices.NAME,
                Devices.named(Optional.ofNullable(asked.getHeader(HttpHeaders.USER_AGENT))
                        .orElse("")));
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(
                UsernamePasswordAuthenticationToken.authenticated(person.id().toString(), "", List.of()));
        contexts.saveContext(context, asked, response);
        return Me.of(new Caller(person.role(), Optional.of(person.id()), person.name()), trusted);
    }

    /** @param trusted whether this device is to be known for 90 days, not only until this evening */
    record SignIn(
            @Size(max = PlainName.LONGEST) String name,
            @Size(max = 200) String passphrase,
            boolean trusted) {}

    /** @param code as it was shown */
    record SignInByCode(@Size(max = 40) String code) {}

    /**
     * Who asks.
     *
     * @param letIn whether they were let in
     * @param atTheMachine whether they sit at the machine itself, where nobody signs in
     * @param name what they are called; empty at the machine itself
     * @param role what they may; left out for who wasn't let in
     * @param keeps whether this device may keep what it was shown, for when it has no connection; a borrowed one may not
     */
    record Me(boolean letIn, boolean atTheMachine, String name, Optional<Role> role, boolean keeps) {
        static final Me STRANGER = new Me(false, false, "", Optional.empty(), false);

        static Me of(Caller caller, boolean keeps) {
            return new Me(true, caller.person().isEmpty(), caller.name(), Optional.of(caller.role()), keeps);
        }
    }
}
