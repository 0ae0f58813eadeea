package kindthimble.app.http;

import java.sql.SQLException;
import kindthimble.core.words.Refused;
import org.apache.tomcat.util.http.InvalidParameterException;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.ConcurrencyFailureException;
import org.springframework.dao.DataAccessResourceFailureException;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.PessimisticLockingFailureException;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.orm.jpa.JpaSystemException;
import org.springframework.transaction.CannotCreateTransactionException;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.transaction.UnexpectedRollbackException;
import org.springframework.web.ErrorResponse;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import org.springframework.web.util.DisconnectedClientHelper;
import tools.jackson.core.JacksonException;

/** Turns what went wrong into problem details (RFC 9457) with the field and a sentence that a decorator understands. */
@RestControllerAdvice
class Problems {
    /** PostgreSQL's error code for a full disk. */
    private static final String DISK_FULL = "53100";

    private static final Logger LOG = LoggerFactory.getLogger(Problems.class);

    @ExceptionHandler
    ProblemDetail refused(Refused refused) {
        return problem(HttpStatus.UNPROCESSABLE_CONTENT, refused.field(), refused.getMessage());
    }

    @ExceptionHandler
    ProblemDetail stale(Stale stale) {
        return problem(HttpStatus.CONFLICT, "revision", stale.getMessage());
    }

    @ExceptionHandler({ObjectOptimisticLockingFailureException.class, PessimisticLockingFailureException.class})
    ProblemDetail overtaken(ConcurrencyFailureException overtaken) {
        return stale(new Stale("order"));
    }

    @ExceptionHandler
    ProblemDetail busy(Busy busy) {
        return problem(HttpStatus.SERVICE_UNAVAILABLE, "", busy.getMessage());
    }

    @ExceptionHandler
    ProblemDetail notThere(NotThere notThere) {
        return problem(HttpStatus.NOT_FOUND, "", notThere.getMessage());
    }

    @ExceptionHandler({NoResourceFoundException.class, MethodArgumentTypeMismatchException.class})
    ProblemDetail noSuchAddress(Exception e) {
        return problem(HttpStatus.NOT_FOUND, "", "There is nothing at this address.");
    }

    @ExceptionHandler
    ProblemDetail wrongMethod(HttpRequestMethodNotSupportedException e) {
        return problem(HttpStatus.METHOD_NOT_ALLOWED, "", "This address does not answer to " + e.getMethod() + ".");
    }

    @ExceptionHandler
    ProblemDetail wrongType(HttpMediaTypeNotSupportedException e) {
        return problem(HttpStatus.UNSUPPORTED_MEDIA_TYPE, "", "Send this as application/json.");
    }

    /** What follows the question mark. */
    @ExceptionHandler
    ProblemDetail unreadableAddress(InvalidParameterException e) {
        return problem(
                HttpStatus.BAD_REQUEST, "", "This address can't be read: look at what follows the question mark.");
    }

    @ExceptionHandler
    ProblemDetail unreadable(HttpMessageNotReadableException unreadable) {
        if (!(unreadable.getCause() instanceof JacksonException cause)) {
            return problem(HttpStatus.BAD_REQUEST, "", "Nothing was sent. Send the fields as JSON.");
        }
        Refused refused = Unreadable.refused(cause);
        return problem(HttpStatus.BAD_REQUEST, refused.field(), refused.getMessage());
    }

    /** The database is away, or starting. */
    @ExceptionHandler({
        DataAccessResourceFailureException.class,
        CannotCreateTransactionException.class,
        JpaSystemException.class,
        TransactionSystemException.class,
        UnexpectedRollbackException.class
    })
    ProblemDetail noDatabase(Exception e) {
        if (sqlState(e).startsWith(DISK_FULL)) {
            LOG.error("Disk full", e);
            return problem(
                    HttpStatus.INSUFFICIENT_STORAGE,
                    "",
                    "The disk is full, and nothing was saved. Make room and try again.");
        }
        LOG.warn("No database: {}", e.getMessage());
        return problem(
                HttpStatus.SERVICE_UNAVAILABLE,
                "",
                "The database is coming back. What you type is kept on this device, and sent as soon as it answers; look before you press again.");
    }

    @ExceptionHandler
    ProblemDetail notStorable(DataIntegrityViolationException e) {
        LOG.warn("Not stored: {}", e.getMessage());
        return problem(
                HttpStatus.CONFLICT, "", "This can't be stored beside what is there. Look again, and try it anew.");
    }

    @ExceptionHandler
    ProblemDetail unexpected(Exception e) {
        if (DisconnectedClientHelper.isClientDisconnectedException(e)) {
            return null; // The page was left meanwhile: nobody reads an answer.
        }
        if (e instanceof ErrorResponse answer) { // The framework's own: a header that it can't read, say.
            return problem(HttpStatus.valueOf(answer.getStatusCode().value()), "", "This request can't be read.");
        }
        LOG.error("Unexpected", e);
        return problem(
                HttpStatus.INTERNAL_SERVER_ERROR,
                "",
                "Something went wrong here, and nothing was saved. Try once more; the log file says what happened.");
    }

    private static String sqlState(Throwable e) {
        for (Throwable cause = e; cause != null; cause = cause.getCause()) {
            if (cause instanceof SQLException sql && sql.getSQLState() != null) {
                return sql.getSQLState();
            }
        }
        return "";
    }

    private static ProblemDetail problem(HttpStatus status, String field, String sentence) {
        ProblemDetail problem = ProblemDetail.forStatusAndDetail(status, sentence);
        problem.setProperty("field", field);
        return problem;
    }
}
