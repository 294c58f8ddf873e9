package pelluna.app.exchange;

import java.time.LocalDate;
import java.util.List;
import pelluna.core.arrivals.Dated;
import pelluna.core.assessment.Assessment;
import pelluna.core.capacity.Lens;
import pelluna.core.capacity.LensKind;
import pelluna.core.introduction.Method;
import pelluna.core.plan.Party;
import pelluna.core.plan.Risk;
import pelluna.core.sieve.Assumed;
import pelluna.core.sieve.Figure;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.RuleName;
import pelluna.core.sieve.Verdict;
import pelluna.core.tank.Tank;
import pelluna.core.tension.Eaten;
import pelluna.core.tension.Force;
import pelluna.core.tension.Tension;
import pelluna.core.units.Rounding;
import pelluna.core.units.Step;
import pelluna.core.units.Unit;
import pelluna.words.Words;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;

/** An assessment in its open format; fields and words as docs/plan-file.md has them, null for what is left out. */
public record AssessmentFile(
        int pelluna,
        TankPart tank,
        List<VerdictPart> sieve,
        List<TensionPart> tension,
        List<EatenPart> eaten,
        CapacityPart capacity,
        ArrivalsPart arrivals,
        BestSetPart bestSet,
        String stopped) {
    private static final int FORMAT = 1;

    record TankPart(double grossLitres, double netLitres, double runCm, Long ageDays, List<AssumedPart> assumed) {}

    record AssumedPart(String figure, String as, List<String> decides) {}

    record VerdictPart(
            String species,
            int count,
            Verdict.Outcome outcome,
            List<String> fitsIf,
            Risk atOwnRisk,
            List<FindingPart> findings) {}

    record FindingPart(
            RuleName rule,
            Step step,
            JsonNode needs,
            JsonNode has,
            Unit unit,
            String reason,
            String remedy,
            String source,
            SchoolsPart schools) {}

    record SchoolsPart(double bold, double customary, double cautious) {}

    record TensionPart(
            String aggressor,
            String target,
            double index,
            Step step,
            List<Double> individuals,
            List<ReasonPart> reasons) {}

    /** Either a driver or a factor. */
    record ReasonPart(Force driver, Force factor, double effect, String says) {}

    record EatenPart(String eater, String eaten, LocalDate from, String reason) {}

    record CapacityPart(LensKind binding, String left, List<LensPart> lenses) {}

    record LensPart(LensKind lens, double used, double limit, Unit unit, Step step, String says) {}

    record ArrivalsPart(double cost, double bound, boolean exact, List<StepPart> steps) {}

    record StepPart(
            int position,
            List<FishPart> fish,
            LocalDate quarantineFrom,
            LocalDate boxFrom,
            PlacesPart places,
            GroundAnewPart groundAnew,
            LocalDate releaseOn,
            Method method,
            String why) {}

    record FishPart(String species, int count) {}

    record PlacesPart(int needs, int has) {}

    record GroundAnewPart(LocalDate out, LocalDate back, List<String> rivals, PlacesPart places) {}

    record BestSetPart(List<String> take, List<LeftPart> leave, boolean proved) {}

    record LeftPart(String species, String because) {}

    public static AssessmentFile of(Assessment a, Words say) {
        return new Writer(say).file(a);
    }

    private record Writer(Words say) {
        AssessmentFile file(Assessment a) {
            return new AssessmentFile(
                    FORMAT,
                    tank(a),
                    a.sieve().stream().map(this::verdict).toList(),
                    a.tension().stream().map(this::tension).toList(),
                    a.eaten().stream().map(this::eaten).toList(),
                    new CapacityPart(
                            a.capacity().binding().kind(),
                            say.of(a.capacity().left()),
                            a.capacity().lenses().stream().map(this::lens).toList()),
                    new ArrivalsPart(
                            one(a.arrivals().cost()),
                            one(a.arrivals().bound()),
                            a.arrivals().exact(),
                            a.arrivals().steps().stream().map(this::step).toList()),
                    new BestSetPart(
                            names(a.bestSet().take()),
                            a.bestSet().leave().entrySet().stream()
                                    .map(e -> new LeftPart(
                                            name(e.getKey()),
                                            say.of(e.getValue().because())))
                                    .toList(),
                            a.bestSet().proved()),
                    a.stopped().map(say::of).orElse(null));
        }

        private TankPart tank(Assessment a) {
            Tank tank = a.plan().tank();
            return new TankPart(
                    one(tank.volume().grossLitres()),
                    one(tank.netLitres()),
                    one(tank.runCm()),
                    tank.ageKnown() ? tank.ageDays(a.plan().startOn()) : null,
                    tank.unsaid().stream()
                            .map(u -> new AssumedPart(
                                    u.word(),
                                    say.of(u.assumed(tank)),
                                    a.sieve().stream()
                                            .filter(v -> Assumed.on(u, v))
                                            .map(v -> name(v.wish()))
                                            .toList()))
                            .toList());
        }

        private VerdictPart verdict(Verdict v) {
            Risk risk = v.wish().hand().risk();
            return new VerdictPart(
                    name(v.wish()),
                    v.wish().count(),
                    v.outcome(),
                    v.fitsIf().stream().map(say::of).toList(),
                    risk.taken() ? risk : null,
                    v.findings().stream().map(this::finding).toList());
        }

        private FindingPart finding(Finding f) {
            return new FindingPart(
                    f.rule(),
                    f.step(),
                    figure(f.needs()),
                    figure(f.has()),
                    f.unit(),
                    say.of(f.reason()),
                    say.of(f.remedy().condition()),
                    say.of(f.source()),
                    f.schools()
                            .map(s -> new SchoolsPart(s.bold(), s.customary(), s.cautious()))
                            .orElse(null));
        }

        private TensionPart tension(Tension t) {
            return new TensionPart(
                    name(t.aggressor()),
                    name(t.target()),
                    one(t.index()),
                    t.step(),
                    t.range().map(r -> List.of(one(r.low()), one(r.high()))).orElse(null),
                    t.reasons().stream()
                            .map(r -> new ReasonPart(
                                    r.driver() ? r.force() : null,
                                    r.driver() ? null : r.force(),
                                    Rounding.to(3, r.effect()),
                                    say.of(r.why())))
                            .toList());
        }

        private EatenPart eaten(Eaten e) {
            return new EatenPart(name(e.eater()), e.eaten(), e.from(), say.of(e.reason()));
        }

        private LensPart lens(Lens l) {
            return new LensPart(
                    l.kind(), Rounding.to(2, l.used()), Rounding.to(2, l.limit()), l.unit(), l.step(), say.of(l.why()));
        }

        private StepPart step(Dated d) {
            return new StepPart(
                    d.position(),
                    d.arrival().parties().stream()
                            .map(p -> new FishPart(name(p), p.count()))
                            .toList(),
                    d.quarantineFrom().orElse(null),
                    d.boxed() ? d.boxFrom() : null,
                    d.needs() > 0 ? new PlacesPart(d.needs(), d.has()) : null,
                    d.anew()
                            .map(n -> new GroundAnewPart(
                                    n.out(), n.back(), names(n.rivals()), new PlacesPart(n.needs(), n.has())))
                            .orElse(null),
                    d.releaseOn(),
                    d.method(),
                    say.sentences(d.why()));
        }
    }

    private static JsonNode figure(Figure figure) {
        return figure.number().isPresent()
                ? JsonNodeFactory.instance.numberNode(figure.number().getAsDouble())
                : JsonNodeFactory.instance.stringNode(figure.word());
    }

    private static List<String> names(List<Party> parties) {
        return parties.stream().map(AssessmentFile::name).toList();
    }

    private static String name(Party p) {
        return p.species().scientificName();
    }

    private static double one(double value) {
        return Rounding.to(1, value);
    }
}
