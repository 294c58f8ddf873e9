package pelluna.app.limits;

import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** What was sent cannot be so. The message is for its keeper; nothing was written. */
public class Refused extends IllegalArgumentException {
    /** Query of a page that says why something was refused, and beside which field. */
    public static final String WHY = "refused";

    public static final String FIELD = "beside";
    private final String field;

    /** @param field the name of the field that it is about; empty if it is about all of it */
    public Refused(String field, String why) {
        super(why);
        this.field = field;
    }

    public Refused(String field, String why, Exception cause) {
        super(why, cause);
        this.field = field;
    }

    /** Of the answer: the fields are read, and cannot be so. */
    public int status() {
        return 422;
    }

    public String field() {
        return field;
    }

    /** Sends a refusal on to the page that shows it. */
    public static RedirectAttributes tell(RedirectAttributes to, IllegalArgumentException why) {
        to.addAttribute(WHY, why.getMessage());
        if (why instanceof Refused r && !r.field().isEmpty()) {
            to.addAttribute(FIELD, r.field());
        }
        return to;
    }
}
