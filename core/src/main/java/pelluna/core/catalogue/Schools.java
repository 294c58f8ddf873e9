package pelluna.core.catalogue;

/** One disputed figure as three schools give it; never falling from Bold to Cautious. */
public record Schools(double bold, double customary, double cautious) {
    public double at(Stance stance) {
        return switch (stance) {
            case BOLD -> bold;
            case CUSTOMARY -> customary;
            case CAUTIOUS -> cautious;
        };
    }

    public boolean disputed() {
        return bold != cautious;
    }
}
