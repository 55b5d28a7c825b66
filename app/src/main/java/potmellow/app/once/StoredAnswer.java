package potmellow.app.once;

import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;

/** An act was done before under this key: its answer is given again, byte by byte. */
final class StoredAnswer extends RuntimeException {
    private static final long serialVersionUID = 1L;

    private final int status;
    private final transient byte[] body;

    /**
     * @param status of the answer
     * @param body of the answer, JSON; empty where it had none
     */
    StoredAnswer(int status, byte[] body) {
        super("answered before", null, false, false);
        this.status = status;
        this.body = body;
    }

    int status() {
        return status;
    }

    byte[] body() {
        return body;
    }

    /** Writes it as the controller would have. */
    @RestControllerAdvice
    static class Again {
        @ExceptionHandler
        ResponseEntity<byte[]> again(StoredAnswer stored) {
            return ResponseEntity.status(stored.status())
                    .contentType(MediaType.APPLICATION_JSON)
                    .body(stored.body());
        }
    }
}
