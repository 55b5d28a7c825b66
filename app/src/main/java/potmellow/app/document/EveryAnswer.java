package potmellow.app.document;

import java.lang.reflect.InvocationTargetException;
import java.lang.reflect.Method;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.Consumer;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.stereotype.Component;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import potmellow.app.problem.Conflict;
import potmellow.app.problem.Missing;

/** Asks everything that can be asked of a garden without saying which thing of it: what fails there would fail on every page. */
@Component
class EveryAnswer {
    private final RequestMappingHandlerMapping handlers;

    EveryAnswer(@Qualifier("requestMappingHandlerMapping") RequestMappingHandlerMapping handlers) {
        this.handlers = handlers;
    }

    /**
     * @param aside how each is asked, so that one that is refused leaves nothing behind for the next
     * @throws RuntimeException where something of the garden can't be answered
     */
    void ask(Consumer<Runnable> aside) {
        handlers.getHandlerMethods().forEach((mapping, handler) -> {
            if (asksOnly(mapping, handler)) {
                aside.accept(() -> answer(handler.createWithResolvedBean()));
            }
        });
    }

    private static boolean asksOnly(RequestMappingInfo mapping, HandlerMethod handler) {
        return handler.getBeanType().getName().startsWith("potmellow.")
                && mapping.getMethodsCondition().getMethods().contains(RequestMethod.GET)
                && Arrays.stream(handler.getMethod().getParameterTypes()).allMatch(Optional.class::equals);
    }

    private static void answer(HandlerMethod handler) {
        Method method = handler.getMethod();
        Object[] nothingSaid = new Object[method.getParameterCount()];
        Arrays.fill(nothingSaid, Optional.empty());
        try {
            method.setAccessible(true);
            method.invoke(handler.getBean(), nothingSaid);
        } catch (InvocationTargetException failed) {
            boolean refused = failed.getCause() instanceof Conflict || failed.getCause() instanceof Missing;
            if (!refused) {
                throw new IllegalStateException(method + " has no answer.", failed.getCause());
            }
        } catch (IllegalAccessException e) {
            throw new IllegalStateException(e);
        }
    }
}
