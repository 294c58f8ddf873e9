package pelluna.core.odds;

/** Wounds that contests leave: they heal, and many of them kill. */
final class Wounds implements Hazard {
    /** With so many open wounds a fish is badly hurt, and everybody would take it out. Pelluna's judgement. */
    static final double BADLY = 3;

    private final double dies;
    private final double perContest;
    private final double left;

    Wounds(Rates rates) {
        this.dies = rates.get(Rate.WOUNDED_DIES);
        this.perContest = rates.get(Rate.WOUNDS);
        double days = rates.get(Rate.HEALS_DAYS);
        this.left = days > 0 ? Math.max(0, 1 - Math.min(1, LN_2 / days)) : 0;
    }

    private static final double LN_2 = 0.6931471805599453;

    /** How many more a day leaves. @param harm contests a day, each weighed by how it hurts */
    double more(double harm, Chance luck, int day) {
        double mean = harm * perContest;
        return mean > 0 ? luck.count(mean, day) : 0;
    }

    /** What is left of them the day after. */
    double healed(double wounds) {
        return wounds * left;
    }

    @Override
    public Fate fate() {
        return Fate.KILLED;
    }

    @Override
    public boolean concerns(Fish fish) {
        return dies > 0 && perContest > 0;
    }

    @Override
    public double on(int day, int fish, Now now) {
        double open = now.wounds[fish];
        return dies * open * open * open;
    }
}
