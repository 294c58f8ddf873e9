package pelluna.core.odds;

import pelluna.core.units.Named;

/** In what a rate is counted. */
public enum RateKind implements Named {
    SHARE("share", 100),
    A_DAY("a-day", 100),
    A_YEAR("a-year", 100),
    DAYS("days", 1),
    TIMES("times", 1),
    MG_PER_LITRE("mg-per-litre", 1);

    private final String word;
    private final double shown;

    RateKind(String word, double shown) {
        this.word = word;
        this.shown = shown;
    }

    @Override
    public String word() {
        return word;
    }

    /** A value as it is shown with its unit: shares and risks in per cent. */
    public double shown(double value) {
        return shown * value;
    }
}
