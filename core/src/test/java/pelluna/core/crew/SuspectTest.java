package pelluna.core.crew;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import pelluna.core.catalogue.Harm;
import pelluna.core.plan.Plan;
import pelluna.core.tank.ReefLife;
import pelluna.core.testing.Plans;
import pelluna.core.units.Length;

class SuspectTest {
    private static final String HUNTER = "Halichoeres hortulanus";
    private static final String SPARES = "Halichoeres garnoti";
    private static final Attrition UNKNOWN = Attrition.of(List.of());

    private static List<Suspect> suspects(ReefLife kind, double cm, String... residents) {
        Plans plans = Plans.sixFeet();
        for (String r : residents) {
            plans.resident(r, 1, 10);
        }
        Plan plan = plans.plan();
        return Suspect.of(plan, kind, cm, Plans.START);
    }

    private static CrewAdvice.MayTake reason(Suspect s) {
        return (CrewAdvice.MayTake) s.reason();
    }

    @Test
    void onlyThoseWhoseKindTakesThemAreSuspectedTheGravestFirst() {
        List<Suspect> found = suspects(ReefLife.SNAILS, 2, "Amphiprion ocellaris", "Halichoeres chrysus", HUNTER);
        assertThat(found)
                .extracting(s -> s.fish().species().scientificName())
                .containsExactly(HUNTER, "Halichoeres chrysus");
        assertThat(found.get(0).harm()).isGreaterThan(found.get(1).harm());
        assertThat(found).extracting(Suspect::harm).containsExactly(Harm.OFTEN, Harm.KNOWN);
        assertThat(suspects(ReefLife.SNAILS, 2, "Amphiprion ocellaris")).isEmpty();
    }

    @Test
    void thoseThatSpareThisSizeStandLastAndSaySo() {
        double from = Plans.species(SPARES).reefLife().get(ReefLife.SHRIMP).sparesFromCm();
        assertThat(from).isPositive();
        List<Suspect> large = suspects(ReefLife.SHRIMP, from, SPARES, HUNTER);
        assertThat(large).extracting(Suspect::spares).containsExactly(false, true);
        assertThat(reason(large.get(1)).safe()).isTrue();
        List<Suspect> small = suspects(ReefLife.SHRIMP, from - 0.5, SPARES);
        assertThat(small.get(0).spares()).isFalse();
        assertThat(small.get(0).mouthfulCm()).hasValue(from);
        assertThat(reason(small.get(0)).spares().cm()).isEqualTo(from);
        assertThat(reason(small.get(0)).safe()).isFalse();
    }

    @Test
    void aMouthGrowsWithItsFish() {
        Plan plan = Plans.sixFeet().resident(HUNTER, 1, 8).plan();
        LocalDate later = Plans.START.plusYears(3);
        double now = Suspect.of(plan, ReefLife.CRABS, 3, Plans.START)
                .get(0)
                .mouthfulCm()
                .orElseThrow();
        double then =
                Suspect.of(plan, ReefLife.CRABS, 3, later).get(0).mouthfulCm().orElseThrow();
        assertThat(then).isGreaterThan(now);
    }

    @Test
    void restockComesToTheNumberAndAddsWhatAMonthCosts() {
        LocalDate day = LocalDate.of(2027, 3, 1);
        Attrition a =
                Attrition.of(List.of(new Attrition.Count(day, 0, 20), new Attrition.Count(day.plusDays(60), 16, 0)));
        CrewRestock r = CrewRestock.of(CrewKind.SNAILS, 20, 14, 2, a, List.of());
        assertThat(r.add()).isEqualTo(6 + (int) Math.round(20 * a.shareAMonth()));
        assertThat(r.worth()).isTrue();
        assertThat(r.fromCm()).isEmpty();
        assertThat(r.says().get(0))
                .isEqualTo(new CrewAdvice.Add(r.add(), 6, 20, (int) Math.round(20 * a.shareAMonth())));
        assertThat(r.says()).contains(new CrewAdvice.InAtNight());
    }

    @Test
    void enoughIsEnough() {
        CrewRestock r = CrewRestock.of(CrewKind.HERMITS, 10, 12, 1.5, UNKNOWN, List.of());
        assertThat(r.add()).isZero();
        assertThat(r.says()).containsExactly(new CrewAdvice.NothingToBuy(12, 10));
    }

    @Test
    void notWhileAHunterLivesHereWhomSizeDoesNotHelp() {
        List<Suspect> hunters = suspects(ReefLife.URCHINS, 4, "Balistoides conspicillum");
        assertThat(hunters)
                .isNotEmpty()
                .allMatch(s ->
                        s.harm().compareTo(Harm.OFTEN) >= 0 && s.mouthfulCm().isEmpty());
        CrewRestock r = CrewRestock.of(CrewKind.URCHINS, 3, 1, 4, UNKNOWN, hunters);
        assertThat(r.worth()).isFalse();
        assertThat(r.says()).singleElement().isInstanceOf(CrewAdvice.OnlyFood.class);
    }

    @Test
    void largerThanAMouthfulWhereThatHelps() {
        double from = Plans.species(SPARES).reefLife().get(ReefLife.SHRIMP).sparesFromCm();
        List<Suspect> often = suspects(ReefLife.SHRIMP, 3, SPARES);
        assertThat(often.get(0).harm()).isEqualTo(Harm.OFTEN);
        CrewRestock r = CrewRestock.of(CrewKind.CLEANER_SHRIMP, 2, 0, 3, UNKNOWN, often);
        assertThat(r.worth()).isTrue();
        assertThat(r.fromCm()).hasValue(from * 1.2);
        assertThat(r.says())
                .contains(new CrewAdvice.LargerThanAMouthful(new Length(from * 1.2), List.of(Plans.species(SPARES))));
        assertThat(r.says()).contains(new CrewAdvice.HoleForMoulted());
    }

    @Test
    void hermitsWantEmptyShells() {
        assertThat(CrewRestock.of(CrewKind.HERMITS, 10, 2, 1.5, UNKNOWN, List.of())
                        .says())
                .contains(new CrewAdvice.EmptyShells());
        assertThat(CrewRestock.of(CrewKind.SNAILS, 10, 2, 1.5, UNKNOWN, List.of())
                        .says())
                .doesNotContain(new CrewAdvice.EmptyShells());
    }

    @Test
    void everyKindIsAKindOfReefLife() {
        for (CrewKind k : CrewKind.values()) {
            assertThat(k.life()).as(k.word()).isNotNull();
            assertThat(k.usualCm()).isBetween(0.5, 20.0);
        }
    }
}
