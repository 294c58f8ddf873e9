package pelluna.core.grounds;

import java.util.Arrays;

/**
 * Assigns every row a column of its own at the least total cost: the Hungarian method (Kuhn 1955, Munkres 1957) with
 * potentials and shortest augmenting paths (Jonker &amp; Volgenant 1987). O(rows² · columns).
 */
public final class HungarianMethod {
    private HungarianMethod() {}

    /**
     * @param cost finite costs, rows × columns, at least as many columns as rows
     * @return the column of each row
     * @throws IllegalArgumentException with more rows than columns
     */
    public static int[] assign(double[][] cost) {
        int rows = cost.length;
        int columns = rows == 0 ? 0 : cost[0].length;
        if (rows > columns) {
            throw new IllegalArgumentException(rows + " rows for " + columns + " columns");
        }
        double[] rowPotential = new double[rows + 1];
        double[] columnPotential = new double[columns + 1];
        int[] rowOf = new int[columns + 1];
        int[] before = new int[columns + 1];
        for (int row = 1; row <= rows; row++) {
            rowOf[0] = row;
            double[] slack = new double[columns + 1];
            Arrays.fill(slack, Double.POSITIVE_INFINITY);
            boolean[] seen = new boolean[columns + 1];
            int at = 0;
            do {
                seen[at] = true;
                int here = rowOf[at];
                int next = 0;
                double least = Double.POSITIVE_INFINITY;
                for (int c = 1; c <= columns; c++) {
                    if (!seen[c]) {
                        double reduced = cost[here - 1][c - 1] - rowPotential[here] - columnPotential[c];
                        if (reduced < slack[c]) {
                            slack[c] = reduced;
                            before[c] = at;
                        }
                        if (slack[c] < least) {
                            least = slack[c];
                            next = c;
                        }
                    }
                }
                for (int c = 0; c <= columns; c++) {
                    if (seen[c]) {
                        rowPotential[rowOf[c]] += least;
                        columnPotential[c] -= least;
                    } else {
                        slack[c] -= least;
                    }
                }
                at = next;
            } while (rowOf[at] != 0);
            while (at != 0) {
                rowOf[at] = rowOf[before[at]];
                at = before[at];
            }
        }
        int[] columnOf = new int[rows];
        for (int c = 1; c <= columns; c++) {
            if (rowOf[c] > 0) {
                columnOf[rowOf[c] - 1] = c - 1;
            }
        }
        return columnOf;
    }
}
