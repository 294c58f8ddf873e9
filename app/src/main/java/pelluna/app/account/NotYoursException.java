package pelluna.app.account;

/** Somebody may enter a tank, but not do this there: 403. */
public final class NotYoursException extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final transient AccountRefusal why;

    NotYoursException(AccountRefusal why) {
        super(why.toString());
        this.why = why;
    }

    public AccountRefusal why() {
        return why;
    }
}
