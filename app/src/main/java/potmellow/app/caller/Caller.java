package potmellow.app.caller;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import java.util.UUID;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * Who asks.
 *
 * @param role what they may
 * @param person who it is; empty for somebody at the machine itself, who needs no sign-in
 * @param name what they are called; empty at the machine itself
 */
public record Caller(Role role, Optional<UUID> person, String name) {
    /** Whoever sits at the machine, and the machine itself. */
    public static final Caller AT_THE_MACHINE = new Caller(Role.OWNER, Optional.empty(), "");

    private static final String ADMITTED = Caller.class.getName();

    /** Who asks just now; the machine itself where nobody does. */
    public static Caller current() {
        return admitted().orElse(AT_THE_MACHINE);
    }

    /** Who was let in with the request under way; empty where nobody was. */
    public static Optional<Caller> admitted() {
        return Optional.ofNullable(RequestContextHolder.getRequestAttributes())
                .map(request -> (Caller) request.getAttribute(ADMITTED, RequestAttributes.SCOPE_REQUEST));
    }

    /** Who was let in with a request; empty where nobody was. */
    public static Optional<Caller> of(HttpServletRequest request) {
        return Optional.ofNullable((Caller) request.getAttribute(ADMITTED));
    }

    /** Lets this one in, for as long as the request lasts. */
    public void admit(HttpServletRequest request) {
        request.setAttribute(ADMITTED, this);
    }

    /** The name for the record; empty at the machine itself. */
    public Optional<String> signed() {
        return person.map(known -> name);
    }
}
