package potmellow.app.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.lang.annotation.Annotation;
import java.util.Optional;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import potmellow.app.caller.Caller;
import potmellow.app.caller.ForAnybody;
import potmellow.app.caller.ForAtLeast;
import potmellow.app.caller.Role;

/** Keeps everybody to what their role may: what a handler says, or its controller, or else what gardeners may. */
final class RoleGate implements HandlerInterceptor {
    @Override
    public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler)
            throws IOException {
        if (!(handler instanceof HandlerMethod method)
                || !method.getBeanType().getPackageName().startsWith("potmellow")) {
            return true;
        }
        if (says(method, ForAnybody.class).isPresent()) {
            return true;
        }
        Optional<Caller> caller = Caller.admitted();
        if (caller.isEmpty()) {
            Denial.write(response, HttpServletResponse.SC_UNAUTHORIZED, "sign-in", SIGN_IN);
            return false;
        }
        Role needed = says(method, ForAtLeast.class).map(ForAtLeast::value).orElse(Role.GARDENER);
        if (!caller.get().role().may(needed)) {
            Denial.write(
                    response,
                    "role",
                    "You are let in as one who " + caller.get().role().words()
                            + ". Ask the owner of the garden for this.");
            return false;
        }
        return true;
    }

    static final String SIGN_IN = "Sign in first: this device was not let in, or no longer is.";

    private static <A extends Annotation> Optional<A> says(HandlerMethod method, Class<A> kind) {
        return Optional.ofNullable(AnnotatedElementUtils.findMergedAnnotation(method.getMethod(), kind))
                .or(() -> Optional.ofNullable(AnnotatedElementUtils.findMergedAnnotation(method.getBeanType(), kind)));
    }
}
