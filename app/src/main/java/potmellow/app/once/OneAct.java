package potmellow.app.once;

import com.fasterxml.jackson.databind.ObjectMapper;
import jakarta.servlet.http.HttpServletRequest;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.lang.annotation.Annotation;
import java.lang.reflect.UndeclaredThrowableException;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import java.util.zip.GZIPOutputStream;
import org.aopalliance.intercept.MethodInterceptor;
import org.aopalliance.intercept.MethodInvocation;
import org.springframework.core.annotation.AnnotatedElementUtils;
import org.springframework.dao.CannotAcquireLockException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ResponseEntity;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import org.springframework.web.multipart.MultipartFile;
import potmellow.app.garden.Garden;
import potmellow.app.garden.GardenService;
import potmellow.app.once.AnswerRepository.Kept;
import potmellow.app.problem.Conflict;

/**
 * The one way of every write that comes in: a few at once, each a single transaction together with its answer. The same under the
 * same key gets that answer again, also while the first is under way: it waits. Something else under the key is refused.
 */
final class OneAct implements MethodInterceptor {
    static final String KEY = "Idempotency-Key";
    /** Fewer than the pool has connections, so that whoever only reads always finds one. */
    private static final int AT_ONCE = 4;

    private static final int TURNS = 256;
    private static final Duration PATIENCE = Duration.ofSeconds(20);
    private static final Duration KEPT = Duration.ofDays(7);

    private final GardenService gardens;
    private final AnswerRepository answers;
    private final Fingerprint fingerprint;
    private final TransactionTemplate transactions;
    private final ObjectMapper json;
    private final Clock clock;
    private final Semaphore places = new Semaphore(AT_ONCE, true);
    /** The same key always meets the same of these; two keys that meet one only wait a little longer. */
    private final List<ReentrantLock> turns =
            Stream.generate(() -> new ReentrantLock(true)).limit(TURNS).toList();

    OneAct(
            GardenService gardens,
            AnswerRepository answers,
            Fingerprint fingerprint,
            TransactionTemplate transactions,
            ObjectMapper json,
            Clock clock) {
        this.gardens = gardens;
        this.answers = answers;
        this.fingerprint = fingerprint;
        this.transactions = transactions;
        this.json = json;
        this.clock = clock;
    }

    @Override
    public Object invoke(MethodInvocation act) throws Throwable {
        Optional<UUID> key = key();
        ReentrantLock turn =
                key.map(id -> turns.get(Math.floorMod(id.hashCode(), TURNS))).orElseGet(ReentrantLock::new);
        if (!turn.tryLock(PATIENCE.toMillis(), TimeUnit.MILLISECONDS)) {
            throw new CannotAcquireLockException("The same is under way for too long.");
        }
        try {
            if (!places.tryAcquire(PATIENCE.toMillis(), TimeUnit.MILLISECONDS)) {
                throw new CannotAcquireLockException("Too many write at once.");
            }
            Object answer;
            try {
                Afterwards.begin();
                answer = transactions.execute(status -> key.isPresent() ? once(act, key.get()) : proceed(act));
            } finally {
                places.release();
            }
            Afterwards.end();
            return answer;
        } catch (UndeclaredThrowableException checked) {
            throw checked.getUndeclaredThrowable();
        } finally {
            turn.unlock();
        }
    }

    private Object once(MethodInvocation act, UUID key) {
        Garden garden = gardens.current();
        String asked = fingerprint.of(asked(act));
        Optional<Kept> before = answers.find(garden.id(), key);
        if (before.isPresent()) {
            if (before.get().fingerprint().equals(asked)) {
                throw new StoredAnswer(
                        before.get().status(), unzipped(before.get().body()));
            }
            if (!judgesForItself(act)) {
                throw Conflict.somethingElse();
            }
            return proceed(act);
        }
        Object answer = proceed(act);
        Instant now = clock.instant();
        answers.insert(garden.id(), key, new Kept(asked, status(act, answer), zipped(answer)), now);
        answers.clear(garden.id(), now.minus(KEPT));
        return answer;
    }

    /** An act that is given its key tells the same from something else by what counts in it. */
    private static boolean judgesForItself(MethodInvocation act) {
        return Arrays.stream(act.getMethod().getParameterAnnotations())
                .<Annotation>flatMap(Arrays::stream)
                .anyMatch(mark ->
                        mark instanceof RequestHeader header && header.name().equals(KEY));
    }

    private static Object proceed(MethodInvocation act) {
        try {
            return act.proceed();
        } catch (RuntimeException | Error failure) {
            throw failure;
        } catch (Throwable checked) {
            throw new UndeclaredThrowableException(checked);
        }
    }

    private static List<Object> asked(MethodInvocation act) {
        HttpServletRequest request = request();
        List<Object> asked = new ArrayList<>(List.of(request.getMethod(), request.getRequestURI()));
        for (Object argument : act.getArguments()) {
            asked.add(argument instanceof MultipartFile file ? bytes(file) : argument);
        }
        return asked;
    }

    private static int status(MethodInvocation act, Object answer) {
        if (answer instanceof ResponseEntity<?> entity) {
            return entity.getStatusCode().value();
        }
        ResponseStatus told = AnnotatedElementUtils.findMergedAnnotation(act.getMethod(), ResponseStatus.class);
        return (told == null ? HttpStatus.OK : told.code()).value();
    }

    private byte[] zipped(Object answer) {
        Object body = answer instanceof ResponseEntity<?> entity ? entity.getBody() : answer;
        ByteArrayOutputStream bytes = new ByteArrayOutputStream();
        try (GZIPOutputStream zip = new GZIPOutputStream(bytes)) {
            if (body != null) {
                zip.write(json.writeValueAsBytes(body));
            }
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return bytes.toByteArray();
    }

    private static byte[] unzipped(byte[] body) {
        try (GZIPInputStream unzip = new GZIPInputStream(new ByteArrayInputStream(body))) {
            return unzip.readAllBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static byte[] bytes(MultipartFile file) {
        try {
            return file.getBytes();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static Optional<UUID> key() {
        return Optional.ofNullable(request().getHeader(KEY)).map(UUID::fromString);
    }

    private static HttpServletRequest request() {
        return ((ServletRequestAttributes) RequestContextHolder.currentRequestAttributes()).getRequest();
    }
}
