package pelluna.app.limits;

/** What was sent is no text at all. */
public class Unreadable extends Refused {
    public Unreadable(String field, Refusal why) {
        super(field, why);
    }

    public Unreadable(String field, Refusal why, Exception cause) {
        super(field, why, cause);
    }

    @Override
    public int status() {
        return 400;
    }
}
