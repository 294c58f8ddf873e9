package pelluna.core.grounds;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.SplittableRandom;
import org.junit.jupiter.api.Test;

class EllipseTest {
    @Test
    void twoCirclesOverlapAsTheLensFormulaSays() {
        // two unit circles at distance 1: 2·acos(1/2) − √3/2, the circle–circle intersection
        double lens = 2 * Math.acos(0.5) - Math.sqrt(3) / 2;
        assertThat(Ellipse.overlap(new Ellipse(0, 0, 1, 1), new Ellipse(1, 0, 1, 1)))
                .isCloseTo(lens / Math.PI, within(0.005));
        assertThat(Ellipse.overlap(new Ellipse(0, 0, 1, 1), new Ellipse(0, 1, 1, 1)))
                .isCloseTo(lens / Math.PI, within(0.005));
    }

    @Test
    void oneInsideTheOtherOverlapsWhollyAndTwoApartNotAtAll() {
        assertThat(Ellipse.overlap(new Ellipse(0, 0, 10, 6), new Ellipse(2, 1, 3, 2)))
                .isCloseTo(1, within(0.01));
        assertThat(Ellipse.overlap(new Ellipse(0, 0, 10, 6), new Ellipse(14, 0, 3, 2)))
                .isZero();
        assertThat(Ellipse.overlap(new Ellipse(0, 0, 10, 6), new Ellipse(0, 9, 30, 2)))
                .isZero();
    }

    @Test
    void itIsTheSameFromBothSidesAndFallsWithTheDistanceAlongEitherAxis() {
        SplittableRandom random = new SplittableRandom(7);
        for (int i = 0; i < 500; i++) {
            Ellipse a = new Ellipse(
                    random.nextDouble(100), random.nextDouble(50), random.nextDouble(2, 60), random.nextDouble(2, 30));
            Ellipse b = new Ellipse(
                    random.nextDouble(100), random.nextDouble(50), random.nextDouble(2, 60), random.nextDouble(2, 30));
            double now = Ellipse.overlap(a, b);
            assertThat(Ellipse.overlap(b, a)).isCloseTo(now, within(0.01));
            double aside = a.xCm() + (b.xCm() - a.xCm()) * 1.3;
            double above = a.yCm() + (b.yCm() - a.yCm()) * 1.3;
            assertThat(Ellipse.overlap(a, new Ellipse(aside, b.yCm(), b.rx(), b.ry())))
                    .isLessThanOrEqualTo(now + 0.004);
            assertThat(Ellipse.overlap(a, new Ellipse(b.xCm(), above, b.rx(), b.ry())))
                    .isLessThanOrEqualTo(now + 0.004);
        }
    }
}
