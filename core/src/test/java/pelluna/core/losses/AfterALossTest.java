package pelluna.core.losses;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import pelluna.core.catalogue.GroupLife;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Stance;
import pelluna.core.testing.Plans;
import pelluna.core.units.Sentences;

class AfterALossTest {
    private static Species species(String name) {
        return Plans.CATALOGUE.find(name).orElseThrow();
    }

    @Test
    void aWidowedClownfishKeepsTheGroundAndWhatItTurnsIntoIsSaid() {
        List<Sentences> says = Company.left(species("Amphiprion ocellaris"), 2, 1, false);
        assertThat(says)
                .containsExactly(
                        Sentences.of(
                                new LeftBehind.OneOfThePair(),
                                new LeftBehind.MayLiveOn(),
                                new LeftBehind.MaleMayTurn()),
                        Sentences.of(new LeftBehind.SecondOneYounger()));
    }

    @Test
    void aHaremWithoutItsMaleIsToldSoAndALoneFemaleIsNotAlone() {
        Species anthias = species("Pseudanthias bartlettorum");
        assertThat(anthias.social().life()).isEqualTo(GroupLife.HAREM);
        assertThat(Company.left(anthias, 6, 5, true))
                .containsExactly(Sentences.of(
                        new LeftBehind.HaremWithoutMale(),
                        new LeftBehind.FemaleMayTurn(),
                        new LeftBehind.QuarrelsAtTheTop()));
        assertThat(Company.left(anthias, 6, 5, false)).first().isEqualTo(Sentences.of(new LeftBehind.HaremSmaller()));
        assertThat(Company.left(anthias, 2, 1, false))
                .first()
                .matches(s -> s.all().contains(new LeftBehind.NotAloneForLong()));
    }

    @Test
    void aShoalThatFallsUnderItsLeastNumber() {
        Species cardinal = species("Sphaeramia nematoptera");
        int least = cardinal.social().least();
        assertThat(least).isGreaterThan(2);
        assertThat(Company.left(cardinal, least, least - 1, false))
                .contains(Sentences.of(new LeftBehind.FewerThanItWants(least - 1, least)));
        assertThat(Company.left(cardinal, least + 2, least + 1, false)).isEmpty();
    }

    @Test
    void whoLivedAloneLeavesNobodyBehind() {
        assertThat(Company.left(species("Salarias fasciatus"), 1, 0, false)).isEmpty();
        assertThat(Company.left(species("Amphiprion ocellaris"), 2, 0, false)).isEmpty();
        assertThat(Company.left(species("Amphiprion ocellaris"), 2, 2, false)).isEmpty();
    }

    @Test
    void thirtyDaysWithoutASignAndAFallowBySchool() {
        LocalDate sign = LocalDate.of(2027, 3, 1);
        Clearance c = new Clearance(sign, Stance.CUSTOMARY);
        assertThat(c.watchedUntil()).isEqualTo(LocalDate.of(2027, 3, 31));
        assertThat(c.over(LocalDate.of(2027, 3, 30))).isFalse();
        assertThat(c.over(LocalDate.of(2027, 3, 31))).isTrue();
        assertThat(c.fallowDays()).isEqualTo(76);
        assertThat(c.fallowUntil(sign)).isEqualTo(LocalDate.of(2027, 5, 16));
        assertThat(new Clearance(sign, Stance.CAUTIOUS).fallowDays()).isGreaterThan(c.fallowDays());
        assertThat(new Clearance(sign, Stance.BOLD).fallowDays()).isLessThan(c.fallowDays());
    }

    @Test
    void onlyALossIsALoss() {
        assertThat(Left.values())
                .filteredOn(l -> l != Left.LOST)
                .extracting(Left::word)
                .containsExactly("rehomed", "returned", "traded-in");
    }

    @Test
    void onlySomeCausesHaveAnotherBehindThem() {
        assertThat(Cause.KILLED.byAnother()).isTrue();
        assertThat(Cause.EATEN.byAnother()).isTrue();
        assertThat(List.of(Cause.values())).filteredOn(Cause::byAnother).hasSize(2);
    }

    @Test
    void everyCauseMakesAnIncidentOfAKind() {
        assertThat(IncidentKind.of(Cause.WATER)).isEqualTo(IncidentKind.CRASH);
        assertThat(IncidentKind.of(Cause.EQUIPMENT)).isEqualTo(IncidentKind.CRASH);
        assertThat(IncidentKind.of(Cause.KILLED)).isEqualTo(IncidentKind.FIGHT);
        assertThat(IncidentKind.of(Cause.DISEASE)).isEqualTo(IncidentKind.OUTBREAK);
        assertThat(IncidentKind.of(Cause.OLD_AGE)).isEqualTo(IncidentKind.LOSS);
    }

    @Test
    void threeHardActsOneGraveOneOrAWoundMakeASeriousFight() {
        assertThat(SeriousFight.is(3, 2, false)).isTrue();
        assertThat(SeriousFight.is(2, 2, false)).isFalse();
        assertThat(SeriousFight.is(0, 3, false)).isTrue();
        assertThat(SeriousFight.is(1, 2, true)).isTrue();
        assertThat(SeriousFight.is(0, 1, true))
                .as("a wound without a hard act may have come from a rock")
                .isFalse();
    }
}
