package pelluna.core.losses;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import pelluna.core.catalogue.Species;
import pelluna.core.tank.QuarantineSchool;
import pelluna.core.testing.Plans;

class PatternsTest {
    private static final Species FIREFISH = species("Nemateleotris magnifica");
    private static final Species MANDARIN = species("Synchiropus splendidus");
    private static final Species CLOWN = species("Amphiprion ocellaris");

    private static Species species(String name) {
        return Plans.CATALOGUE.find(name).orElseThrow();
    }

    /** A life that can be turned one way at a time. */
    private static final class Draft {
        private Species species = CLOWN;
        private int days = 200;
        private Cause cause;
        private String shop = "";
        private Boolean bred;
        private QuarantineSchool school;
        private Boolean open;
        private Boolean pressed;
        private boolean after;

        static Draft a() {
            return new Draft();
        }

        Draft of(Species s) {
            species = s;
            return this;
        }

        Draft days(int n) {
            days = n;
            return this;
        }

        Draft lost(Cause c) {
            cause = c;
            return this;
        }

        Draft from(String s) {
            shop = s;
            return this;
        }

        Draft bred(boolean b) {
            bred = b;
            return this;
        }

        Draft school(QuarantineSchool s) {
            school = s;
            return this;
        }

        Draft open(boolean o) {
            open = o;
            return this;
        }

        Draft pressed(boolean p) {
            pressed = p;
            return this;
        }

        Draft afterOthers() {
            after = true;
            return this;
        }

        Life life() {
            return new Life(
                    species,
                    days,
                    Optional.ofNullable(cause),
                    new Life.Source(shop, Optional.ofNullable(bred), Optional.ofNullable(school)),
                    1,
                    Optional.ofNullable(open),
                    Optional.ofNullable(pressed),
                    after);
        }
    }

    private static List<Pattern> of(Draft... drafts) {
        List<Life> lives = new ArrayList<>();
        for (Draft d : drafts) {
            lives.add(d.life());
        }
        return Patterns.of(lives);
    }

    private static Pattern one(List<Pattern> all, InCommon says) {
        return all.stream()
                .filter(p -> p.says().equals(says))
                .findFirst()
                .orElseThrow(() -> new AssertionError(says + " is not in " + all));
    }

    private static boolean of(Pattern p, InCommon.What what) {
        return p.rule().what() == what;
    }

    @Test
    void threeOfFourJumpersHadNoCover() {
        List<Pattern> found = of(
                Draft.a().lost(Cause.JUMPED).open(true),
                Draft.a().of(FIREFISH).lost(Cause.JUMPED).open(true),
                Draft.a().of(MANDARIN).lost(Cause.JUMPED).open(true),
                Draft.a().of(FIREFISH).lost(Cause.JUMPED).open(false),
                Draft.a().of(MANDARIN).lost(Cause.JUMPED));
        Pattern p = one(found, new InCommon.SoMany(InCommon.What.JUMPED_WITHOUT_COVER, 3, 4, 0));
        assertThat(p.hits()).isEqualTo(3);
        assertThat(p.of()).isEqualTo(4);
        assertThat(p.rule().what()).isEqualTo(InCommon.What.JUMPED_WITHOUT_COVER);
        assertThat(p.p()).isEmpty();
        assertThat(p.trust()).isEqualTo(InCommon.Trust.NOTHING_TO_HOLD);
    }

    @Test
    void oneIsNoPatternAndHalfIsNone() {
        assertThat(of(Draft.a().lost(Cause.JUMPED).open(true)))
                .noneMatch(p -> of(p, InCommon.What.JUMPED_WITHOUT_COVER));
        assertThat(of(
                        Draft.a().lost(Cause.JUMPED).open(true),
                        Draft.a().lost(Cause.JUMPED).open(true),
                        Draft.a().lost(Cause.JUMPED).open(false),
                        Draft.a().lost(Cause.JUMPED).open(false)))
                .noneMatch(p -> of(p, InCommon.What.JUMPED_WITHOUT_COVER));
    }

    @Test
    void twoOfThreeIllHadSkippedQuarantineHeldAgainstThoseWhoHadNot() {
        List<Draft> drafts = new ArrayList<>(List.of(
                Draft.a().lost(Cause.DISEASE).school(QuarantineSchool.NONE),
                Draft.a().lost(Cause.DISEASE).school(QuarantineSchool.NONE),
                Draft.a().lost(Cause.DISEASE).school(QuarantineSchool.THIRTY_DAYS_WATCH)));
        for (int i = 0; i < 9; i++) {
            drafts.add(Draft.a().school(QuarantineSchool.THIRTY_DAYS_WATCH));
        }
        Pattern p = one(
                of(drafts.toArray(Draft[]::new)), new InCommon.SoMany(InCommon.What.ILL_WITHOUT_QUARANTINE, 2, 3, 0));
        assertThat(p.others()).contains(new InCommon.OfAll(InCommon.What.ILL_WITHOUT_QUARANTINE, 2, 2, 1, 10));
        assertThat(p.p()).hasValue(FisherExact.p(2, 2, 1, 10));
        assertThat(p.trust()).isEqualTo(InCommon.Trust.HARDLY_CHANCE);
    }

    @Test
    void aSchoolThatNobodyWroteDownCountsOnNeitherSide() {
        assertThat(of(
                        Draft.a().lost(Cause.DISEASE),
                        Draft.a().lost(Cause.DISEASE),
                        Draft.a().lost(Cause.DISEASE)))
                .noneMatch(p -> of(p, InCommon.What.ILL_WITHOUT_QUARANTINE));
    }

    @Test
    void killedThoughThePlanHadSaidChop() {
        Pattern p = one(
                of(
                        Draft.a().lost(Cause.KILLED).pressed(true),
                        Draft.a().lost(Cause.KILLED).pressed(true),
                        Draft.a().pressed(false),
                        Draft.a().pressed(false)),
                new InCommon.SoMany(InCommon.What.KILLED_THOUGH_SAID, 2, 2, 0));
        assertThat(p.others()).contains(new InCommon.OfAll(InCommon.What.KILLED_THOUGH_SAID, 2, 2, 0, 2));
        assertThat(p.trust()).isEqualTo(InCommon.Trust.COULD_BE_CHANCE);
    }

    @Test
    void starvedFishOfKindsThatAreHardToFeed() {
        assertThat(MANDARIN.diet().hard()).isGreaterThanOrEqualTo(4);
        assertThat(CLOWN.diet().hard()).isLessThan(4);
        Pattern p = one(
                of(
                        Draft.a().of(MANDARIN).lost(Cause.STARVED),
                        Draft.a().of(MANDARIN).lost(Cause.STARVED),
                        Draft.a(),
                        Draft.a()),
                new InCommon.SoMany(InCommon.What.STARVED_HARD_FEEDERS, 2, 2, 0));
        assertThat(p.others()).contains(new InCommon.OfAll(InCommon.What.STARVED_HARD_FEEDERS, 2, 2, 0, 2));
    }

    @Test
    void mostLossesInTheFirstThirtyDays() {
        Pattern p = one(
                of(
                        Draft.a().lost(Cause.UNKNOWN).days(3),
                        Draft.a().lost(Cause.UNKNOWN).days(30),
                        Draft.a().lost(Cause.UNKNOWN).days(31)),
                new InCommon.SoMany(InCommon.What.IN_FIRST_DAYS, 2, 3, 30));
        assertThat(p.hits()).isEqualTo(2);
    }

    @Test
    void settledFishLostAfterANewcomer() {
        List<Pattern> found = of(
                Draft.a().lost(Cause.UNKNOWN).days(100).afterOthers(),
                Draft.a().lost(Cause.UNKNOWN).days(90).afterOthers(),
                Draft.a().lost(Cause.UNKNOWN).days(5).afterOthers());
        assertThat(one(found, new InCommon.SoMany(InCommon.What.AFTER_OTHERS_CAME, 2, 2, 14))
                        .hits())
                .isEqualTo(2);
    }

    @Test
    void wildAgainstCaptiveBred() {
        Pattern p = one(
                of(
                        Draft.a().bred(false).lost(Cause.DISEASE),
                        Draft.a().bred(false).lost(Cause.JUMPED),
                        Draft.a().bred(false),
                        Draft.a().bred(true),
                        Draft.a().bred(true),
                        Draft.a()),
                new InCommon.SoMany(InCommon.What.WILD_CAUGHT, 2, 3, 0));
        assertThat(p.others()).contains(new InCommon.OfOthers(InCommon.What.WILD_CAUGHT, 0, 2));
        assertThat(p.of()).isEqualTo(3);
    }

    @Test
    void aShopIsNamedOnlyIfItsShareIsMoreThanTwiceThatOfTheOthers() {
        Draft[] bad = {
            Draft.a().from("mail order").lost(Cause.DISEASE),
            Draft.a().from("mail order").lost(Cause.UNKNOWN),
            Draft.a().from("mail order"),
            Draft.a().from("harbour").lost(Cause.JUMPED),
            Draft.a().from("harbour"),
            Draft.a().from("harbour"),
            Draft.a().from("harbour")
        };
        assertThat(one(of(bad), new InCommon.FromShop(2, 3, "mail order")).others())
                .contains(new InCommon.OfOthers(InCommon.What.ONE_SHOP, 1, 4));
        Draft[] even = {
            Draft.a().from("mail order").lost(Cause.DISEASE),
            Draft.a().from("mail order").lost(Cause.UNKNOWN),
            Draft.a().from("mail order"),
            Draft.a().from("harbour").lost(Cause.JUMPED),
            Draft.a().from("harbour")
        };
        assertThat(of(even)).noneMatch(p -> of(p, InCommon.What.ONE_SHOP));
    }

    @Test
    void aSpeciesThatDoesNotLastHere() {
        Pattern p = one(
                of(
                        Draft.a().of(MANDARIN).lost(Cause.UNKNOWN),
                        Draft.a().of(MANDARIN).lost(Cause.UNKNOWN),
                        Draft.a(),
                        Draft.a(),
                        Draft.a()),
                new InCommon.OfSpecies(2, 2, MANDARIN));
        assertThat(p.p().getAsDouble()).isBetween(0.05, 0.2);
    }

    @Test
    void withoutLossesThereIsNothingToHaveInCommon() {
        assertThat(of(Collections.nCopies(
                                12, Draft.a().from("harbour").bred(false).school(QuarantineSchool.NONE))
                        .toArray(Draft[]::new)))
                .isEmpty();
        assertThat(Patterns.of(List.of())).isEmpty();
    }

    @Test
    void aLifeHasNoughtDaysOrMore() {
        assertThatThrownBy(() -> Draft.a().days(-1).life()).isInstanceOf(IllegalArgumentException.class);
        assertThat(Draft.a().days(0).lost(Cause.JUMPED).life().observed()).isEqualTo(new KaplanMeier.Observed(0, true));
        assertThat(Draft.a().days(9).life().lost()).isFalse();
    }
}
