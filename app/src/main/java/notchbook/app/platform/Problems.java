package notchbook.app.platform;

import org.springframework.beans.TypeMismatchException;
import org.springframework.core.NestedExceptionUtils;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.HttpStatusCode;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.RestControllerAdvice;
import org.springframework.web.context.request.WebRequest;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.mvc.method.annotation.ResponseEntityExceptionHandler;

/** Turns what went wrong into problem details (RFC 9457) whose {@code detail} can be shown to a student. */
@RestControllerAdvice
class Problems extends ResponseEntityExceptionHandler {
    @ExceptionHandler
    ProblemDetail refused(Refusal refusal) {
        var problem = ProblemDetail.forStatusAndDetail(refusal.status(), refusal.getMessage());
        refusal.properties().forEach(problem::setProperty);
        return problem;
    }

    /** A value that a core record does not allow. */
    @ExceptionHandler
    ProblemDetail unfit(IllegalArgumentException unfit) {
        return ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_CONTENT, unfit.getMessage());
    }

    @ExceptionHandler
    ProblemDetail clash(DataIntegrityViolationException clash) {
        logger.warn("Refused by the database", clash);
        return ProblemDetail.forStatusAndDetail(
                HttpStatus.CONFLICT,
                "This does not fit with what is already there. Load the page again and try once more.");
    }

    @Override
    protected ResponseEntity<Object> handleMaxUploadSizeExceededException(
            MaxUploadSizeExceededException tooLarge, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        var problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.CONTENT_TOO_LARGE, "This file is larger than 200 MB. Make it smaller, or send it in parts.");
        return handleExceptionInternal(tooLarge, problem, headers, HttpStatus.CONTENT_TOO_LARGE, request);
    }

    /** An address with something other than an id, a date or a number in the place of one. */
    @Override
    protected ResponseEntity<Object> handleTypeMismatch(
            TypeMismatchException odd, HttpHeaders headers, HttpStatusCode status, WebRequest request) {
        var problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.NOT_FOUND, "There is nothing at this address. Open what you look for from the contents.");
        return handleExceptionInternal(odd, problem, headers, HttpStatus.NOT_FOUND, request);
    }

    @Override
    protected ResponseEntity<Object> handleHttpMessageNotReadable(
            HttpMessageNotReadableException unreadable,
            HttpHeaders headers,
            HttpStatusCode status,
            WebRequest request) {
        if (NestedExceptionUtils.getMostSpecificCause(unreadable) instanceof IllegalArgumentException unfit) {
            return handleExceptionInternal(
                    unreadable, unfit(unfit), headers, HttpStatus.UNPROCESSABLE_CONTENT, request);
        }
        var problem = ProblemDetail.forStatusAndDetail(
                HttpStatus.BAD_REQUEST, "What was sent can't be read. Load the page again and try once more.");
        return handleExceptionInternal(unreadable, problem, headers, HttpStatus.BAD_REQUEST, request);
    }
}
