package pelluna.app.introduction;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import pelluna.app.drawing.FishDrawing;
import pelluna.app.fish.Fish;
import pelluna.app.fish.PartyOfFish;
import pelluna.app.planning.OpenTank;
import pelluna.core.catalogue.Species;
import pelluna.core.introduction.SeeThroughBox;
import pelluna.core.plan.Party;
import pelluna.core.tank.Tank;
import pelluna.core.tension.Tension;
import pelluna.core.units.Step;
import pelluna.words.Words;

/** What the page on introduction in says often. */
final class IntroductionWords {
    private final OpenTank opened;
    private final ZoneId zone;

    IntroductionWords(OpenTank opened, ZoneId zone) {
        this.opened = opened;
        this.zone = zone;
    }

    public String at(Instant when) {
        return when(LocalDateTime.ofInstant(when, zone));
    }

    public String day(Instant when) {
        return opened.say().shortDate(LocalDate.ofInstant(when, zone));
    }

    public String picture(Species s) {
        return FishDrawing.img(s, 84);
    }

    public String when(LocalDateTime at) {
        return at == null ? "" : opened.say().days().moment(at);
    }

    public String since(LocalDateTime at, LocalDateTime now) {
        long hours = Duration.between(at, now).toHours();
        return hours < 48
                ? opened.say().text("page.introduction.hours", (int) hours)
                : opened.say().text("page.introduction.days", (int) (hours / 24));
    }

    public String box(SeeThroughBox box) {
        Words say = opened.say();
        return opened.say().number(opened.say().lengthValue(box.lengthCm())) + " × "
                + opened.say().number(opened.say().lengthValue(box.widthCm())) + " × "
                + opened.say().length(box.heightCm());
    }

    public String length(double cm) {
        return opened.say().number(Math.ceil(opened.say().lengthValue(cm)));
    }

    /** What stands against a box for a fish of this tank. */
    public List<String> against(SeeThroughBox box, Fish f) {
        return against(
                box,
                PartyOfFish.of(opened, f)
                        .flatMap(opened.plan()::party)
                        .map(p -> p.lengthOn(opened.plan().startOn()))
                        .orElse(f.species().usualShopCm()),
                f.count());
    }

    public List<String> against(SeeThroughBox box, double fishCm, int count) {
        Tank tank = opened.plan().tank();
        SeeThroughBox.Inside inside =
                new SeeThroughBox.Inside(tank.lengthCm(), tank.widthCm(), tank.frontHeightCm() - tank.sandDepthCm());
        return box.against(fishCm, count, inside).stream().map(opened.say()::of).toList();
    }

    /** Who lives here and presses it hardest, from Ripple on. */
    static Optional<String> boss(OpenTank opened, String party) {
        return hardest(opened, party)
                .filter(t -> t.step() != Step.CALM)
                .map(t ->
                        opened.say().text("page.introduction.the", t.aggressor().species()));
    }

    private static Optional<Tension> hardest(OpenTank opened, String party) {
        return opened.assessment().tension().stream()
                .filter(t -> t.target().id().equals(party) && t.aggressor().resident())
                .max(Comparator.comparingDouble((Tension t) -> t.index()));
    }

    /** Where the box goes: in sight of the boss, beside its ground rather than on it. */
    static String boxPlace(OpenTank opened, String party) {
        Optional<Tension> hardest = hardest(opened, party).filter(t -> t.step() != Step.CALM);
        if (hardest.isEmpty()) {
            return opened.say().text("page.introduction.nobodyHerePressesItToSpeakOf");
        }
        Party boss = hardest.get().aggressor();
        double share = opened.ahead().outlook().homes().of(boss).xCm()
                / opened.plan().tank().lengthCm();
        String side = share < 1 / 3.0
                ? opened.say().text("page.introduction.theLeft")
                : share > 2 / 3.0
                        ? opened.say().text("page.introduction.theRight")
                        : opened.say().text("page.introduction.theMiddle");
        String other = share < 0.5
                ? opened.say().text("page.introduction.justRightOfIt")
                : opened.say().text("page.introduction.justLeftOfIt");
        return opened.say().text("page.introduction.theHoldsGroundAtHangTheBox", boss.species(), side, other);
    }
}
