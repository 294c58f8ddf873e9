package pelluna.app.shell;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataIntegrityViolationException;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.http.converter.HttpMessageNotReadableException;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.web.HttpMediaTypeNotAcceptableException;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.ServletRequestBindingException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.context.request.async.AsyncRequestNotUsableException;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MultipartException;
import org.springframework.web.multipart.support.MissingServletRequestPartException;
import org.springframework.web.servlet.resource.NoResourceFoundException;
import pelluna.app.account.NoSuchTankException;
import pelluna.app.account.NotYoursException;
import pelluna.app.database.DatabaseTrouble;
import pelluna.app.database.DatabaseWatch;
import pelluna.app.limits.LimitRefusal;
import pelluna.app.limits.Refused;
import pelluna.app.planfile.PlanProblemsException;
import pelluna.app.writes.Answers;
import pelluna.core.catalogue.CatalogueException;
import pelluna.core.units.Sentences;

/** Says what happened, what was kept and what to do; never a stack trace. */
@ControllerAdvice
class Failures {
    private static final Logger LOG = LoggerFactory.getLogger(Failures.class);
    private final Answers answers;
    private final DatabaseWatch database;

    Failures(Answers answers, DatabaseWatch database) {
        this.answers = answers;
        this.database = database;
    }

    @ExceptionHandler({NoSuchTankException.class, NoResourceFoundException.class})
    void missing(HttpServletRequest request, HttpServletResponse response) throws IOException {
        answers.plain(request, response, HttpServletResponse.SC_NOT_FOUND, new ShellRefusal.NotHere());
    }

    @ExceptionHandler(NotYoursException.class)
    void notYours(NotYoursException e, HttpServletRequest request, HttpServletResponse response) throws IOException {
        answers.plain(request, response, HttpServletResponse.SC_FORBIDDEN, e.why());
    }

    /** A number in an address that is none leads nowhere; one in a field is refused beside it. */
    @ExceptionHandler(MethodArgumentTypeMismatchException.class)
    void mistyped(MethodArgumentTypeMismatchException e, HttpServletRequest request, HttpServletResponse response)
            throws ServletException, IOException {
        if (request.getParameter(e.getName()) == null) {
            missing(request, response);
        } else {
            answers.refused(
                    request,
                    response,
                    new Refused(
                            e.getName(),
                            e.getRequiredType() == LocalDate.class
                                    ? new LimitRefusal.NoDay()
                                    : new LimitRefusal.NoNumber()));
        }
    }

    @ExceptionHandler(HttpRequestMethodNotSupportedException.class)
    void unsupported(HttpServletRequest request, HttpServletResponse response) throws IOException {
        if (request.getMethod().equals("GET")) {
            missing(request, response);
            return;
        }
        answers.plain(request, response, HttpServletResponse.SC_METHOD_NOT_ALLOWED, new ShellRefusal.NotAskedSo());
    }

    @ExceptionHandler(HttpMediaTypeNotSupportedException.class)
    void unknownForm(HttpServletRequest request, HttpServletResponse response) throws IOException {
        answers.plain(request, response, HttpServletResponse.SC_UNSUPPORTED_MEDIA_TYPE, new LimitRefusal.UnreadForm());
    }

    @ExceptionHandler(HttpMediaTypeNotAcceptableException.class)
    void unacceptable(HttpServletRequest request, HttpServletResponse response) throws IOException {
        answers.plain(request, response, HttpServletResponse.SC_NOT_ACCEPTABLE, new ShellRefusal.NotToBeHadSo());
    }

    @ExceptionHandler({ObjectOptimisticLockingFailureException.class, DuplicateKeyException.class})
    void raced(HttpServletRequest request, HttpServletResponse response) throws IOException {
        answers.plain(request, response, HttpServletResponse.SC_CONFLICT, new ShellRefusal.Raced());
    }

    @ExceptionHandler(PlanProblemsException.class)
    void refused(PlanProblemsException e, HttpServletRequest request, HttpServletResponse response)
            throws ServletException, IOException {
        answers.refused(
                request, response, new Refused(new ShellRefusal.Problems(new Sentences(List.copyOf(e.problems())))));
    }

    @ExceptionHandler(CatalogueException.class)
    void wordRefused(CatalogueException e, HttpServletRequest request, HttpServletResponse response)
            throws ServletException, IOException {
        answers.refused(
                request, response, new Refused(new ShellRefusal.WordRefused(new Sentences(List.copyOf(e.problems())))));
    }

    @ExceptionHandler(Refused.class)
    void refused(Refused e, HttpServletRequest request, HttpServletResponse response)
            throws ServletException, IOException {
        answers.refused(request, response, e);
    }

    @ExceptionHandler(DateTimeParseException.class)
    void noDay(HttpServletRequest request, HttpServletResponse response) throws ServletException, IOException {
        answers.refused(request, response, new Refused(new LimitRefusal.NoDay()));
    }

    @ExceptionHandler(NumberFormatException.class)
    void noNumber(HttpServletRequest request, HttpServletResponse response) throws ServletException, IOException {
        answers.refused(request, response, new Refused(new LimitRefusal.NoNumber()));
    }

    @ExceptionHandler({
        MissingServletRequestParameterException.class,
        ServletRequestBindingException.class,
        MissingServletRequestPartException.class,
        MultipartException.class,
        HttpMessageNotReadableException.class
    })
    void unusable(HttpServletRequest request, HttpServletResponse response) throws IOException {
        answers.plain(request, response, HttpServletResponse.SC_BAD_REQUEST, new ShellRefusal.Unusable());
    }

    /** The database's own limits are the last net: what they stop was not written, and is no failure of the program. */
    @ExceptionHandler(DataIntegrityViolationException.class)
    void beyond(DataIntegrityViolationException e, HttpServletRequest request, HttpServletResponse response)
            throws ServletException, IOException {
        LOG.warn("{} {} was stopped by the database: {}", request.getMethod(), request.getRequestURI(), e.getMessage());
        answers.refused(request, response, new Refused(new ShellRefusal.Beyond()));
    }

    /** Whoever asked has gone. */
    @ExceptionHandler(AsyncRequestNotUsableException.class)
    void gone() {
        LOG.debug("An answer found nobody");
    }

    @ExceptionHandler(Exception.class)
    void broken(Exception e, HttpServletRequest request, HttpServletResponse response) throws IOException {
        Optional<DatabaseTrouble> trouble = DatabaseTrouble.of(e);
        if (trouble.isPresent()) {
            database.met(trouble.get());
            LOG.warn("{} {}: the database is {}", request.getMethod(), request.getRequestURI(), trouble.get());
            answers.plain(request, response, HttpStatus.SERVICE_UNAVAILABLE.value(), trouble.get());
        } else {
            LOG.error("A page failed", e);
            answers.plain(request, response, HttpServletResponse.SC_INTERNAL_SERVER_ERROR, new ShellRefusal.Broken());
        }
    }
}
