package pelluna.core.capacity;

/**
 * Nitrate under steady production and regular water changes.
 *
 * <p>Between changes C' = p − k·C; every T days C becomes (1 − f)·C. In the long run, just before a change,
 * C = (p/k)(1 − e^(−kT)) / (1 − (1 − f)·e^(−kT)); with k → 0 this is the geometric series p·T/f.
 *
 * @param perDay    production p, mg/L a day, 0 or more
 * @param export    other export k (algae, skimming, denitrification), per day, 0 or more
 * @param share     fraction f changed, 0 to 1
 * @param everyDays days T between changes, above 0
 */
public record Nitrate(double perDay, double export, double share, double everyDays) {
    /** Grams of nitrate ion per gram of nitrate nitrogen: (14.0067 + 3 × 15.9994) ÷ 14.0067. */
    public static final double ION_PER_NITROGEN = (14.0067 + 3 * 15.9994) / 14.0067;

    /** Level just before a change in the long run, in the unit of {@code perDay}; infinite without any way out. */
    public double steady() {
        if (perDay == 0) {
            return 0;
        }
        if (export * everyDays < 1e-9) {
            return perDay * everyDays / share;
        }
        double kept = Math.exp(-export * everyDays);
        return perDay / export * (1 - kept) / (1 - (1 - share) * kept);
    }

    /** Level a day later without a change, from a level, in the unit of {@code perDay}. */
    public double dayAfter(double level) {
        double kept = Math.exp(-export);
        return level * kept + (export < 1e-12 ? perDay : perDay / export * (1 - kept));
    }

    /** Level just before the n-th change, from a start level; n = 1 is the first. */
    public double before(int n, double start) {
        double level = start;
        for (int i = 1; i <= n; i++) {
            double afterChange = i == 1 ? level : level * (1 - share);
            level = grown(afterChange, everyDays);
        }
        return level;
    }

    private double grown(double level, double days) {
        if (export < 1e-12) {
            return level + perDay * days;
        }
        double kept = Math.exp(-export * days);
        return level * kept + perDay / export * (1 - kept);
    }

    /** The share to change every T days that just holds a ceiling; above 1 if no change of that rhythm does. */
    public double shareFor(double ceiling) {
        double kept = Math.exp(-export * everyDays);
        double added = export < 1e-12 ? perDay * everyDays : perDay / export * (1 - kept);
        return kept < 1e-300 ? 0 : Math.max(0, 1 - (ceiling - added) / (ceiling * kept));
    }
}
