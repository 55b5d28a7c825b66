package potmellow.app.access;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.authentication.AnonymousAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;
import potmellow.app.caller.Caller;
import potmellow.app.garden.GardenService;
import potmellow.app.home.Door;
import potmellow.app.people.PeopleService;

/**
 * Finds out who asks: at the machine itself its owner, from the home network the person whose device was let in, with what they may
 * today.
 */
final class Admission extends OncePerRequestFilter {
    private final PeopleService people;
    private final GardenService gardens;

    Admission(PeopleService people, GardenService gardens) {
        this.people = people;
        this.gardens = gardens;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Authentication device = SecurityContextHolder.getContext().getAuthentication();
        Optional<Caller> caller =
                Door.of(request) == Door.MACHINE ? Optional.of(Caller.AT_THE_MACHINE) : person(device);
        // What is kept of a device is only whose it is; what they may is never kept with it.
        caller.ifPresent(known -> known.admit(request));
        chain.doFilter(request, response);
    }

    private Optional<Caller> person(Authentication device) {
        if (device == null || device instanceof AnonymousAuthenticationToken) {
            return Optional.empty();
        }
        return gardens.find()
                .flatMap(garden -> people.find(garden, UUID.fromString(device.getName())))
                .map(person -> new Caller(person.role(), Optional.of(person.id()), person.name()));
    }
}
