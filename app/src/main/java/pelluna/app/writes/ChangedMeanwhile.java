package pelluna.app.writes;

import pelluna.app.limits.Refused;

/** Somebody has written to the tank since whoever asks has read it (RFC 9110, 13.1.1). */
class ChangedMeanwhile extends Refused {
    private static final int PRECONDITION_FAILED = 412;

    ChangedMeanwhile() {
        super(new WriteRefusal.ChangedMeanwhile());
    }

    @Override
    public int status() {
        return PRECONDITION_FAILED;
    }
}
