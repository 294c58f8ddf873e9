package pelluna.app.drawing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.Map;
import java.util.stream.DoubleStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import pelluna.core.catalogue.Form;
import pelluna.core.catalogue.Look;

class FishOutlineTest {
    @ParameterizedTest
    @EnumSource(Form.class)
    void everyFormIsInTheFileAndItsBackIsAboveItsBelly(Form form) {
        assertThat(FormFile.read()).containsKey(form.word());
        FishForms.Outline o = FishForms.of(form);
        assertThat(o.body()).startsWith("M").endsWith("Z");
        o.profile()
                .ifPresent(p -> DoubleStream.iterate(0.01, x -> x < p.end(), x -> x + 0.01)
                        .forEach(x -> assertThat(p.edge(-1, x))
                                .as(form.word() + " at " + x)
                                .isLessThan(p.edge(1, x))));
    }

    @ParameterizedTest
    @EnumSource(Form.class)
    void itIsAsDeepAsItsFormSaysAndItsEyeIsInItsHead(Form form) {
        FishForms.Outline o = FishForms.of(form);
        o.profile().ifPresent(p -> {
            double deepest = DoubleStream.iterate(0, x -> x < p.end(), x -> x + 0.01)
                    .map(x -> p.edge(1, x) - p.edge(-1, x))
                    .max()
                    .orElseThrow();
            assertThat(deepest).as(form.word()).isBetween(0.93 * form.depthShare(), 1.05 * form.depthShare());
            assertThat(o.eyeY())
                    .as(form.word() + ": the whole eye")
                    .isBetween(p.edge(-1, o.eyeX()) + 0.3 * o.eyeR(), p.edge(1, o.eyeX()));
        });
    }

    @Test
    void finsReachOutOfTheBody() {
        Map<String, FormSpec> specs = FormFile.read();
        specs.values().stream().filter(s -> !s.body.isEmpty()).forEach(s -> {
            Profile body = new Profile(s.body, 0.2);
            s.fins.forEach(f -> {
                double x = (f.from() + f.to()) / 2;
                double middle = new FinShape(body, f).middle(x);
                assertThat(f.side() * middle).isGreaterThan(f.side() * body.edge(f.side(), x));
            });
        });
    }

    @Test
    void aSpotOfAFinLiesInItAndOneBesideItStaysWhereItIs() {
        FishForms.Outline wrasse = FishForms.of(Form.WRASSE);
        double back = wrasse.profile().orElseThrow().edge(-1, 0.4);
        assertThat(wrasse.inFin(0.4, -1, 99)).isLessThan(back).isGreaterThan(back - 0.06);
        assertThat(wrasse.inFin(0.02, -1, 99)).isEqualTo(99);
    }

    @Test
    void raysAndScalesAreDrawnOnlyWhereTheyAreSeen() {
        Look look = new Look(Form.ANGEL, "#223344", "#223344", "#223344", List.of());
        assertThat(FishDrawing.file(look, 300)).contains("scales-fish").hasSizeGreaterThan(4000);
        assertThat(FishDrawing.file(look, 60))
                .doesNotContain("scales-fish")
                .hasSizeLessThan(FishDrawing.file(look, 300).length() * 3 / 4);
    }

    @Test
    void aStripeFollowsTheBodyToItsTail() {
        Profile body = FishForms.of(Form.CHROMIS).profile().orElseThrow();
        assertThat(Math.abs(body.follow(0.35, -0.5))).isGreaterThan(3 * Math.abs(body.follow(0.76, -0.5)));
    }

    @Test
    void aTailOfAnUnknownKindIsNotDrawn() {
        assertThatThrownBy(() -> new TailShape("broom", 0.1, 0.8, 0.02)).isInstanceOf(IllegalArgumentException.class);
    }
}
