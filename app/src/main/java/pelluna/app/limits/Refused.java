package pelluna.app.limits;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What was sent cannot be so; nothing was written. */
public class Refused extends RuntimeException {
    /** Under which a page is told of a refusal. */
    private static final String TOLD = Refused.class.getName();

    private final String field;
    private final transient Refusal why;

    /** About all of what was sent. */
    public Refused(Refusal why) {
        this("", why);
    }

    /** @param field the name of the field that it is about; empty if it is about all of it */
    public Refused(String field, Refusal why) {
        this(field, why, null);
    }

    public Refused(String field, Refusal why, Exception cause) {
        super(field + ": " + why, cause);
        this.field = field;
        this.why = why;
    }

    /** Of the answer: the fields are read, and cannot be so. */
    public int status() {
        return 422;
    }

    public String field() {
        return field;
    }

    public Refusal why() {
        return why;
    }

    /** Sends a refusal on to the page that shows it. */
    public static RedirectAttributes tell(RedirectAttributes to, Refused why) {
        to.addFlashAttribute(TOLD, why);
        return to;
    }

    /** Has a page show it, whatever else it shows. */
    public static void show(HttpServletRequest page, Refused why) {
        page.setAttribute(TOLD, why);
    }

    /** What a page is to show; empty if nothing was refused. */
    public static Optional<Refused> shown(HttpServletRequest page) {
        return Optional.ofNullable((Refused) page.getAttribute(TOLD));
    }

    /** What a page is told; null if nothing was refused. */
    public static Refused told(RedirectAttributes to) {
        return (Refused) to.getFlashAttributes().get(TOLD);
    }
}
