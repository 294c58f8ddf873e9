package pelluna.core.grounds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.LinkedHashSet;
import java.util.Set;
import java.util.SplittableRandom;
import org.jgrapht.alg.matching.KuhnMunkresMinimalWeightBipartitePerfectMatching;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleWeightedGraph;
import org.junit.jupiter.api.RepeatedTest;
import org.junit.jupiter.api.RepetitionInfo;
import org.junit.jupiter.api.Test;

class HungarianMethodTest {
    @Test
    void givesEveryRowAColumnOfItsOwnAtTheLeastCost() {
        // by hand: 1 + 2 + 2 is the least of the six ways
        double[][] cost = {{4, 1, 3}, {2, 0, 5}, {3, 2, 2}};
        assertThat(HungarianMethod.assign(cost)).containsExactly(1, 0, 2);
        assertThat(price(cost, HungarianMethod.assign(cost))).isEqualTo(5);
    }

    @RepeatedTest(10)
    void costsAsLittleAsAnIndependentLibraryFinds(RepetitionInfo run) {
        SplittableRandom random = new SplittableRandom(run.getCurrentRepetition());
        int rows = random.nextInt(1, 25);
        int columns = rows + random.nextInt(0, 20);
        double[][] cost = new double[rows][columns];
        for (double[] row : cost) {
            for (int c = 0; c < columns; c++) {
                row[c] = random.nextInt(5) == 0 ? 1e7 : random.nextDouble(-5, 50);
            }
        }
        int[] found = HungarianMethod.assign(cost);
        assertThat(found).doesNotHaveDuplicates().hasSize(rows);
        // reference: JGraphT's Kuhn–Munkres, on the square matrix filled up with free rows
        assertThat(price(cost, found)).isCloseTo(reference(cost), within(1e-6));
    }

    @Test
    void refusesMoreRowsThanColumns() {
        assertThatThrownBy(() -> HungarianMethod.assign(new double[][] {{1}, {2}}))
                .isInstanceOf(IllegalArgumentException.class);
        assertThat(HungarianMethod.assign(new double[0][])).isEmpty();
    }

    private static double price(double[][] cost, int[] columnOf) {
        double sum = 0;
        for (int i = 0; i < columnOf.length; i++) {
            sum += cost[i][columnOf[i]];
        }
        return sum;
    }

    private static double reference(double[][] cost) {
        int n = cost[0].length;
        SimpleWeightedGraph<String, DefaultWeightedEdge> graph = new SimpleWeightedGraph<>(DefaultWeightedEdge.class);
        Set<String> rows = new LinkedHashSet<>();
        Set<String> columns = new LinkedHashSet<>();
        for (int i = 0; i < n; i++) {
            rows.add("r" + i);
            columns.add("c" + i);
            graph.addVertex("r" + i);
            graph.addVertex("c" + i);
        }
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                graph.setEdgeWeight(graph.addEdge("r" + i, "c" + j), i < cost.length ? cost[i][j] : 0);
            }
        }
        return new KuhnMunkresMinimalWeightBipartitePerfectMatching<>(graph, rows, columns)
                .getMatching()
                .getWeight();
    }
}
