package pelluna.app.shell;

import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.http.HttpStatus;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.ui.Model;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.HttpRequestMethodNotSupportedException;
import org.springframework.web.bind.MissingServletRequestParameterException;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.method.annotation.MethodArgumentTypeMismatchException;
import org.springframework.web.multipart.MaxUploadSizeExceededException;
import org.springframework.web.servlet.resource.NoResourceFoundException;

import pelluna.app.exchange.PlanProblemsException;
import pelluna.app.exchange.Problem;
import pelluna.app.planning.NoSuchTankException;
import pelluna.core.catalogue.CatalogueException;

/** Says what happened, what was kept and what to do; never a stack trace. */
@ControllerAdvice
class Failures {
    private static final Logger LOG = LoggerFactory.getLogger(Failures.class);
    private final Shells shells;

    Failures(Shells shells) {
        this.shells = shells;
    }

    @ExceptionHandler({NoSuchTankException.class, NoResourceFoundException.class, MethodArgumentTypeMismatchException.class,
        HttpRequestMethodNotSupportedException.class, HttpMediaTypeNotSupportedException.class})
    @ResponseStatus(HttpStatus.NOT_FOUND)
    String missing(Model model) {
        return failure(model, "Not here", "There is no such page, tank or fish. Nothing was changed.");
    }

    @ExceptionHandler({ObjectOptimisticLockingFailureException.class, DuplicateKeyException.class})
    @ResponseStatus(HttpStatus.CONFLICT)
    String raced(Model model) {
        return failure(model, "Changed elsewhere",
            "Another window changed the same thing in the same moment. Its change was kept and yours was not saved: go back, reload, and make it again.");
    }

    @ExceptionHandler(PlanProblemsException.class)
    @ResponseStatus(HttpStatus.UNPROCESSABLE_CONTENT)
    String refused(PlanProblemsException e, Model model) {
        return failure(model, "Not taken", String.join(" ", e.problems().stream().map(Problem::toString).toList()) + " Nothing was changed.");
    }

    @ExceptionHandler(CatalogueException.class)
    @ResponseStatus(HttpStatus.UNPROCESSABLE_CONTENT)
    String wordRefused(CatalogueException e, Model model) {
        return failure(model, "Not taken", String.join(" ", e.problems()) + ". Nothing was changed.");
    }

    @ExceptionHandler({MaxUploadSizeExceededException.class, MissingServletRequestParameterException.class})
    @ResponseStatus(HttpStatus.BAD_REQUEST)
    String unusable(Model model) {
        return failure(model, "Not taken", "Something was missing, or a file was larger than Pelluna takes (12 MB). Nothing was changed.");
    }

    @ExceptionHandler(Exception.class)
    @ResponseStatus(HttpStatus.INTERNAL_SERVER_ERROR)
    String broken(Exception e, Model model) {
        LOG.error("A page failed", e);
        return failure(model, "That went wrong",
            "Pelluna could not finish this page. What was saved before is kept. Go back and try again; if it happens twice, the log of the program says more.");
    }

    private String failure(Model model, String title, String sentence) {
        shells.around(model, "", title, "");
        model.addAttribute("what", sentence);
        return "failure";
    }
}
