package pelluna.app.pages;

import static org.assertj.core.api.Assertions.assertThat;
import static pelluna.app.testing.Said.said;
import static pelluna.app.testing.Said.saidWith;

import java.io.StringReader;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.LocalDate;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import net.fortuna.ical4j.data.CalendarBuilder;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import pelluna.app.planning.TankPlans;
import pelluna.app.testing.Pelluna;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Arrivals and the pages beside it, over HTTP: what the hand does, what the water says, quarantine, calendar, cost,
 * restock.
 */
class ArrivalsPagesTest {
    /** A figure, and whatever is said of it. */
    private static final String LEVEL = "([\\d.]+)[^<>]*?";

    private static final JsonMapper JSON = JsonMapper.builder().build();
    private static final LocalDate TODAY = Pelluna.today();
    private long tank;

    @BeforeEach
    void aTankWithThreeOnTheWay() {
        Pelluna.post("/settings/units", Map.of("units", "METRIC"));
        tank = Pelluna.tank("Arriving");
        Pelluna.post(
                at("/tank"),
                Map.of(
                        "rockKg",
                        "50",
                        "hides",
                        "8",
                        "cover",
                        "mesh",
                        "cycledOn",
                        TODAY.minusYears(2).toString(),
                        "quarantinePlaces",
                        "2"));
        Pelluna.post(
                at("/residents"),
                Map.of(
                        "species",
                        "Amphiprion ocellaris",
                        "count",
                        "2",
                        "lengthCm",
                        "6",
                        "since",
                        TODAY.minusYears(1).toString()));
        for (String wish : List.of("royal gramma", "yellow tang", "coral beauty")) {
            Pelluna.post(at("/wish-list"), Map.of("species", wish, "want", "4"));
        }
        Pelluna.post(at("/wish-list"), Map.of("species", "Chromis viridis", "count", "6", "want", "4"));
    }

    private String at(String path) {
        return "/tanks/" + tank + path;
    }

    private static String body(HttpResponse<String> answer) {
        assertThat(answer.statusCode()).isIn(200, 422);
        assertThat(answer.body()).contains("</html>");
        return answer.body();
    }

    private String page(String path) {
        return body(Pelluna.get(at(path)));
    }

    private JsonNode wish(String species) {
        for (JsonNode w : JSON.readTree(Pelluna.get(at("/plan.json")).body()).get("wishes")) {
            if (w.get("species").asString().equals(species)) {
                return w;
            }
        }
        throw new AssertionError(species);
    }

    private static String found(String page, String pattern) {
        Matcher m = Pattern.compile(pattern, Pattern.DOTALL).matcher(page);
        assertThat(m.find()).as(pattern).isTrue();
        return m.group(1);
    }

    /** The order as the lanes show it: fish to day. */
    private Map<String, LocalDate> lanes() {
        Matcher m = Pattern.compile("data-fish=\"([^\"]*)\" data-place=\"\\d+\" data-on=\"([^\"]*)\"")
                .matcher(page("/arrivals"));
        Map<String, LocalDate> lanes = new LinkedHashMap<>();
        while (m.find()) {
            lanes.put(m.group(1), LocalDate.parse(m.group(2)));
        }
        return lanes;
    }

    private String hand(String what, String fish, Map<String, String> fields) {
        Map<String, String> form = new LinkedHashMap<>(fields);
        form.put("fish", Pelluna.fish(tank, fish));
        form.put("of", found(page("/arrivals"), "data-mark=\"([^\"]*)\""));
        return body(Pelluna.post(at("/arrivals/" + what), form));
    }

    @Test
    void aSetAtOnceThatNeedsMorePlacesThanThereAreSaysSoAndOffersStages() {
        Pelluna.post(at("/tank"), Map.of("quarantinePlaces", "1"));
        String yellow = Pelluna.fish(tank, "w#" + wishIndex("Zebrasoma flavescens"));
        String page =
                hand("join", yellow, Map.of("with", Pelluna.fish(tank, "w#" + wishIndex("Centropyge bispinosa"))));
        assertThat(page("/arrivals?fish=" + yellow))
                .containsPattern(said("page.arrivals.theirQuarantineTakesPlaces"))
                .containsPattern(said("page.arrivals.morePlaces"))
                .contains("id=\"in-stages\"");
        assertThat(page).contains("</html>");
        Pelluna.post(at("/tank"), Map.of("quarantinePlaces", "2"));
        assertThat(page("/arrivals?fish=" + yellow))
                .doesNotContainPattern(said("page.arrivals.theirQuarantineTakesPlaces"));
    }

    @Test
    void whoRunsATankOfPredatorsSeesWhatALowSalinityWouldDo() {
        assertThat(page("/arrivals/upkeep")).doesNotContainPattern(said("page.upkeep.saltWaterOfPredators"));
        Pelluna.post(
                at("/residents"),
                Map.of(
                        "species",
                        "Pterois volitans",
                        "lengthCm",
                        "25",
                        "since",
                        TODAY.minusMonths(3).toString()));
        Pelluna.post(at("/arrivals/prices"), Map.of("currency", "¤", "salt", "4"));
        assertThat(page("/arrivals/upkeep"))
                .containsPattern(said("page.upkeep.saltWaterOfPredators"))
                .containsPattern(said("page.arrivals.atASpecificGravityOfGKg"))
                .containsPattern(said("page.arrivals.theseWouldSufferKeepItAsIt"))
                .containsPattern(said("page.arrivals.whichSaves"))
                .containsPattern(said("page.arrivals.weeklyCostMore"));
        Pelluna.post(at("/arrivals/prices"), Map.of());
    }

    @Test
    void aPlaceByHandIsKeptPricedAndTakenBack() {
        List<String> best = List.copyOf(lanes().keySet());
        assertThat(best).hasSize(4);
        String last = best.get(3);
        String page = hand("place", last, Map.of("place", "1"));
        assertThat(List.copyOf(lanes().keySet()).get(0)).isEqualTo(last);
        assertThat(found(page, "id=\"hand-price\">([^<]*)<"))
                .containsPattern(
                        said("arrivals.Points") + "|" + said("arrivals.PointsBecause") + "|" + said("arrivals.AsCalm"));
        assertThat(page).containsPattern(said("arrivals.PlaceByHand"));
        assertThat(body(Pelluna.post(at("/arrivals/undo"), Map.of()))).doesNotContain("hand-price");
        assertThat(List.copyOf(lanes().keySet())).isEqualTo(best);
    }

    @Test
    void aDayByHandIsMetAndTheRestKeepsItsGaps() {
        LocalDate saturday = TODAY.plusDays(75);
        String fish = List.copyOf(lanes().keySet()).get(1);
        assertThat(hand("day", fish, Map.of("on", saturday.toString()))).containsPattern(said("arrivals.DayByHand"));
        assertThat(lanes()).containsEntry(fish, saturday);
        List<LocalDate> days = List.copyOf(lanes().values());
        for (int i = 1; i < days.size(); i++) {
            assertThat(days.get(i)).isAfterOrEqualTo(days.get(i - 1).plusDays(14));
        }
        assertThat(hand("day", fish, Map.of("on", "soon"))).containsPattern(said("app.limits.NoDay"));
        hand("free", fish, Map.of());
        assertThat(page("/arrivals")).doesNotContain("hand-price");
    }

    @Test
    void arrivalsAreJoinedPartedAndAGroupIsSplit() {
        List<String> four = List.copyOf(lanes().keySet());
        hand("join", four.get(0), Map.of("with", four.get(1)));
        assertThat(found(page("/arrivals"), "id=\"group-price\">([^<]*)<"))
                .containsPattern(said("page.arrivals.groupingAsCalm") + "|" + said("page.arrivals.groupingCostsMore"));
        String joined = lanes().keySet().stream()
                .filter(f -> f.contains(","))
                .findFirst()
                .orElseThrow();
        assertThat(lanes()).hasSize(3);
        hand("part", joined, Map.of());
        assertThat(lanes()).hasSize(4);
        int chromis = wishIndex("Chromis viridis");
        hand("split", "w#" + chromis, Map.of("apart", "2"));
        assertThat(lanes()).hasSize(5);
        hand("drop", "w#4", Map.of());
        assertThat(lanes()).hasSize(4);
        assertThat(wish("Chromis viridis").get("count").asInt()).isEqualTo(4);
    }

    private int wishIndex(String species) {
        JsonNode wishes = JSON.readTree(Pelluna.get(at("/plan.json")).body()).get("wishes");
        for (int i = 0; i < wishes.size(); i++) {
            if (wishes.get(i).get("species").asString().equals(species)) {
                return i;
            }
        }
        throw new AssertionError(species);
    }

    @Test
    void whatWasMadeForAnotherPlanIsRefused() {
        Map<String, String> stale = Map.of("fish", "w1", "of", "stale", "place", "1");
        assertThat(body(Pelluna.post(at("/arrivals/place"), stale))).containsPattern(said("app.arrivals.PlanChanged"));
        assertThat(hand("place", "w0", Map.of("place", "1"))).containsPattern(said("app.arrivals.NotInThePlan"));
        assertThat(hand("place", "w#0", Map.of("place", "4000")))
                .containsPattern(saidWith("app.planfile.FieldNeeds", "field", "wish_place"));
    }

    @Test
    void aLoggedTestIsDrawnAndStartsTheLevelAnew() {
        String before = page("/arrivals");
        assertThat(body(Pelluna.post(
                        at("/arrivals/test"),
                        Map.of("on", TODAY.toString(), "nitrate", "11,5", "ammonia", "0.2", "pH", "8.1"))))
                .containsPattern("data-says=\"" + saidWith("page.arrivals.mgL", "1", "11\\.5"))
                .containsPattern("data-says=\"" + saidWith("page.arrivals.mgL", "1", "0\\.01\\d*"));
        assertThat(JSON.readTree(Pelluna.get(at("/plan.json")).body())
                        .get("tests")
                        .get(0)
                        .get("nitrate")
                        .asDouble())
                .isEqualTo(11.5);
        assertThat(body(Pelluna.post(at("/arrivals/test"), Map.of("nitrate", "much"))))
                .containsPattern(said("app.planning.NoFigureFor"));
        assertThat(body(Pelluna.post(at("/arrivals/test"), Map.of("pH", "12")))).contains("6 to 10");
        assertThat(body(Pelluna.post(
                        at("/arrivals/test"), Map.of("on", TODAY.plusDays(3).toString(), "nitrate", "5"))))
                .containsPattern(said("app.planning.NotLogged"));
        assertThat(body(Pelluna.post(at("/arrivals/test"), Map.of("back", "true"))))
                .doesNotContain("11.5 mg/L</title>");
        assertThat(before)
                .containsPattern(said("page.arrivals.whatTheWaterSays"))
                .containsPattern(said("page.arrivals.allOfItOnWouldHaveBrought"));
    }

    @Test
    void joinedOnOneDayTheGhostComesTrue() {
        String ghost = found(
                page("/arrivals"),
                saidWith("page.arrivals.allOfItOnWouldHaveBrought", "1", LEVEL).pattern());
        List<String> four = List.copyOf(lanes().keySet());
        hand("join", four.get(0), Map.of("with", four.stream().skip(1).collect(Collectors.joining(","))));
        assertThat(lanes()).hasSize(1);
        String planned = found(
                page("/arrivals"),
                saidWith("page.arrivals.byThisPlanAmmoniaPeaksAtOn", "0", LEVEL).pattern());
        assertThat(Double.parseDouble(planned))
                .isCloseTo(Double.parseDouble(ghost), org.assertj.core.api.Assertions.within(0.021));
    }

    @Test
    void quarantineCountsDaysAndLetsOnlyTheHealthyOn() {
        String fish = List.copyOf(lanes().keySet()).get(0);
        String species = Pelluna.bean(TankPlans.class)
                .open(Pelluna.owned(tank))
                .wish(fish)
                .orElseThrow()
                .file()
                .species();
        String page = body(Pelluna.post(
                at("/arrivals/quarantine"),
                Map.of("fish", fish, "place", "1", "on", TODAY.minusDays(31).toString(), "salinity", "1.021")));
        assertThat(page)
                .containsPattern(said("page.quarantine.dayOf", 32, 30))
                .containsPattern(said("introduction.NeverLookedAt"))
                .contains("1.0210")
                .containsPattern(said("page.quarantine.salinityToTheDisplaysDaily"));
        String stay = found(page, "/quarantine/(\\d+)/look");
        page = body(Pelluna.post(at("/arrivals/quarantine/" + stay + "/look"), Map.of("eats", "true")));
        assertThat(page).containsPattern(said("page.quarantine.itMayGoOnTheDays"));
        page = body(Pelluna.post(
                at("/arrivals/quarantine/" + stay + "/look"),
                Map.of("eats", "true", "spots", "true", "note", "three on the tail")));
        assertThat(page)
                .contains("day 1 of 30")
                .containsPattern(said("page.quarantine.sinceBegunAgainOnce"))
                .contains("three on the tail");
        for (String none : List.of("brine", "-1", "0.9", "70")) {
            assertThat(body(Pelluna.post(at("/arrivals/quarantine/" + stay + "/look"), Map.of("salinity", none))))
                    .containsPattern(said("app.quarantine.NoSalinity"));
        }
        page = body(Pelluna.post(at("/arrivals/quarantine/" + stay + "/release"), Map.of()));
        assertThat(page).containsPattern(said("app.quarantine.StayEnd.INTO_THE_TANK"));
        JsonNode plan = JSON.readTree(Pelluna.get(at("/plan.json")).body());
        assertThat(plan.get("residents").toString()).contains(species).contains(TODAY.toString());
        assertThat(plan.get("wishes").toString()).doesNotContain(species);
        assertThat(Pelluna.post(at("/arrivals/quarantine/" + stay + "/look"), Map.of())
                        .statusCode())
                .isEqualTo(404);
    }

    @Test
    void aSignOnOneStartsTheDaysOfAllInItsPlace() {
        List<String> fish = List.copyOf(lanes().keySet());
        for (String one : fish.subList(0, 2)) {
            Pelluna.post(
                    at("/arrivals/quarantine"),
                    Map.of("fish", one, "place", "1", "on", TODAY.minusDays(12).toString()));
        }
        String page = page("/arrivals/quarantine");
        assertThat(page.split(said("page.quarantine.dayOf", 13, 30).pattern(), -1))
                .hasSize(3);
        page = body(Pelluna.post(
                at("/arrivals/quarantine/" + found(page, "/quarantine/(\\d+)/look") + "/look"),
                Map.of("eats", "true", "spots", "true")));
        assertThat(page.split(said("page.quarantine.dayOf", 1, 30).pattern(), -1))
                .hasSize(3);
    }

    @Test
    void noCopperNoDoseIsEverGiven() {
        assertThat(page("/arrivals/quarantine"))
                .containsPattern(said("page.quarantine.whatToTreatWithAndHow"))
                .containsPattern(said("page.quarantine.noWaterNetOrRockThat"))
                .doesNotContain("mg/L copper")
                .doesNotContain("ppm");
    }

    @Test
    void whoIsToLeaveStandsInPlanLanesAndCalendar() {
        String page = page("/arrivals/leaving?fish=" + Pelluna.fish(tank, "r#0"));
        assertThat(page).containsPattern(said("page.leaving.whatThatChanges"));
        LocalDate day = TODAY.plusDays(200);
        hand("leaves", "r#0", Map.of("on", day.toString(), "why", "they guard the whole left side"));
        assertThat(page("/arrivals/leaving?fish=" + Pelluna.fish(tank, "r#0")))
                .contains("they guard the whole left side");
        assertThat(Pelluna.get(at("/plan.json")).body())
                .contains("\"leavesOn\"")
                .contains(day.toString());
        assertThat(Pelluna.get(at("/calendar.ics")).body()).contains("leave");
        hand("leaves", "r#0", Map.of("on", ""));
        assertThat(Pelluna.get(at("/plan.json")).body()).doesNotContain("leavesOn");
    }

    @Test
    void theCalendarIsReadByAnotherLibraryAndItsLinkOpensAndCloses() throws Exception {
        HttpResponse<String> file = Pelluna.get(at("/calendar.ics"));
        assertThat(file.headers().firstValue("Content-Type").orElse("")).startsWith("text/calendar");
        Calendar calendar = new CalendarBuilder().build(new StringReader(file.body()));
        assertThat(calendar.validate().getEntries())
                .as("RFC 5545, as ical4j reads it")
                .isEmpty();
        List<VEvent> events = calendar.getComponents("VEVENT");
        assertThat(events)
                .extracting(e -> e.getUid().orElseThrow().getValue())
                .doesNotHaveDuplicates()
                .hasSizeGreaterThan(15);
        for (LocalDate release : lanes().values()) {
            assertThat(events).anySatisfy(e -> {
                assertThat(e.getDateTimeStart().getDate()).isEqualTo(release);
                assertThat(e.getSummary().getValue()).containsPattern("^" + said("page.arrivals.release"));
            });
        }
        String page = body(Pelluna.post(at("/calendar/open"), Map.of()));
        String link = found(page, "id=\"calendar-link\"[^>]*value=\"http://[^/]*(/calendar/[\\w-]{30,}\\.ics)\"");
        assertThat(new CalendarBuilder()
                        .build(new StringReader(Pelluna.get(link).body()))
                        .getComponents("VEVENT"))
                .hasSameSizeAs(events);
        Pelluna.passes(Duration.ofMinutes(3));
        assertThat(page("/arrivals/list")).doesNotContain("/calendar/" + link.replaceFirst(".*/", ""));
        Pelluna.post(at("/calendar/open"), Map.of());
        assertThat(Pelluna.get(link).statusCode()).isEqualTo(404);
        Pelluna.post(at("/calendar/close"), Map.of());
        assertThat(Pelluna.get("/calendar/null.ics").statusCode()).isEqualTo(404);
    }

    @Test
    void pricesAreTheKeepersOwnAndAddUp() {
        assertThat(page("/arrivals/upkeep")).containsPattern(said("page.arrivals.noPriceOfAFishIsKnown"));
        hand("price-of", "w#0", Map.of("price", "45,50"));
        hand("price-of", "w#1", Map.of("price", "100"));
        assertThat(page("/arrivals/upkeep"))
                .containsPattern(said("page.arrivals.theFishCost"))
                .containsPattern(said("page.arrivals.theFishCostWithout"));
        assertThat(hand("price-of", "w#0", Map.of("price", "dear"))).containsPattern(said("app.shell.NoPrice"));
        String page = body(Pelluna.post(
                at("/arrivals/prices"), Map.of("currency", "fl", "salt", "4", "food", "12", "sheet", "0.5")));
        assertThat(page).contains(" fl</td>").doesNotContainPattern(said("page.arrivals.needsYourPrices"));
        assertThat(body(Pelluna.post(at("/arrivals/prices"), Map.of("salt", "-4"))))
                .containsPattern(said("app.arrivals.NoPrice"));
        Pelluna.post(at("/arrivals/prices"), Map.of());
        assertThat(page("/arrivals/upkeep")).containsPattern(said("page.arrivals.needsYourPrices"));
    }

    @Test
    void aRestockIsAPlanOfItsOwnAndCanBeTakenBack() {
        String before = Pelluna.get(at("/plan.json")).body();
        String page = body(Pelluna.post(
                at("/arrivals/restock"),
                Map.of(
                        "from",
                        TODAY.minusDays(60).toString(),
                        "until",
                        TODAY.plusDays(16).toString(),
                        "back",
                        "true")));
        assertThat(page)
                .containsPattern(said("arrivals.FilterAsleep"))
                .containsPattern(said("arrivals.Kind.SKIMMER_ON"))
                .containsPattern(said("arrivals.Kind.SEED_MICROFAUNA"))
                .contains("common clownfish");
        assertThat(lanes()).hasSize(5);
        assertThat(List.copyOf(lanes().values()).get(0)).isAfterOrEqualTo(TODAY.plusDays(16));
        assertThat(Pelluna.get(at("/calendar.ics")).body()).containsPattern(said("arrivals.Kind.SKIMMER_ON"));
        assertThat(body(Pelluna.post(
                        at("/arrivals/restock"),
                        Map.of(
                                "from",
                                TODAY.toString(),
                                "until",
                                TODAY.minusDays(3).toString()))))
                .containsPattern(said("app.arrivals.NotSo"));
        Pelluna.post(at("/arrivals/undo"), Map.of());
        assertThat(Pelluna.get(at("/plan.json")).body()).isEqualTo(before);
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "/arrivals",
                "/arrivals/quarantine",
                "/arrivals/leaving",
                "/arrivals/list",
                "/arrivals/upkeep",
                "/arrivals/restock"
            })
    void everyPageStandsForATankWithoutFish(String path) {
        long empty = Pelluna.tank("Empty");
        assertThat(body(Pelluna.get("/tanks/" + empty + path))).contains("<h1>");
    }
}
