package pelluna.core.behaviour;

/**
 * Landau's h (1951): how near the order is to a straight line, h = 12 ÷ (N³ − N) · Σ (Va − (N − 1) ÷ 2)², where Va is
 * how many
 * others a fish stands over: 1 for each against whom it won more than it lost, ½ for each with whom it is even or
 * never met. 1 is a
 * straight line, 0 no order.
 */
public final class Linearity {
    private Linearity() {}

    /** @return 0 to 1; 0 with fewer than three fish, where any order is straight */
    public static double landau(Contests c) {
        int n = c.size();
        if (n < 3) {
            return 0;
        }
        double sum = 0;
        for (int i = 0; i < n; i++) {
            double over = 0;
            for (int j = 0; j < n; j++) {
                over += i == j ? 0 : c.won(i, j) > c.won(j, i) ? 1 : c.won(i, j) == c.won(j, i) ? 0.5 : 0;
            }
            sum += Math.pow(over - (n - 1) / 2.0, 2);
        }
        return 12 * sum / (Math.pow(n, 3) - n);
    }
}
