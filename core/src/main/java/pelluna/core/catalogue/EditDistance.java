package pelluna.core.catalogue;

/**
 * Least number of single letters put in, taken out, changed or swapped with their neighbour: Levenshtein (1966) with
 * Damerau's (1964) swap, in the form
 * where no stretch is edited twice (optimal string alignment). O(n·m).
 */
public final class EditDistance {
    private EditDistance() {}

    /** 0 for equal words; case counts. */
    public static int between(String a, String b) {
        int[][] d = new int[a.length() + 1][b.length() + 1];
        for (int i = 0; i <= a.length(); i++) {
            d[i][0] = i;
        }
        for (int j = 0; j <= b.length(); j++) {
            d[0][j] = j;
        }
        for (int i = 1; i <= a.length(); i++) {
            for (int j = 1; j <= b.length(); j++) {
                int change = a.charAt(i - 1) == b.charAt(j - 1) ? 0 : 1;
                d[i][j] = Math.min(d[i - 1][j - 1] + change, Math.min(d[i - 1][j], d[i][j - 1]) + 1);
                if (i > 1 && j > 1 && a.charAt(i - 1) == b.charAt(j - 2) && a.charAt(i - 2) == b.charAt(j - 1)) {
                    d[i][j] = Math.min(d[i][j], d[i - 2][j - 2] + 1);
                }
            }
        }
        return d[a.length()][b.length()];
    }
}
