package pelluna.core.losses;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import org.junit.jupiter.api.Test;
import pelluna.core.behaviour.EventType;

class LikelyCauseTest {
    /** What is known, nothing at first. */
    private static final class Known {
        private final Map<EventType, Long> ago = new EnumMap<>(EventType.class);
        private int kept = 200;
        private double years = 0.5;
        private int jumps;
        private boolean open;
        private int acts;
        private String aggressor = "";
        private String eater;
        private boolean missing;
        private Double ammonia;
        private Double nitrite;
        private Double swing;
        private int others;
        private boolean quarantine;

        Known noted(EventType d, long days) {
            ago.put(d, days);
            return this;
        }

        List<Proposal> proposals() {
            return LikelyCause.of(new Evidence(
                    ago,
                    kept,
                    years,
                    6,
                    jumps,
                    open,
                    acts,
                    aggressor,
                    Optional.ofNullable(eater),
                    missing,
                    of(ammonia),
                    of(nitrite),
                    of(swing),
                    others,
                    quarantine));
        }

        private static OptionalDouble of(Double d) {
            return d == null ? OptionalDouble.empty() : OptionalDouble.of(d);
        }

        Proposal first() {
            return proposals().get(0);
        }
    }

    @Test
    void whereNothingIsWrittenDownNothingIsProposed() {
        assertThat(new Known().proposals()).isEmpty();
    }

    @Test
    void aJumpOnTheDayOrTheDayBefore() {
        assertThat(new Known().noted(EventType.JUMPED, 0).first())
                .isEqualTo(new Proposal(Cause.JUMPED, new Fitting.Jumping(new Fitting.Ago(0))));
        assertThat(new Known().noted(EventType.JUMPED, 1).first().reason())
                .isEqualTo(new Fitting.Jumping(new Fitting.Ago(1)));
        assertThat(new Known().noted(EventType.JUMPED, 2).proposals()).isEmpty();
    }

    @Test
    void ammoniaOrNitriteInTheWater() {
        Known k = new Known();
        k.ammonia = 0.25;
        assertThat(k.first()).isEqualTo(new Proposal(Cause.WATER, new Fitting.Stood(BeforeIt.Substance.AMMONIA, 0.25)));
        k.ammonia = 0.24;
        assertThat(k.proposals()).isEmpty();
        k.nitrite = 0.5;
        k.others = 1;
        assertThat(k.first().reason()).isEqualTo(new Fitting.StoodAndOthers(BeforeIt.Substance.NITRITE, 0.5, 1));
    }

    @Test
    void severalLostAtOnceWithoutATest() {
        Known k = new Known();
        k.others = 2;
        assertThat(k.first()).isEqualTo(new Proposal(Cause.WATER, new Fitting.Others(2)));
        k.others = 1;
        assertThat(k.proposals()).isEmpty();
    }

    @Test
    void aHeaterThatStuck() {
        Known k = new Known();
        k.swing = 3.04;
        assertThat(k.first().cause()).isEqualTo(Cause.EQUIPMENT);
        assertThat(k.first().reason()).isEqualTo(new Fitting.TemperatureMoved(3.04));
        k.swing = 2.9;
        assertThat(k.proposals()).isEmpty();
    }

    @Test
    void beatenByTheOneWhoDidMostOfIt() {
        Known k = new Known().noted(EventType.TORN_FIN, 2);
        k.acts = 1;
        k.aggressor = "Inky";
        assertThat(k.first())
                .isEqualTo(new Proposal(
                        Cause.KILLED,
                        new Fitting.Acts(
                                1,
                                "Inky",
                                Optional.of(new Fitting.HurtNoted(EventType.TORN_FIN, new Fitting.Ago(2))))));
        k.noted(EventType.WOUND, 0);
        assertThat(k.first().reason())
                .isEqualTo(new Fitting.Acts(
                        1, "Inky", Optional.of(new Fitting.HurtNoted(EventType.WOUND, new Fitting.Ago(0)))));
    }

    @Test
    void chasedOnceWithoutAMarkIsNoCause() {
        Known k = new Known();
        k.acts = 2;
        assertThat(k.proposals()).isEmpty();
        k.acts = 3;
        assertThat(k.first().cause()).isEqualTo(Cause.KILLED);
        Known hides = new Known().noted(EventType.HIDES, 3);
        hides.acts = 1;
        assertThat(hides.first().cause()).isEqualTo(Cause.KILLED);
    }

    @Test
    void spotsOrFastBreathInTwoWeeks() {
        assertThat(new Known().noted(EventType.SPOTS, 14).first())
                .isEqualTo(new Proposal(Cause.DISEASE, new Fitting.SignSeen(EventType.SPOTS, new Fitting.Ago(14))));
        assertThat(new Known().noted(EventType.FAST_BREATH, 1).first().reason())
                .isEqualTo(new Fitting.SignSeen(EventType.FAST_BREATH, new Fitting.Ago(1)));
        assertThat(new Known().noted(EventType.SPOTS, 15).proposals()).isEmpty();
        assertThat(new Known().noted(EventType.RUBS, 3).proposals()).isEmpty();
        assertThat(new Known()
                        .noted(EventType.RUBS, 3)
                        .noted(EventType.NOT_EATING, 4)
                        .first()
                        .cause())
                .isEqualTo(Cause.DISEASE);
    }

    @Test
    void missingWhereSomebodyCouldSwallowIt() {
        Known k = new Known();
        k.eater = "the lionfish";
        assertThat(k.proposals()).isEmpty();
        k.missing = true;
        assertThat(k.first()).isEqualTo(new Proposal(Cause.EATEN, new Fitting.CouldSwallow("the lionfish")));
    }

    @Test
    void didNotEatToTheEnd() {
        assertThat(new Known().noted(EventType.NOT_EATING, 1).first())
                .isEqualTo(new Proposal(
                        Cause.STARVED, new Fitting.DidNotEat(new Fitting.LastMeal(false, new Fitting.Ago(0)))));
        assertThat(new Known()
                        .noted(EventType.NOT_EATING, 1)
                        .noted(EventType.EATS, 2)
                        .proposals())
                .isEmpty();
        assertThat(new Known()
                        .noted(EventType.THIN, 9)
                        .noted(EventType.EATS, 1)
                        .first()
                        .reason())
                .isEqualTo(new Fitting.WasThin(new Fitting.Ago(9), new Fitting.LastMeal(true, new Fitting.Ago(1))));
    }

    @Test
    void aJumperUnderAnOpenTop() {
        Known k = new Known();
        k.jumps = 2;
        k.open = true;
        assertThat(k.proposals()).as("settled, and nothing seen").isEmpty();
        k.kept = 30;
        assertThat(k.first().reason()).isEqualTo(new Fitting.JumpsFromIt(false));
        k.kept = 300;
        k.missing = true;
        assertThat(k.first().reason()).isEqualTo(new Fitting.JumpsFromIt(true));
        k.open = false;
        assertThat(k.proposals()).isEmpty();
    }

    @Test
    void inQuarantineAndOfOldAge() {
        Known k = new Known();
        k.quarantine = true;
        k.kept = 12;
        assertThat(k.first()).isEqualTo(new Proposal(Cause.QUARANTINE, new Fitting.InQuarantine(12)));
        Known old = new Known();
        old.years = 4.85;
        assertThat(old.first()).isEqualTo(new Proposal(Cause.OLD_AGE, new Fitting.Old(4.85, 6)));
        old.years = 4.7;
        assertThat(old.proposals()).isEmpty();
    }

    @Test
    void theMostTellingComesFirstAndNoCauseTwice() {
        Known k =
                new Known().noted(EventType.JUMPED, 0).noted(EventType.SPOTS, 3).noted(EventType.WOUND, 1);
        k.acts = 9;
        k.jumps = 2;
        k.open = true;
        k.missing = true;
        assertThat(k.proposals())
                .extracting(Proposal::cause)
                .containsExactly(Cause.JUMPED, Cause.KILLED, Cause.DISEASE);
    }
}
