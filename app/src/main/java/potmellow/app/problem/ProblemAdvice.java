package potmellow.app.problem;

import java.net.URI;
import java.util.Map;
import org.apache.catalina.connector.ClientAbortException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.TypeMismatchException;
import org.springframework.dao.DataAccessException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.transaction.TransactionException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;
import potmellow.app.answer.FindingView;
import potmellow.core.book.BookYaml.BrokenFile;
import potmellow.core.measure.InvalidInput;
import potmellow.core.pot.OutOfTurn;

/** Turns everything that goes wrong into a problem detail in plain words, without anything of the inside in it. */
@RestControllerAdvice
class ProblemAdvice extends ResponseEntityExceptionHandler {
    private static final Logger LOG = LoggerFactory.getLogger(ProblemAdvice.class);

    @ExceptionHandler
    ProblemDetail field(FieldProblem problem) {
        InvalidInput input = problem.input();
        ProblemDetail detail = problem(HttpStatus.UNPROCESSABLE_ENTITY, input.code(), "Not a value to use", problem);
        detail.setProperty("field", problem.field());
        detail.setProperty("given", input.given());
        if (!input.readings().isEmpty()) {
            detail.setProperty("readings", input.readings());
        }
        input.unsized()
                .ifPresent(measure ->
                        detail.setProperty("measure", Map.of("id", measure.name(), "words", measure.words())));
        input.minimum().ifPresent(minimum -> detail.setProperty("minimum", minimum));
        input.maximum().ifPresent(maximum -> detail.setProperty("maximum", maximum));
        input.unit().ifPresent(unit -> detail.setProperty("unit", unit));
        return detail;
    }

    @ExceptionHandler
    ProblemDetail broken(BrokenFile broken) {
        return field(new FieldProblem("text", InvalidInput.brokenFile(broken.getMessage(), broken.line())));
    }

    @ExceptionHandler
    ProblemDetail refused(Refused refused) {
        ProblemDetail detail =
                problem(HttpStatus.UNPROCESSABLE_ENTITY, refused.finding().rule(), "Refused", refused);
        detail.setProperty("field", refused.finding().concerns());
        detail.setProperty("finding", FindingView.of(refused.finding()));
        return detail;
    }

    @ExceptionHandler
    ProblemDetail missing(Missing missing) {
        return problem(HttpStatus.NOT_FOUND, "missing", "Not here", missing);
    }

    @ExceptionHandler
    ResponseEntity<ProblemDetail> unadmitted(Unadmitted stranger) {
        HttpStatus status = stranger.waiting().isPresent() ? HttpStatus.TOO_MANY_REQUESTS : HttpStatus.UNAUTHORIZED;
        HttpHeaders headers = new HttpHeaders();
        stranger.waiting().ifPresent(wait -> headers.set(HttpHeaders.RETRY_AFTER, String.valueOf(wait.toSeconds())));
        return ResponseEntity.status(status)
                .headers(headers)
                .body(problem(status, stranger.code(), "Not let in", stranger));
    }

    @ExceptionHandler
    ProblemDetail conflict(Conflict conflict) {
        return problem(HttpStatus.CONFLICT, conflict.code(), "Changed meanwhile", conflict);
    }

    /** A pot that isn't, or is no longer, in the state for what was asked of it. */
    @ExceptionHandler
    ProblemDetail outOfTurn(OutOfTurn act) {
        return problem(HttpStatus.CONFLICT, act.code(), "Changed meanwhile", act);
    }

    @ExceptionHandler
    ProblemDetail twice(DuplicateKeyException twice) {
        LOG.warn("Something was written twice at once", twice);
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(
                HttpStatus.CONFLICT, "This was sent twice at once, and one of the two counts. Look at the page again.");
        return named(detail, "twice", "Changed meanwhile");
    }

    /** Whatever the database says against something, it is told what that means for what was sent. */
    @ExceptionHandler({DataAccessException.class, TransactionException.class})
    ResponseEntity<ProblemDetail> database(Exception failure) {
        DatabaseAilment ailment = DatabaseAilment.of(failure);
        if (ailment == DatabaseAilment.ODD) {
            LOG.error("The database said something odd", failure);
        } else {
            LOG.warn("The database: {}: {}", ailment, failure.getMessage());
        }
        HttpHeaders headers = new HttpHeaders();
        if (ailment.passes()) {
            headers.set(HttpHeaders.RETRY_AFTER, "1");
        }
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(ailment.status(), ailment.words());
        return ResponseEntity.status(ailment.status())
                .headers(headers)
                .body(named(detail, ailment.code(), ailment.title()));
    }

    /** The last guard of what can be kept: whatever let it through before, it is told and nothing is stored. */
    @ExceptionHandler
    ProblemDetail tooMuch(DataIntegrityViolationException tooMuch) {
        LOG.warn("Something was refused by the database alone", tooMuch);
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(
                HttpStatus.UNPROCESSABLE_ENTITY,
                "Something in it is longer, or larger, than can be kept, or names what isn't here. Nothing was changed.");
        return named(detail, "too-much", "Not a value to use");
    }

    /** A browser that went away before the answer was written: nobody is left to tell, and nothing is wrong. */
    @ExceptionHandler(ClientAbortException.class)
    void gone() {
        // Nothing to answer to.
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception failure) {
        LOG.error("Something went wrong that nobody expected", failure);
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "Something went wrong inside. Look at the page again to see whether it counted. The log of Pot Mellow tells more.");
        return named(detail, "inside", "Something went wrong");
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException failure, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        return super.handleExceptionInternal(
                failure, unreadable(Unreadable.body(failure.getCause())), headers, HttpStatus.BAD_REQUEST, request);
    }

    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException failure, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String name = failure instanceof MethodArgumentTypeMismatchException argument ? argument.getName() : "value";
        return super.handleExceptionInternal(
                failure,
                unreadable(Unreadable.part(name, failure.getValue(), failure.getRequiredType())),
                headers,
                HttpStatus.BAD_REQUEST,
                request);
    }

    /** What the framework refuses is told in words of our own. */
    @Override
    protected ResponseEntity<Object> handleExceptionInternal(
            Exception failure, Object body, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        String words = switch (status.value()) {
            case 404 -> "Nothing is at this address.";
            case 405 -> "That can't be done at this address.";
            case 406 -> "It can't be told in that form: ask for JSON.";
            case 413 -> "It is too large.";
            case 415 -> "It must be sent as application/json.";
            default -> "Something that belongs to the request is missing or can't be used.";
        };
        ProblemDetail detail = named(ProblemDetail.forStatusAndDetail(status, words), "unreadable", "Not readable");
        if (failure instanceof MissingServletRequestParameterException missing) {
            detail.setDetail("“" + missing.getParameterName() + "” must be told.");
            detail.setProperty("field", missing.getParameterName());
        }
        return super.handleExceptionInternal(failure, detail, headers, status, request);
    }

    private static ProblemDetail unreadable(Unreadable unreadable) {
        ProblemDetail detail = named(
                ProblemDetail.forStatusAndDetail(HttpStatus.BAD_REQUEST, unreadable.words()),
                "unreadable",
                "Not readable");
        if (!unreadable.field().isEmpty()) {
            detail.setProperty("field", unreadable.field());
        }
        if (!unreadable.given().isEmpty()) {
            detail.setProperty("given", unreadable.given());
        }
        return detail;
    }

    private static ProblemDetail problem(HttpStatus status, String code, String title, Exception failure) {
        return named(ProblemDetail.forStatusAndDetail(status, failure.getMessage()), code, title);
    }

    static ProblemDetail named(ProblemDetail detail, String code, String title) {
        detail.setType(URI.create("urn:potmellow:problem:" + code));
        detail.setTitle(title);
        detail.setProperty("code", code);
        return detail;
    }
}
