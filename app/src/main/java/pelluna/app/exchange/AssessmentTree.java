package pelluna.app.exchange;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import pelluna.core.arrivals.Dated;
import pelluna.core.assessment.Assessment;
import pelluna.core.capacity.Lens;
import pelluna.core.plan.Party;
import pelluna.core.sieve.Assumed;
import pelluna.core.sieve.Figure;
import pelluna.core.sieve.Finding;
import pelluna.core.sieve.Verdict;
import pelluna.core.tank.Tank;
import pelluna.core.tension.Eaten;
import pelluna.core.tension.Tension;
import pelluna.words.Measures;
import pelluna.words.Words;

/** An assessment as the tree of its open format; fields and words as docs/plan-file.md has them. */
public final class AssessmentTree {
    private final Words say;

    private AssessmentTree(Words say) {
        this.say = say;
    }

    public static Map<String, Object> of(Assessment a, Words say) {
        return new AssessmentTree(say).tree(a);
    }

    private Map<String, Object> tree(Assessment a) {
        Map<String, Object> tree = map(
                "pelluna",
                1,
                "tank",
                tank(a),
                "sieve",
                a.sieve().stream().map(this::verdict).toList(),
                "tension",
                a.tension().stream().map(this::tension).toList(),
                "eaten",
                a.eaten().stream().map(this::eaten).toList(),
                "capacity",
                map(
                        "binding",
                        a.capacity().binding().kind().word(),
                        "left",
                        say.of(a.capacity().left()),
                        "lenses",
                        a.capacity().lenses().stream().map(this::lens).toList()),
                "arrivals",
                map(
                        "cost",
                        one(a.arrivals().cost()),
                        "bound",
                        one(a.arrivals().bound()),
                        "exact",
                        a.arrivals().exact(),
                        "steps",
                        a.arrivals().steps().stream().map(this::step).toList()),
                "bestSet",
                map(
                        "take",
                        a.bestSet().take().stream().map(AssessmentTree::name).toList(),
                        "leave",
                        a.bestSet().leave().entrySet().stream()
                                .map(e -> map(
                                        "species",
                                        name(e.getKey()),
                                        "because",
                                        say.of(e.getValue().because())))
                                .toList(),
                        "proved",
                        a.bestSet().proved()));
        a.stopped().ifPresent(s -> tree.put("stopped", say.of(s)));
        return tree;
    }

    private Map<String, Object> tank(Assessment a) {
        Tank tank = a.plan().tank();
        Map<String, Object> tree = map(
                "grossLitres",
                one(tank.volume().grossLitres()),
                "netLitres",
                one(tank.netLitres()),
                "runCm",
                one(tank.runCm()));
        if (tank.ageKnown()) {
            tree.put("ageDays", tank.ageDays(a.plan().startOn()));
        }
        tree.put(
                "assumed",
                tank.unsaid().stream()
                        .map(u -> map(
                                "figure",
                                u.word(),
                                "as",
                                say.of(u.assumed(tank)),
                                "decides",
                                a.sieve().stream()
                                        .filter(v -> Assumed.on(u, v))
                                        .map(v -> name(v.wish()))
                                        .toList()))
                        .toList());
        return tree;
    }

    private Map<String, Object> verdict(Verdict v) {
        Map<String, Object> tree = map(
                "species",
                name(v.wish()),
                "count",
                v.wish().count(),
                "outcome",
                v.outcome().word(),
                "fitsIf",
                v.fitsIf().stream().map(say::of).toList());
        if (v.wish().hand().risk().taken()) {
            tree.put("atOwnRisk", v.wish().hand().risk().word());
        }
        tree.put("findings", v.findings().stream().map(this::finding).toList());
        return tree;
    }

    private Map<String, Object> finding(Finding f) {
        Map<String, Object> tree = map(
                "rule",
                f.rule().word(),
                "step",
                f.step().word(),
                "needs",
                figure(f.needs()),
                "has",
                figure(f.has()),
                "unit",
                f.unit().word(),
                "reason",
                say.of(f.reason()),
                "remedy",
                say.of(f.remedy().condition()),
                "source",
                say.of(f.source()));
        f.schools()
                .ifPresent(s -> tree.put(
                        "schools", map("bold", s.bold(), "customary", s.customary(), "cautious", s.cautious())));
        return tree;
    }

    private static Object figure(Figure figure) {
        return figure.number().isPresent() ? (Object) figure.number().getAsDouble() : figure.word();
    }

    private Map<String, Object> tension(Tension t) {
        List<Map<String, Object>> reasons = new ArrayList<>();
        t.reasons()
                .forEach(r -> reasons.add(map(
                        r.driver() ? "driver" : "factor",
                        r.force().word(),
                        "effect",
                        Measures.round(r.effect(), 3),
                        "says",
                        say.of(r.why()))));
        Map<String, Object> tree = map(
                "aggressor",
                name(t.aggressor()),
                "target",
                name(t.target()),
                "index",
                one(t.index()),
                "step",
                t.step().word());
        t.range().ifPresent(r -> tree.put("individuals", List.of(one(r.low()), one(r.high()))));
        tree.put("reasons", reasons);
        return tree;
    }

    private Map<String, Object> eaten(Eaten e) {
        return map(
                "eater",
                name(e.eater()),
                "eaten",
                e.eaten(),
                "from",
                e.from().toString(),
                "reason",
                say.of(e.reason()));
    }

    private Map<String, Object> lens(Lens l) {
        return map(
                "lens",
                l.kind().word(),
                "used",
                Measures.round(l.used(), 2),
                "limit",
                Measures.round(l.limit(), 2),
                "unit",
                l.unit().word(),
                "step",
                l.step().word(),
                "says",
                say.of(l.why()));
    }

    private Map<String, Object> step(Dated d) {
        Map<String, Object> tree = map(
                "position",
                d.position(),
                "fish",
                d.arrival().parties().stream()
                        .map(p -> map("species", name(p), "count", p.count()))
                        .toList());
        d.quarantineFrom().ifPresent(day -> tree.put("quarantineFrom", day.toString()));
        if (d.boxed()) {
            tree.put("boxFrom", d.boxFrom().toString());
        }
        if (d.needs() > 0) {
            tree.put("places", map("needs", d.needs(), "has", d.has()));
        }
        d.anew()
                .ifPresent(n -> tree.put(
                        "groundAnew",
                        map(
                                "out",
                                n.out().toString(),
                                "back",
                                n.back().toString(),
                                "rivals",
                                n.rivals().stream().map(AssessmentTree::name).toList(),
                                "places",
                                map("needs", n.needs(), "has", n.has()))));
        tree.putAll(
                map("releaseOn", d.releaseOn().toString(), "method", d.method().word(), "why", say.sentences(d.why())));
        return tree;
    }

    private static String name(Party p) {
        return p.species().scientificName();
    }

    private static double one(double value) {
        return Measures.round(value, 1);
    }

    private static Map<String, Object> map(Object... pairs) {
        Map<String, Object> map = new LinkedHashMap<>();
        for (int i = 0; i < pairs.length; i += 2) {
            map.put((String) pairs[i], pairs[i + 1]);
        }
        return map;
    }
}
