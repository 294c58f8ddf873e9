package pelluna.app.log;

import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import pelluna.app.account.OwnedTank;
import pelluna.app.fish.Individuals;
import pelluna.app.limits.LimitRefusal;
import pelluna.app.limits.Moments;
import pelluna.app.limits.Numbers;
import pelluna.app.limits.Refusal;
import pelluna.app.limits.Refused;
import pelluna.app.limits.Takes;
import pelluna.app.planning.TankPlans;
import pelluna.core.behaviour.EventType;
import pelluna.core.sighting.SentenceReader;
import pelluna.core.sighting.Sighting;
import pelluna.core.units.Named;

/** Takes lines for the log: by taps, typed, from a phone that was offline for a while; and takes them back. */
@Controller
class SightingController {
    private final TankPlans plans;
    private final Individuals fish;
    private final LogBook log;
    private final Sentences sentences;

    SightingController(TankPlans plans, Individuals fish, LogBook log, Sentences sentences) {
        this.plans = plans;
        this.fish = fish;
        this.log = log;
        this.sentences = sentences;
    }

    /**
     * A sentence from taps: {@code fish, doing, other, x, y, gravity, times, note}; {@code at} in milliseconds since
     * 1970, {@code key} made by the window.
     */
    @PostMapping("/tanks/{id}/log/sighting")
    ResponseEntity<String> sighting(
            OwnedTank tank,
            @Takes({"fish", "doing", "other", "times", "gravity", "x", "y", "note", "at"}) @RequestParam
                    Map<String, String> form) {
        return answer(tank, form, () -> {
            EventType doing = Named.find(EventType.class, form.getOrDefault("doing", ""))
                    .orElseThrow(() -> new Refused(new LogRefusal.WhatDidItDo()));
            log.write(
                    tank,
                    new Observation(
                            Moments.of(form, log.now()),
                            doing,
                            whole(form, "fish"),
                            doing.toAnother() ? whole(form, "other") : null,
                            share(form, "x"),
                            share(form, "y"),
                            form.getOrDefault("gravity", "").isBlank()
                                    ? doing.gravity()
                                    : Numbers.whole(form.get("gravity")),
                            form.getOrDefault("times", "").isBlank() ? 1 : Numbers.whole(form.get("times")),
                            form.get("note"),
                            key(form)));
        });
    }

    /** 'angel chased wrasse x3 left cave'. */
    @PostMapping("/tanks/{id}/log/typed")
    ResponseEntity<String> typed(OwnedTank tank, @Takes({"text", "at"}) @RequestParam Map<String, String> form) {
        String text = form.getOrDefault("text", "").strip();
        return answer(tank, form, () -> {
            SentenceReader.Reading reading =
                    sentences.reader(plans.open(tank), fish.there(tank)).read(text);
            Sighting s = reading.sighting()
                    .orElseThrow(() -> new Refused(
                            new LogRefusal.NotUnderstood(reading.problem().orElseThrow())));
            log.write(
                    tank,
                    new Observation(
                            Moments.of(form, log.now()),
                            s.doing(),
                            s.who().map(Long::valueOf).orElse(null),
                            s.whom().map(Long::valueOf).orElse(null),
                            s.where().map(Sighting.Spot::x).orElse(null),
                            s.where().map(Sighting.Spot::y).orElse(null),
                            s.gravity(),
                            s.times(),
                            s.note(),
                            key(form)));
        });
    }

    /** Takes a line back, by its number. */
    @PostMapping("/tanks/{id}/log/back")
    ResponseEntity<String> back(OwnedTank tank, @Takes({"entry"}) @RequestParam Map<String, String> form) {
        return answer(tank, form, () -> {
            Long entry = whole(form, "entry");
            if (entry == null) {
                log.takeBackLast(tank);
            } else {
                log.takeBack(tank, entry);
            }
        });
    }

    /** @param what begin, end, or toggle */
    @PostMapping("/tanks/{id}/log/watch")
    ResponseEntity<String> watch(
            OwnedTank tank, @RequestParam String what, @Takes({"at"}) @RequestParam Map<String, String> form) {
        return answer(tank, form, () -> {
            boolean end = what.equals("end")
                    || what.equals("toggle") && log.running(tank).isPresent();
            if (end) {
                log.end(tank, Moments.of(form, log.now()));
            } else {
                log.begin(tank, Moments.of(form, log.now()), key(form));
            }
        });
    }

    /** For a script a bare answer, otherwise back to the page. */
    private ResponseEntity<String> answer(OwnedTank tank, Map<String, String> form, Runnable task) {
        if (!form.containsKey("quiet")) {
            task.run();
            return ResponseEntity.status(HttpStatus.SEE_OTHER)
                    .header(HttpHeaders.LOCATION, "/tanks/" + tank + "/log")
                    .build();
        }
        try {
            task.run();
        } catch (NumberFormatException e) {
            return refused(new LimitRefusal.NoNumber());
        } catch (Refused e) {
            return refused(e.why());
        }
        return ResponseEntity.noContent().build();
    }

    private ResponseEntity<String> refused(Refusal why) {
        return ResponseEntity.status(HttpStatus.UNPROCESSABLE_CONTENT)
                .contentType(new MediaType("text", "plain", StandardCharsets.UTF_8))
                .body(plans.words().of(why));
    }

    private static String key(Map<String, String> form) {
        String key = form.getOrDefault("key", "");
        return key.isBlank() ? null : key;
    }

    private static Long whole(Map<String, String> form, String name) {
        String typed = form.getOrDefault(name, "");
        return Numbers.row(typed);
    }

    private static Double share(Map<String, String> form, String name) {
        String typed = form.getOrDefault(name, "");
        if (typed.isBlank()) {
            return null;
        }
        return Math.max(0, Math.min(1, Numbers.finite(typed)));
    }
}
