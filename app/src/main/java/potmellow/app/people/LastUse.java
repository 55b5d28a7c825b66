package potmellow.app.people;

import java.util.Collections;
import java.util.Set;
import java.util.WeakHashMap;
import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;

/**
 * Of a device that was let in before, only its last use is written down with each request. Where that can't be written, on a full disk, it
 * is let go: nobody is locked out of reading for it. A device that is let in just now is told that it can't be.
 */
class LastUse implements MethodInterceptor {
    private static final Logger LOG = LoggerFactory.getLogger(LastUse.class);

    private final Set<Object> letInBefore = Collections.synchronizedSet(Collections.newSetFromMap(new WeakHashMap<>()));

    @Override
    public Object invoke(MethodInvocation call) throws Throwable {
        boolean saves = call.getMethod().getName().equals("save");
        try {
            Object answer = call.proceed();
            if (call.getMethod().getName().equals("findById") && answer != null) {
                letInBefore.add(answer);
            }
            return answer;
        } catch (DataAccessException unwritten) {
            if (!saves || !letInBefore.contains(call.getArguments()[0])) {
                throw unwritten;
            }
            LOG.warn("The last use of a device could not be written down: {}", unwritten.getMessage());
            return null;
        }
    }
}
