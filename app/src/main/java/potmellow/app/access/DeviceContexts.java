package potmellow.app.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.core.context.DeferredSecurityContext;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.NullSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import potmellow.app.home.Door;

/** Whose device it is, is kept in its session; at the machine itself there are no sessions, and nothing is asked for any. */
final class DeviceContexts implements SecurityContextRepository {
    private final SecurityContextRepository sessions = new HttpSessionSecurityContextRepository();
    private final SecurityContextRepository none = new NullSecurityContextRepository();

    private SecurityContextRepository of(HttpServletRequest request) {
        return Door.of(request) == Door.HOME ? sessions : none;
    }

    @Override
    @Deprecated
    public SecurityContext loadContext(HttpRequestResponseHolder both) {
        return of(both.getRequest()).loadContext(both);
    }

    @Override
    public DeferredSecurityContext loadDeferredContext(HttpServletRequest request) {
        return of(request).loadDeferredContext(request);
    }

    @Override
    public void saveContext(SecurityContext context, HttpServletRequest request, HttpServletResponse response) {
        of(request).saveContext(context, request, response);
    }

    @Override
    public boolean containsContext(HttpServletRequest request) {
        return of(request).containsContext(request);
    }
}
