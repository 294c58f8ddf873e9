package pelluna.words;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;
import pelluna.core.advice.ToDo;
import pelluna.core.arrivals.Costs;
import pelluna.core.arrivals.Why;
import pelluna.core.behaviour.Course;
import pelluna.core.behaviour.EventType;
import pelluna.core.behaviour.Order;
import pelluna.core.behaviour.OwnRecord;
import pelluna.core.capacity.LensKind;
import pelluna.core.capacity.LensReason;
import pelluna.core.capacity.RoomLeft;
import pelluna.core.catalogue.Catalogue;
import pelluna.core.catalogue.Caution;
import pelluna.core.catalogue.Confidence;
import pelluna.core.catalogue.Fact;
import pelluna.core.catalogue.Harm;
import pelluna.core.catalogue.Hazard;
import pelluna.core.catalogue.Leaning;
import pelluna.core.catalogue.Level;
import pelluna.core.catalogue.Source;
import pelluna.core.catalogue.Species;
import pelluna.core.catalogue.Zone;
import pelluna.core.health.Sign;
import pelluna.core.introduction.GateReason;
import pelluna.core.losses.BeforeIt;
import pelluna.core.losses.Fitting;
import pelluna.core.losses.InCommon;
import pelluna.core.losses.Share;
import pelluna.core.search.Understood;
import pelluna.core.sieve.Condition;
import pelluna.core.sieve.Reason;
import pelluna.core.sieve.WhatHelps;
import pelluna.core.sighting.Unclear;
import pelluna.core.tank.Cover;
import pelluna.core.tank.ReefLife;
import pelluna.core.tank.Unsaid;
import pelluna.core.tension.TensionReason;
import pelluna.core.units.Hours;
import pelluna.core.units.Length;
import pelluna.core.units.Sentences;
import pelluna.core.units.Statement;
import pelluna.core.units.Step;
import pelluna.core.units.Volume;
import pelluna.core.water.Going;

/** What keepers read, word for word. */
class SaidTest {
    private static final Words METRIC = Words.english(UnitSystem.METRIC);
    private static final Words US = Words.english(UnitSystem.US);
    private static final Species GRAMMA = species("Gramma loreto");
    private static final Species TANG = species("Zebrasoma flavescens");
    private static final LocalDate DAY = LocalDate.of(2027, 3, 1);

    private static Species species(String name) {
        return Catalogue.shipped().find(name).orElseThrow();
    }

    private static Arguments said(Statement statement, String as) {
        return arguments(statement, as);
    }

    static Stream<Arguments> sieve() {
        return Stream.of(
                said(
                        new Reason.NeedsVolume(new Volume(379), new Volume(202)),
                        "Too small: it needs 379 L, and your tank holds 202 L."),
                said(new Reason.JumpsOut(true, Cover.NONE), "It jumps a lot. Your tank has no cover."),
                said(
                        new Reason.JumpsOut(false, Cover.PARTIAL),
                        "It jumps when it gets a fright. Only part of your tank is covered."),
                said(
                        new Reason.NeedsHides(1, 4, 4),
                        "It needs a hiding place of its own. You have 4, and 4 are taken."),
                said(
                        new Reason.NeedsHides(2, 4, 4),
                        "It needs 2 hiding places of its own. You have 4, and 4 are taken."),
                said(
                        new Reason.GoesFor(Harm.OFTEN, ReefLife.SHRIMP, new Length(5)),
                        "It often goes for shrimp, but mostly spares those over 5 cm."),
                said(new Reason.GoesFor(Harm.KNOWN, ReefLife.CLAMS, new Length(0)), "It sometimes goes for clams."),
                said(
                        new Reason.LeansTo(List.of(Leaning.MARINE_ICH, Leaning.VELVET, Leaning.FLUKES)),
                        "It is prone to marine ich, velvet and flukes, and you have no quarantine to catch it."),
                said(
                        new Reason.Presses(TANG, 2, 2, true, 62),
                        "Each of your yellow tang would bully it, at about 62 of 100 even with an acclimation box."),
                said(
                        new Reason.Presses(TANG, 1, 1, false, 62),
                        "Your yellow tang would be bullied by it, at about 62 of 100 even with an acclimation box."),
                said(
                        Sentences.of(new Reason.GrazesAllDay(), new Reason.Assuming(Unsaid.SEAWEED)),
                        "It grazes all day, and you feed no seaweed. You have not told us whether you offer "
                                + "seaweed, so this is a guess."),
                said(new WhatHelps.FitsIf(new Condition.MoreHides(1)), "Fits if there is one more hiding place."),
                said(
                        new WhatHelps.WouldNeed(new Condition.TankOf(new Volume(380))),
                        "Would need a tank of at least 380 L."),
                said(new WhatHelps.OutOfReach(new Condition.NotWithYour(TANG)), "Not with your yellow tang."));
    }

    static Stream<Arguments> tensionAndOrder() {
        return Stream.of(
                said(
                        new TensionReason.SameGround(40, Zone.REEF_FACE),
                        "Their territories overlap by 40 % (reef face)."),
                said(
                        new TensionReason.SameGround(100, Zone.CAVES),
                        "Both claim the same part of the tank, all of it (caves)."),
                said(new TensionReason.Feeding(3, true, false), "3 meals a day, without seaweed."),
                said(new TensionReason.Feeding(3, false, false), "3 meals a day."),
                said(
                        new TensionReason.SeenHere(new OwnRecord(14, 6, 3).seen()),
                        "Seen in this tank: it bullies more than its kind: 14 attacks in 6 h, 3 expected."),
                said(
                        new Why.AfterPressed(List.of(GRAMMA), new Why.Pressing(62, Step.CHOP, 37, Step.RIPPLE)),
                        "After the royal gramma. If it came first, it would bully the other at 62 (Chop). "
                                + "This way round it is 37 (Ripple)."),
                said(
                        new Costs.PointsBecause(1, new Costs.Pair(List.of(TANG), List.of(GRAMMA), true, 47, Step.CHOP)),
                        "It costs one point more aggression than the best order, mostly because the yellow "
                                + "tang comes before the royal gramma, which it then bullies at 47 (Chop)."),
                said(new ToDo.MoveHeap(2, new Length(12), true), "Move the second rock pile 12 cm to the left"),
                said(new ToDo.SoMany(GRAMMA, 3, 2), "Three royal gramma instead of 2"),
                said(
                        new RoomLeft.WhatDecides(
                                LensKind.WASTE,
                                false,
                                Sentences.of(new RoomLeft.MoreBy(LensKind.WASTE, 1, new Length(6))),
                                Sentences.of(new RoomLeft.FullBy(LensKind.LENGTH_RULE))),
                        "The limit that counts here: waste. By waste, there is room for about one more fish "
                                + "of 6 cm. Other ways to count: By the length rule, it is full."),
                said(new LensReason.NoRoomTaken(), "No fish takes any space yet."));
    }

    static Stream<Arguments> whatWasSeen() {
        return Stream.of(
                said(
                        new Course.About(Course.Times.THIRD, Course.Chance.HARDLY),
                        "about a third of before, hardly chance"),
                said(
                        new Course.Counts(1, new Hours(0.5), 2, new Hours(3)),
                        "1 attack in 30 min before, 2 in 3 h since"),
                said(
                        new Course.InFigures(0.1607, false, 0.0295, 0.578, false, 0.0011, false),
                        "rate ratio 0.16, 95 % range 0.03 to 0.58, p = 0.001 (exact conditional test)"),
                said(
                        new Course.InFigures(3, true, 1.2, 9, true, 0.0001, true),
                        "rate ratio without end, 95 % range 1.2 to without end, p under 0.001 (exact "
                                + "conditional test)"),
                said(
                        new Order.TooFew(new Order.Counted(1, 2)),
                        "Too few fights to tell who is above whom: one fight among two fish."),
                said(
                        new Order.Stands(Order.Steepness.STEEP, new Order.Counted(36, 9), false, 20),
                        "A steep order: the higher fish nearly always wins. 36 fights among nine fish. You "
                                + "have never seen 20 % of the pairs fight."),
                said(
                        new GateReason.Struck(2, 3),
                        "Two strikes at the box in the last three observations. There must be none."),
                said(
                        new GateReason.MoreWatches(1, 3),
                        "One more observation of ten minutes or longer. You need 3 in all."),
                said(
                        new Fitting.StoodAndOthers(BeforeIt.Substance.NITRITE, 0.5, 1),
                        "Nitrite was at 0.5 mg/L in the week before, and you lost one other fish within three days."),
                said(
                        new Fitting.Acts(
                                1, "Inky", Optional.of(new Fitting.HurtNoted(EventType.TORN_FIN, new Fitting.Ago(2)))),
                        "One attack on it in seven days, most by Inky, and you noted a torn fin two days before."),
                said(new Fitting.Acts(4, "", Optional.empty()), "Four attacks on it in seven days."),
                said(
                        new Fitting.WasThin(new Fitting.Ago(9), new Fitting.LastMeal(true, new Fitting.Ago(0))),
                        "It was thin nine days before, last seen eating on the same day."),
                said(
                        new InCommon.SoMany(InCommon.What.JUMPED_WITHOUT_COVER, 3, 4, 0),
                        "Three of four fish that jumped left a tank without full cover"),
                said(
                        new InCommon.OfAll(InCommon.What.ILL_WITHOUT_QUARANTINE, 2, 2, 1, 10),
                        "Of all, 2 of 2 such fish fell ill. With quarantine, it was 1 of 10."),
                said(new InCommon.OfOthers(InCommon.What.WILD_CAUGHT, 0, 2), "Of two captive-bred fish, it was none."),
                said(
                        new InCommon.Contested(18, 20, 4, 20, false, true),
                        "You saw fights in 18 of 20 pairs at Chop or Surge. Below that, it was 4 of 20 "
                                + "pairs, as it should be. This is hardly chance."),
                said(Share.of(3, 19).counted(), "3 of 19 (16 %. With so many, anything from 3 to 40 % is no surprise)"),
                said(Share.of(0, 0).counted(), "0 of 0"),
                said(new Going.Steadily(true, 0.74, "mg/L", 6), "rising by about 0.74 mg/L a week, over 6 tests"),
                said(new Going.Steadily(false, 0.1, "", 4), "falling by about 0.1 a week, over 4 tests"));
    }

    static Stream<Arguments> namesAndQuestions() {
        return Stream.of(
                said(
                        new Fact.Origin(Source.MEMORY, Confidence.SHAKY, Level.GENUS),
                        "from memory, shaky, for the whole genus"),
                said(new Fact.Origin(Source.COMMON_PRACTICE, Confidence.FIRM, Level.SPECIES), "common practice, firm"),
                said(new Unclear.NobodyGoesBy("tang"), "You have no fish called 'tang'."),
                said(
                        new Unclear.OneOf("wrasse", new Unclear.AnyOf(List.of("the coris", "Saffron", "Inky"))),
                        "'wrasse' could be the coris, Saffron or Inky. Which one?"),
                said(new Understood.ReadAs("tnag", "tang"), "you typed 'tnag', we searched for 'tang'"),
                said(
                        new Understood.OnlyNearly(new Understood.LeavesAlone(List.of(ReefLife.SHRIMP, ReefLife.CLAMS))),
                        "almost: mostly leaves shrimp and clams alone"));
    }

    @ParameterizedTest
    @MethodSource({"sieve", "tensionAndOrder", "whatWasSeen", "namesAndQuestions"})
    void aStatementIsSaid(Statement statement, String as) {
        assertThat(METRIC.of(statement)).isEqualTo(as);
    }

    @Test
    void figuresAreSaidInTheUnitsOfTheReader() {
        Reason needs = new Reason.NeedsVolume(new Volume(379), new Volume(202));
        assertThat(US.of(needs)).isEqualTo("Too small: it needs 100 gal, and your tank holds 53 gal.");
        assertThat(US.of(new Understood.GrowsAtMost(new Length(8)))).isEqualTo("grows to at most 3.1 in");
        assertThat(METRIC.of(new Reason.StillCycling(DAY))).isEqualTo("The tank is still cycling until 1 March 2027.");
    }

    @Test
    void cautionsComeWithFirstAidAndNoDose() {
        assertThat(METRIC.of(Caution.about(java.util.Set.of(Hazard.VENOMOUS_SPINES))))
                .startsWith("Its spines are venomous.")
                .contains("hot but not scalding")
                .contains("medical help")
                .contains("emergency services");
        assertThat(METRIC.of(Caution.about(java.util.Set.of(Hazard.TAIL_BLADES))))
                .doesNotContain("scalding");
        for (EventType sign : EventType.values()) {
            Sign.means(sign).ifPresent(m -> assertThat(METRIC.of(m)).doesNotContainPattern("\\d"));
        }
        assertThat(METRIC.of(new Sign.AskAVet())).contains("no dose").contains("vet");
    }

    @Test
    void aValueIsSaidByItselfAndInOtherRespects() {
        assertThat(METRIC.of(Step.SURGE)).isEqualTo("surge");
        assertThat(METRIC.title(Step.SURGE)).isEqualTo("Surge");
        assertThat(METRIC.of(Step.SURGE, "plain")).isEqualTo("don't");
        assertThat(METRIC.list(List.of(TANG, GRAMMA))).isEqualTo("yellow tang and royal gramma");
        assertThat(METRIC.shortDate(DAY)).isEqualTo("1 Mar");
    }
}
