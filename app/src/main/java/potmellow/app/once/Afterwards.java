package potmellow.app.once;

import java.util.ArrayList;
import java.util.List;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * What follows from an act once it is stored: its transaction has ended and nobody waits for it, but who asked isn't answered
 * before. It can't undo the act; where it fails, that is written into the log.
 */
@Component
public final class Afterwards {
    private static final Logger LOG = LoggerFactory.getLogger(Afterwards.class);
    private static final String WAITING = Afterwards.class.getName();

    Afterwards() {}

    /** Does something after the act that is under way; at once where none is. */
    public void run(Runnable work) {
        List<Runnable> waiting = waiting();
        if (waiting == null) {
            work.run();
        } else {
            waiting.add(work);
        }
    }

    /** An act begins: from now on work waits. */
    static void begin() {
        request().setAttribute(WAITING, new ArrayList<Runnable>(), RequestAttributes.SCOPE_REQUEST);
    }

    /** The act has ended, and counts: what waited is done. */
    static void end() {
        List<Runnable> waiting = waiting();
        request().removeAttribute(WAITING, RequestAttributes.SCOPE_REQUEST);
        for (Runnable work : waiting) {
            try {
                work.run();
            } catch (RuntimeException failure) {
                LOG.warn("What follows from {} could not be done: the act itself counts.", request(), failure);
            }
        }
    }

    @SuppressWarnings("unchecked")
    private static List<Runnable> waiting() {
        RequestAttributes request = RequestContextHolder.getRequestAttributes();
        return request == null ? null : (List<Runnable>) request.getAttribute(WAITING, RequestAttributes.SCOPE_REQUEST);
    }

    private static RequestAttributes request() {
        return RequestContextHolder.currentRequestAttributes();
    }
}
